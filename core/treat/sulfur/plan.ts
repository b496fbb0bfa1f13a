import { decisionKey } from '../../casefile/decisions';
import type { Application, Proposal, Treated, TreatmentCaution } from '../shared/treated';
import type { SulfurMaterialRow, SulfurTreatment } from './types';
import { standStill } from './water';
import type { TreatInput } from '../shared/input';
import type { DateRequest, DatesOf } from '../../schedule/requests';
import { bagsFor, splitDoses, type DoseSet } from '../../schedule/dosing/doses';
import { FIRST_AIM, SULFUR_SEASONS, SULFUR_SOIL_OF, type SulfurSoil } from '../../tables/sulfur';
import type { Texture } from '../../tables/lime/byTexture';
import { perHundredToPerThousand } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { poisons, sulfurMaterials, sulfurProduct } from './bag';
import { insteadOf } from './alternatives';
import { atMost, capOf, leftOfYear } from './caps';
import { chosenSchool, sulfurOptions } from './schools';
import type { SulfurOption } from './schools/school';
import { afterWarmSeason, pastSulfur, waitsUntil, type PastSulfur } from './past';
import { keptOf } from '../../site/diary';
import { doneOf } from '../shared/done';
import { frozenDays } from '../shared/closed';
import { pinsOf } from '../shared/pins';
import { worthIt } from './feasibility';
import { PART_OF_THE_WAY } from '../../equations/soil/partOfTheWay';
import { percentMore } from '../../equations/shares';

type Ph = Figure<Quantity<'pH', 'water'>>;
type SulfurRate = Figure<Quantity<'lb/1000ft2', 'S'>>;

/** Of a pH with a range the lower end, at which less sulfur is needed. */
function forSulfur(ctx: PlanContext, { area, readings }: TreatInput): Ph {
  const { waterPh } = readings;
  if ('absent' in waterPh || !waterPh.range) return waterPh;
  const entry = { id: `${area.id}/sulfur/ph-lower`, label: msg('sulfur.phLower') };
  return ctx.sheet.lowEnd(entry, waterPh);
}

/** What is aimed at first: the upper middle of the range; more comes after a test. */
function aimOf(ctx: PlanContext, { area, goal }: TreatInput): Ph {
  const { low, high } = goal.edges;
  const share = ctx.constant(
    { id: `${area.id}/sulfur/aim-share`, label: msg('sulfur.aimShare'), source: 'practice' },
    FIRST_AIM,
    'ratio',
    'share',
  );
  return ctx.sheet.equation(
    { id: `${area.id}/sulfur/target`, label: msg('sulfur.target') },
    PART_OF_THE_WAY,
    [low, high, share],
  );
}

/** An amount of the advisor's own in all, lb/100 ft²; it needs a reason. Nothing where none is typed. */
function ownGross(
  ctx: PlanContext,
  { file, area }: TreatInput,
  gross: SulfurRate,
): { readonly rate: SulfurRate; readonly reason: string } | undefined {
  const decision = file.decisions['sulfur-own'];
  if (!decision || decision.value.trim() === '') return undefined;
  const at = `decisions/${decisionKey(area.id, 'sulfur-own')}/value`;
  const entry = { id: `${area.id}/sulfur/own`, label: msg('sulfur.own'), at };
  const reason = decision.reason.trim();
  if (reason === '') {
    const absent = { ...entry, id: `${entry.id}/rate` };
    return { rate: ctx.sheet.absent(absent, msg('absent.ownWithoutReason')), reason };
  }
  const override = { reason, replaces: gross.id };
  const typed = ctx.number(
    { ...entry, override },
    decision.value,
    { min: 0, max: 20 },
    'lb/100ft2',
    'S',
    'decided',
  );
  const rate = ctx.sheet.derive(
    'convert',
    { id: `${entry.id}/rate`, label: msg('sulfur.own') },
    [typed],
    perHundredToPerThousand,
  );
  return { rate, reason };
}

/** The kind of soil that the sulfur goes by; nothing where nobody told the texture. */
function soilOf({ readings }: TreatInput): (typeof SULFUR_SOIL_OF)[Texture] | undefined {
  return readings.texture && SULFUR_SOIL_OF[readings.texture];
}

function isNothing(rate: SulfurRate): boolean {
  return !('absent' in rate) && rate.value.value === 0;
}

/** A dose, or why there is none: what the soil says, what is still at work, what nobody has told. */
function verdictOf(
  input: TreatInput,
  soil: SulfurSoil | undefined,
  gross: SulfurRate,
  past: PastSulfur,
  left: SulfurRate,
): Pick<SulfurTreatment, 'verdict' | 'why'> {
  const { waterPh } = input.readings;
  const ph = 'absent' in waterPh ? 0 : waterPh.value.value;
  const refused = worthIt(input.file, ph);
  if (refused) return refused;
  const until = waitsUntil(input, past, left);
  if (until) return { verdict: 'wait', why: msg('sulfur.why.wait', { date: { date: until } }) };
  if (past.rate && 'absent' in past.rate) {
    return { verdict: 'ask', why: msg('sulfur.why.past', { why: past.rate.absent }) };
  }
  if (isNothing(left)) return { verdict: 'wait', why: msg('sulfur.why.full') };
  if (!soil) return { verdict: 'ask', why: msg('sulfur.why.texture') };
  if ('absent' in gross) {
    return { verdict: 'ask', why: msg('sulfur.why.absent', { why: gross.absent }) };
  }
  if (isNothing(gross)) return { verdict: 'none', why: msg('sulfur.why.none') };
  return { verdict: 'dose', why: undefined };
}

/** The one dose of a material, before its day is known. */
function oneDose(
  ctx: PlanContext,
  { file, area, ground }: TreatInput,
  { id, rate, bag, most: own }: SulfurMaterialRow,
  cap: SulfurRate,
): SulfurTreatment['set'] {
  const at = `${area.id}/sulfur`;
  const entry = { id: `${at}/cap/product`, label: msg('sulfur.capProduct') };
  const most = sulfurProduct(ctx, entry, cap, bag, own);
  return splitDoses(ctx, `${at}/dose`, rate, most, ground.extent, {
    bag: bag.size,
    density: bag.density,
    parts: ground.known ? ground.parts : undefined,
    done: doneOf(ctx, file, at, id, ground.extent, 1),
  });
}

/** The bags that the one dose takes. */
function bagsToBuy(
  ctx: PlanContext,
  at: string,
  [amount]: SulfurTreatment['set']['doses'],
  { bag }: SulfurMaterialRow,
): SulfurTreatment['bagsToBuy'] {
  const pounds =
    amount?.printed ??
    ctx.sheet.absent({ id: `${at}/none`, label: msg('dose.firmTotal') }, msg('absent.noDoses'));
  return bagsFor(ctx, `${at}/bags-to-buy`, pounds, bag.size);
}

/**
 * Whether sulfur is a question at all: acid-loving plants above their range, or others where the advisor asks for it; on
 * soil that tables of soils speak of.
 */
function isAskedFor({ file, goal, ground, readings }: TreatInput): boolean {
  const { waterPh, organic } = readings;
  if (goal.conflict || organic || ground.parts?.kind === 'container') return false;
  if (!goal.acid && file.decisions['sulfur-wanted']?.value !== 'yes') return false;
  return !('absent' in waterPh) && waterPh.value.value > goal.window.high;
}

function digestOf(
  { verdict }: Pick<SulfurTreatment, 'verdict'>,
  id: string,
  { total }: DoseSet,
): string {
  return [verdict, id, 'absent' in total ? '' : total.value.value.toFixed(2)].join(' ');
}

/**
 * The sulfur of ground whose plants want a sourer soil: whether it can work, how much in all by each school, and the
 * one dose that is safe now. More is never promised: it waits for a test after warm months.
 * @returns nothing where no acid-loving plant stands above its range, or where plants are at odds
 */
export function planSulfur(
  ctx: PlanContext,
  input: TreatInput,
): Proposal<SulfurTreatment> | undefined {
  if (!isAskedFor(input)) return undefined;
  const { file, area, materials, readings } = input;
  const at = `${area.id}/sulfur`;
  const label = msg('sulfur.gross');
  const soil = soilOf(input);
  const ph = forSulfur(ctx, input);
  const target = aimOf(ctx, input);
  const options = soil
    ? sulfurOptions(ctx, area.id, {
        ...{ soil, ph, target, cec: readings.cec },
        learned: input.learned.sulfur?.unit,
      })
    : [];
  const by = file.decisions['sulfur-by'];
  const byReason = by && by.value !== '' ? by.reason.trim() : undefined;
  const bySchool =
    byReason === ''
      ? ctx.sheet.absent({ id: `${at}/no-reason`, label }, msg('absent.withoutReason'))
      : (chosenSchool(options, by?.value)?.gross ??
        ctx.sheet.absent({ id: `${at}/no-texture`, label }, msg('absent.noTexture'), [ph.id]));
  const own = ownGross(ctx, input, bySchool);
  const gross = own?.rate ?? bySchool;
  const past = pastSulfur(ctx, input);
  const cap = capOf(ctx, input, soil ?? 'sand');
  const left = leftOfYear(ctx, input, cap, past.rate);
  const judged = verdictOf(input, soil, gross, past, left);
  const need = judged.why
    ? ctx.sheet.absent({ id: `${at}/held`, label }, judged.why, [gross.id])
    : gross;
  const most = atMost(ctx, `${at}/cap/now`, msg('sulfur.capNow'), [cap, left]);
  const first = atMost(ctx, `${at}/first`, msg('sulfur.first'), [need, most]);
  const decided = file.decisions['sulfur-material']?.value;
  const fitting = materials.sulfur.filter((material) => !poisons(material, input.goal));
  const known = fitting.find(({ id }) => id === decided) ?? fitting[0];
  const rows = sulfurMaterials(ctx, input, first, known?.id ?? '');
  const chosen = rows.find((row) => row.chosen);
  if (!chosen) throw new Error('planSulfur: the materials hold no sulfur');
  const set = oneDose(ctx, input, chosen, most);
  const worked = {
    ...judged,
    set,
    bagsToBuy: bagsToBuy(ctx, at, set.doses, chosen),
    target,
    from: ph,
    options,
    bySchool,
    gross,
    ownMore: againstOwn(ctx, area.id, options, own?.rate),
    ownReason: own && own.reason !== '' ? own.reason : undefined,
    standStill: standStill(ctx, area.id, readings),
    instead: insteadOf(ctx, input),
    first,
    materials: rows,
    chosenMaterial: chosen,
    digest: digestOf(judged, chosen.id, set),
  };
  const { climate } = input;
  const request: DateRequest = {
    id: at,
    what: 'sulfur',
    pins: pinsOf(ctx, file, at, 1),
    earliest: input.planFrom,
    count: 1,
    seasons: SULFUR_SEASONS,
    closed: frozenDays(climate),
    interval: { months: 12 },
  };
  return { requests: [request], dated: (datesOf) => onDates(file, at, worked, datesOf, climate) };
}

/** The one dose on the day that the scheduler gave. */
function onDates(
  file: TreatInput['file'],
  id: string,
  worked: Omit<SulfurTreatment, keyof Treated<'sulfur'> | 'applications'> & {
    readonly digest: string;
  },
  datesOf: DatesOf,
  climate: TreatInput['climate'],
): SulfurTreatment {
  const { set, verdict, chosenMaterial: chosen } = worked;
  const [dated] = datesOf(id);
  const [amount] = set.doses;
  const key = `${id}/1`;
  const applications: Application[] =
    amount && dated ? [{ key, state: 'firm', amount, kept: keptOf(file, key), ...dated }] : [];
  const cautions: readonly TreatmentCaution[] = [
    'dust',
    ...(chosen.sulfate ? (['sulfate'] as const) : []),
    'localCode',
  ];
  return {
    kind: 'sulfur',
    step: 'ph',
    settledBy: 'sulfur-settled',
    stands: { 'sulfur-material': chosen.id },
    isDosed: verdict === 'dose',
    products: [
      {
        role: 'sulfur',
        key: 'sulfur',
        material: chosen,
        bag: chosen.bag.size,
        rate: chosen.rate,
        applications,
      },
    ],
    cautions: verdict === 'dose' ? cautions : [],
    testOn: applications[0] && afterWarmSeason(applications[0].date, climate),
    ...worked,
    applications,
  };
}

/** How much more the advisor's own amount is than each school asks for. */
function againstOwn(
  ctx: PlanContext,
  areaId: string,
  options: readonly SulfurOption[],
  own: SulfurRate | undefined,
): SulfurTreatment['ownMore'] {
  if (!own) return {};
  const told = options.filter(({ gross }) => !('absent' in gross) && gross.value.value > 0);
  return Object.fromEntries(
    told.map(({ id, gross }) => [
      id,
      ctx.sheet.equation(
        { id: `${areaId}/sulfur/${id}/own-more`, label: msg('sulfur.ownMore') },
        percentMore<'S'>(),
        [own, gross],
      ),
    ]),
  );
}

/** The school that is dosed from: the first with an answer. */

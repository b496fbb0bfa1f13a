import type { School } from './schools/school';
import { addRates, datesOf, readPast } from '../../site/past';
import { laboratoryRates } from '../../site/report/recommendation';
import { addDays, type IsoDate } from '../../kernel/typed/date';
import { perThousandToTotal } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { nutrientGiven } from './given';
import { nitrateCredit } from './nitrateCredit';
import type { NeedInput } from './needInput';
import { NUTRIENTS, type Nutrient, type NutrientRates } from '../../catalog/nutrients';
import { organicCredit } from './organicCredits';
import { packRates } from './packRates';
import { applicationLimits, asRuled } from './ruled';
import { schoolRates, SCHOOLS } from './schools';

type Rate<S extends Nutrient> = Figure<Quantity<'lb/1000ft2', S>>;

/** One nutrient: what each school says, which is followed, what was given, what is still to give. */
export interface NeedRow<S extends Nutrient = Nutrient> {
  readonly nutrient: S;
  readonly pack: Rate<S>;
  readonly laboratory: Rate<S>;
  /** The year's rate by each school. */
  readonly by: Readonly<Record<School, Rate<S>>>;
  /** Pounds of nutrient here that each school says more than the one that is followed. */
  readonly more: Readonly<Record<School, Figure<Quantity<'lb', S>>>>;
  /** Pounds of nutrient here that the laboratory says more than the pack. */
  readonly difference: Figure<Quantity<'lb', S>>;
  /** For the year, by the source that is followed. */
  readonly year: Rate<S>;
  /** What went on in the calendar year of the plan. */
  readonly given: Rate<S> | undefined;
  /** What compost, manure and cover crops bring this season. */
  readonly organic: Rate<S> | undefined;
  /** What the soil test finds in the soil already; the laboratory's own amounts contain it. */
  readonly credit: Rate<S> | undefined;
  /** Still to give. */
  readonly need: Rate<S>;
}

export interface Needs {
  readonly source: School;
  readonly rows: { readonly [S in Nutrient]: NeedRow<S> };
  readonly need: NutrientRates;
  /** From when the next dressing may go on. */
  readonly earliest: IsoDate | undefined;
}

function anyPresent(rates: NutrientRates): boolean {
  return NUTRIENTS.some((nutrient) => !('absent' in rates[nutrient]));
}

/** Whom the area follows: what was decided, else the pack, else a laboratory that says something. */
function followed(decided: string | undefined, pack: NutrientRates, lab: NutrientRates): School {
  const school = SCHOOLS.find((each) => each === decided);
  if (school) return school;
  return !anyPresent(pack) && anyPresent(lab) ? 'laboratory' : 'pack';
}

/** Pounds of a nutrient here that one rate is more than another. */
function moreHere<S extends Nutrient>(
  ctx: PlanContext,
  { ground }: NeedInput,
  id: string,
  [rate, than]: readonly [Rate<S>, Rate<S>],
): Figure<Quantity<'lb', S>> {
  const difference = ctx.sheet.subtract({ id: `${id}-rate`, label: msg('feed.difference') }, [
    rate,
    than,
  ]);
  const entry = { id, label: msg('feed.differenceHere') };
  return ctx.sheet.derive('multiply', entry, [difference, ground.extent], perThousandToTotal);
}

function needRow<S extends Nutrient>(
  ctx: PlanContext,
  input: NeedInput,
  nutrient: S,
  source: School,
  by: Readonly<Record<School, Rate<S>>>,
  { given, credit, organic }: Pick<NeedRow<S>, 'given' | 'credit' | 'organic'>,
): NeedRow<S> {
  const prefix = `${input.area.id}/feed/${nutrient}`;
  const { pack, laboratory } = by;
  const difference = moreHere(ctx, input, `${prefix}/difference`, [laboratory, pack]);
  const more = Object.fromEntries(
    SCHOOLS.map((school) => [
      school,
      school === 'laboratory' && source === 'pack'
        ? difference
        : moreHere(ctx, input, `${prefix}/more/${school}`, [by[school], by[source]]),
    ]),
  ) as Record<School, Figure<Quantity<'lb', S>>>;
  const others = [...new Set(SCHOOLS.map((school) => by[school]))].filter(
    (rate) => rate !== by[source] && !('absent' in rate),
  );
  const bySchool = ctx.sheet.choose(
    { id: `${prefix}/year`, label: msg(`feed.year.${nutrient as Nutrient}`) },
    by[source],
    others,
  );
  const year = asRuled(ctx, input, nutrient, bySchool);
  const off = [given, credit, organic].filter((rate) => rate !== undefined);
  const need =
    off.length > 0
      ? ctx.sheet.deduct(
          { id: `${prefix}/need`, label: msg(`feed.need.${nutrient as Nutrient}`) },
          [year, ...off],
        )
      : year;
  return { nutrient, pack, laboratory, by, more, difference, year, given, credit, organic, need };
}

/**
 * What the ground still needs of N, P2O5 and K2O: every school and the laboratory side by side, the one
 * that is followed, less what went on in the calendar year of the plan (never below zero). The next
 * dressing keeps the pack's interval from the last one.
 */
export function nutrientNeeds(ctx: PlanContext, input: NeedInput): Needs {
  const { file, area, readings, ground, planFrom, materials } = input;
  const own = packRates(ctx, input);
  const lab = laboratoryRates(ctx, `${area.id}/feed`, readings.recommended);
  const source = followed(file.decisions['feed-source']?.value, own, lab);
  const past = readPast(ctx, file, area.id, 'fertilizer', ground, planFrom);
  const last = datesOf(ctx, file, area.id, 'fertilizer').at(-1);
  const spaced = last ? addDays(last, applicationLimits(input).intervalDays.value) : planFrom;
  const earliest = planFrom && spaced && spaced > planFrom ? spaced : planFrom;
  const thisYear = past
    .filter(({ on }) => !on || !planFrom || on.slice(0, 4) === planFrom.slice(0, 4))
    .map((dressing) => nutrientGiven(ctx, dressing, materials.fertilizers));
  const given = <S extends Nutrient>(nutrient: S): Rate<S> | undefined => {
    const amounts = thisYear.flatMap((each) => each[nutrient] ?? []) as Rate<S>[];
    const entry = {
      id: `${area.id}/feed/${nutrient}/given`,
      label: msg(`feed.given.${nutrient as Nutrient}`),
    };
    return amounts.length > 0 ? addRates(ctx, entry, amounts, nutrient) : undefined;
  };
  const soilNitrate = nitrateCredit(ctx, input);
  const rates = schoolRates(ctx, input, { pack: own, laboratory: lab });
  const row = <S extends Nutrient>(nutrient: S): NeedRow<S> => {
    const by = Object.fromEntries(
      SCHOOLS.map((school) => [school, rates[school][nutrient]]),
    ) as Record<School, Rate<S>>;
    const credit =
      nutrient === 'N' && source !== 'laboratory'
        ? (soilNitrate as Rate<S> | undefined)
        : undefined;
    const organic = organicCredit(ctx, area.id, nutrient, input);
    const off = { given: given(nutrient), credit, organic };
    return needRow<S>(ctx, input, nutrient, source, by, off);
  };
  const rows = { N: row('N'), P2O5: row('P2O5'), K2O: row('K2O') };
  const need = { N: rows.N.need, P2O5: rows.P2O5.need, K2O: rows.K2O.need };
  return { source, rows, need, earliest };
}

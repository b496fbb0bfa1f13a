import { TREATMENT_CAUTIONS, type Proposal, type TreatmentCaution } from '../shared/treated';
import type { PlanContext } from '../../kernel/working/context';
import type { DecisionKind } from '../../casefile/decisions';
import type { DatesOf } from '../../schedule/requests';
import { limitsFor } from './caps';
import { productDecision } from './productDecision';
import { onDates } from './requests';
import { isNeeded } from './isNeeded';
import { offeredHere } from './offered';
import { fertilizerHold, type FertilizerHold } from './hold';
import { nutrientNeeds, type Needs } from './need';
import { NUTRIENTS } from '../../catalog/nutrients';
import { valueOf, type Figure } from '../../kernel/working/working';
import { oneTripCandidates } from './oneTrip';
import { candidatesFor, losesAmmonia } from './products';
import type {
  FertilizerInput,
  FertilizerOption,
  FertilizerTreatment,
  FertilizerVerdict,
} from './types';
import { BESIDE_WAY, OTHER_WAYS, USUAL_WAY } from './ways';
import { offersOf } from './ways/byNeed';
import type { UndatedOption } from './ways/way';

/** Nothing is known, nothing may go on, nothing is needed (as far as was measured), or something is to be fed. */
function verdictOf({ need }: Needs, hold: FertilizerHold | undefined): FertilizerVerdict {
  if (hold) return 'held';
  if (NUTRIENTS.every((nutrient) => 'absent' in need[nutrient])) return 'absent';
  if (NUTRIENTS.some((nutrient) => isNeeded(need[nutrient]))) return 'dose';
  const measured = !('absent' in need.P2O5) && !('absent' in need.K2O);
  return measured ? 'none-needed' : 'none-known';
}

function digestOf(verdict: FertilizerVerdict, { parts }: UndatedOption): string {
  const amounts = parts.map(({ material, set }) =>
    [material.id, 'absent' in set.total ? '' : set.total.value.value.toFixed(2)].join(' '),
  );
  return [verdict, ...amounts].join(' ');
}

/** The school, the way and the products that stand. */
function standsOf(
  { source }: Needs,
  { way, parts }: FertilizerOption,
): FertilizerTreatment['stands'] {
  const products = parts.map(({ role, material }) => [productDecision(role), material.id]);
  return {
    'feed-source': source,
    'feed-way': way,
    ...(Object.fromEntries(products) as Partial<Record<DecisionKind, string>>),
  };
}

/** The hazards of what is fed, each once. */
function cautionsOf({ parts }: FertilizerOption): TreatmentCaution[] {
  const fed = parts.map(({ material }) => material);
  const raised = new Set<TreatmentCaution>([
    ...fed.flatMap(({ hazards }) => hazards),
    ...(fed.some(({ organic }) => !organic) ? (['burn'] as const) : []),
    'water',
    'localCode',
  ]);
  return TREATMENT_CAUTIONS.filter((caution) => raised.has(caution));
}

/**
 * How far one product in one trip may be over or short of each nutrient and still go before several bags, lb/1000 ft². Common
 * practice: less than a spreader is off.
 */
const ONE_TRIP_WITHIN = 0.2;

/** One product in one trip where it comes near enough, and nothing of the year is given in parts; else each need by its own. */
function preferred(usual: UndatedOption, others: readonly UndatedOption[]): UndatedOption {
  const one = others.find(({ way }) => way === 'one-trip');
  const isSplit = usual.parts.some(({ set }) => set.doses.length > 1);
  if (!one?.balance || usual.parts.length < 2 || isSplit) return usual;
  const { balance } = one;
  const near = NUTRIENTS.every((nutrient) =>
    [balance[nutrient].over, balance[nutrient].short].every(
      (off: Figure) => (valueOf(off)?.value ?? 0) <= ONE_TRIP_WITHIN,
    ),
  );
  return near ? one : usual;
}

/** Fertilizer but for its days, and which of its requests lime on top keeps its distance from. */
interface FertilizerProposal extends Proposal<FertilizerTreatment> {
  readonly limeKeepsFrom: readonly string[];
}

/**
 * The season's N, P2O5 and K2O of an area by every way there is; the products of the one that was decided for are what
 * is put on.
 */
export function planFertilizer(ctx: PlanContext, input: FertilizerInput): FertilizerProposal {
  const { file, area } = input;
  const needs = nutrientNeeds(ctx, input);
  const hold = fertilizerHold(input.goal, input.readings, area);
  const verdict = verdictOf(needs, hold);
  const isDosed = verdict === 'dose';
  const fit = offeredHere(input, needs.need.P2O5);
  const candidates = {
    n: candidatesFor('n', fit),
    p: candidatesFor('p', fit),
    k: candidatesFor('k', fit),
    one: oneTripCandidates(needs.need, fit),
  };
  const wayInput = { ...input, needs, isDosed, fit, candidates };
  const decided = file.decisions['feed-way']?.value ?? '';
  const usual = USUAL_WAY.option(ctx, wayInput);
  const more = OTHER_WAYS.filter((way) => way.isHere(wayInput));
  const others = [BESIDE_WAY, ...more.filter(({ id }) => id === decided)].flatMap((way) =>
    way.isHere(wayInput) ? (way.option(ctx, wayInput) ?? []) : [],
  );
  const chosen =
    decided === ''
      ? preferred(usual, others)
      : (others.find(({ way }) => way === decided) ?? usual);
  const digest = digestOf(verdict, chosen);
  const dated = (datesOf: DatesOf): FertilizerTreatment => {
    const onDays = (option: UndatedOption): FertilizerOption => ({
      ...option,
      parts: option.parts.map((part) => onDates(ctx, input, part, datesOf)),
    });
    const options = [onDays(usual), ...others.map(onDays)] as const;
    const taken = options.find(({ way }) => way === chosen.way) ?? options[0];
    return {
      kind: 'fertilizer',
      step: 'feeding',
      settledBy: 'feeding-settled',
      stands: standsOf(needs, taken),
      isDosed,
      products: taken.parts,
      cautions: isDosed ? cautionsOf(taken) : [],
      testOn: undefined,
      verdict,
      hold,
      needs,
      chosen: taken,
      options,
      fit: candidates.one,
      limits: limitsFor(input, 'on-top'),
      candidates: offersOf(candidates),
      otherWays: more.map(({ id }) => id).filter((id) => id !== taken.way),
      digest,
    };
  };
  const requests = [usual, ...others].flatMap(({ parts }) => parts.map(({ request }) => request));
  const limeKeepsFrom = chosen.parts
    .filter(({ material }) => losesAmmonia(material))
    .map(({ request }) => request.id);
  return { requests, limeKeepsFrom, dated };
}

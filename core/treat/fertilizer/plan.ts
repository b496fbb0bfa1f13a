import { TREATMENT_CAUTIONS, type Proposal, type TreatmentCaution } from '../shared/treated';
import type { Fertilizer } from '../../catalog/materials/types';
import type { PlanContext } from '../../kernel/working/context';
import type { DecisionKind } from '../../casefile/decisions';
import type { DatesOf } from '../../schedule/requests';
import { productDecision } from './productDecision';
import { onDates, sideDressing, splitProducts, type UndatedProduct } from './splitApplications';
import { balanceOf, handOrder, isNeeded, type Chosen } from './handOrder';
import { feedHold, type FeedHold } from './hold';
import { dressingRules, nutrientNeeds, type Needs } from './need';
import { NUTRIENTS } from '../../catalog/nutrients';
import { bestForOneTrip, oneTrip, oneTripCandidates } from './oneTrip';
import { candidatesFor, firstNitrogen } from './products';
import type {
  FertilizerInput,
  FertilizerOption,
  FertilizerTreatment,
  FertilizerVerdict,
} from './types';

/** The decided one of some products, else the first. */
function pick(
  { file }: FertilizerInput,
  what: 'feed-n' | 'feed-p' | 'feed-k' | 'feed-one',
  candidates: readonly Fertilizer[],
  first: Fertilizer | undefined,
): Fertilizer | undefined {
  const decided = file.decisions[what]?.value;
  return candidates.find(({ id }) => id === decided) ?? first;
}

function chosenProducts(input: FertilizerInput): Chosen {
  const { materials, plant, readings } = input;
  const of = (role: 'n' | 'p' | 'k'): Fertilizer => {
    const candidates = candidatesFor(role, materials.fertilizers, plant);
    const first = role === 'n' ? firstNitrogen(candidates, plant, readings) : candidates[0];
    const found = pick(input, `feed-${role}`, candidates, first);
    if (!found) throw new Error(`planFeeding: the materials hold nothing for '${role}'`);
    return found;
  };
  return { n: of('n'), p: of('p'), k: of('k') };
}

/** A way to feed but for the days of its products. */
type UndatedOption = Omit<FertilizerOption, 'parts'> & {
  readonly parts: readonly UndatedProduct[];
};

function byNeedOption(
  ctx: PlanContext,
  input: FertilizerInput,
  needs: Needs,
  fed: boolean,
): UndatedOption {
  const { area, ground } = input;
  const chosen = chosenProducts(input);
  if (ground.rows) {
    const dressed = fed && isNeeded(needs.need.N);
    const row = dressed && sideDressing(ctx, input, ground.rows, chosen.n, needs.earliest);
    return { way: 'by-need', parts: row ? [row] : [], balance: undefined };
  }
  const parts = fed ? handOrder(ctx, `${area.id}/feed`, needs.need, chosen) : [];
  return {
    way: 'by-need',
    parts: splitProducts(ctx, input, parts, needs.earliest),
    balance: balanceOf(ctx, `${area.id}/feed`, needs.need, parts),
  };
}

function oneTripOption(
  ctx: PlanContext,
  input: FertilizerInput,
  needs: Needs,
  candidates: readonly Fertilizer[],
): UndatedOption | undefined {
  const { area, pack, plant, ground } = input;
  if (ground.rows) return undefined;
  const rules = dressingRules(pack, plant);
  const best = bestForOneTrip(candidates, needs.need, rules);
  const material = pick(input, 'feed-one', candidates, best);
  const part = material && oneTrip(ctx, `${area.id}/feed`, needs.need, material, rules);
  if (!part) return undefined;
  return {
    way: 'one-trip',
    parts: splitProducts(ctx, input, [part], needs.earliest),
    balance: balanceOf(ctx, `${area.id}/feed/one`, needs.need, [part]),
  };
}

/** Nothing is known, nothing may go on, nothing is needed (as far as was measured), or something is to be fed. */
function verdictOf({ need }: Needs, hold: FeedHold | undefined): FertilizerVerdict {
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
 * The season's N, P2O5 and K2O of an area: by products in the order of the hand, and by one product
 * in one trip beside it; the one that was decided for in dated applications.
 */
export function planFertilizer(
  ctx: PlanContext,
  input: FertilizerInput,
): Proposal<FertilizerTreatment> {
  const { file, area, plant, materials } = input;
  const needs = nutrientNeeds(ctx, input);
  const hold = feedHold(input.goal, input.readings, area);
  const verdict = verdictOf(needs, hold);
  const single = oneTripCandidates(needs.need, materials.fertilizers, plant);
  const byNeed = byNeedOption(ctx, input, needs, verdict === 'dose');
  const one = verdict === 'dose' ? oneTripOption(ctx, input, needs, single) : undefined;
  const decided = file.decisions['feed-way']?.value;
  const chosen = decided === 'one-trip' && one ? one : byNeed;
  const ids = (list: readonly Fertilizer[]): string[] => list.map(({ id }) => id);
  const candidates = {
    n: ids(candidatesFor('n', materials.fertilizers, plant)),
    p: ids(candidatesFor('p', materials.fertilizers, plant)),
    k: ids(candidatesFor('k', materials.fertilizers, plant)),
    one: ids(single),
  };
  const digest = digestOf(verdict, chosen);
  const dated = (datesOf: DatesOf): FertilizerTreatment => {
    const onDays = (option: UndatedOption): FertilizerOption => ({
      ...option,
      parts: option.parts.map((part) => onDates(part, datesOf)),
    });
    const ways = { byNeed: onDays(byNeed), oneTrip: one && onDays(one) };
    const taken = chosen === one && ways.oneTrip ? ways.oneTrip : ways.byNeed;
    const isDosed = verdict === 'dose';
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
      ...ways,
      candidates,
      digest,
    };
  };
  const requests = [byNeed, ...(one ? [one] : [])].flatMap(({ parts }) =>
    parts.map(({ request }) => request),
  );
  return { requests, dated };
}

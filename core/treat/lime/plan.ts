import type { Proposal, TreatmentCaution } from '../shared/treated';
import type { LimeTreatment, LimeVerdict } from './types';
import type { TreatInput } from '../shared/input';
import type { DatesOf } from '../../schedule/requests';
import type { Situation } from '../../catalog/situations';
import { type DoseSet } from '../../schedule/dosing/doses';
import { HALVES_ABOVE_TONS, LIME_WORKS_MONTHS } from '../../tables/lime/timing';
import { addMonths } from '../../kernel/typed/date';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { bagsOfMaterials, materialRows, methodRows } from './comparison';
import { chosenMaterial, limeBrings } from './material';
import { chosenOption, requirementOptions, type RequirementOption } from './options';
import { residualLime } from './residual';
import { asFieldTest, firmBags, leastDose, limeDoses, onDates, requestFor } from './doses';
import { depthOf, forLime, standingOf, targetOf, verdictOf } from './standing';

/** A settlement stands for this: it lapses when the verdict, the material or the total changes. */
function digestOf(verdict: LimeVerdict, materialId: string, { total }: DoseSet): string {
  return [verdict, materialId, 'absent' in total ? '' : total.value.value.toFixed(2)].join(' ');
}

/** Much lime on ground that is worked goes half under and half on top. */
function isInHalves(situation: Situation, tons: LimeTreatment['brings']['tonsPerAcre']): boolean {
  return situation === 'tilled' && !('absent' in tons) && tons.value.value > HALVES_ABOVE_TONS;
}

/** Why the advisor goes by an amount of their own, or by what this ground's own tests teach. */
function reasonFor({ file }: TreatInput, { id }: RequirementOption): string | undefined {
  if (id === 'own') return file.decisions['lime-own']?.reason.trim();
  return id === 'learned' ? file.decisions['lime-method']?.reason.trim() : undefined;
}

/** The lime of an area: every method side by side, the chosen one in doses on dates. */
export function planLime(ctx: PlanContext, given: TreatInput): Proposal<LimeTreatment> {
  const input = forLime(ctx, given);
  const { file, area, pack, ground, readings } = input;
  const target = targetOf(ctx, input);
  const treatedDepth = depthOf(ctx, input);
  const days = { sampledOn: readings.sampledOn, planFrom: input.planFrom };
  const { credit, lastOn } = residualLime(ctx, file, area.id, days, ground);

  const bags = bagsOfMaterials(ctx, input);
  const taken = chosenMaterial(input);
  const { id: materialId } = taken.material;
  const bag = bags.get(materialId);
  if (!bag) throw new Error('planLime: the materials hold no lime');

  const pottingMix = ground.parts?.kind === 'container';
  const shared = {
    ...{ file, areaId: area.id, readings, target, treatedDepth, credit, pottingMix },
    learned: input.learned.lime,
  };
  const options = requirementOptions(ctx, shared);
  const chosen = chosenOption(options, file.decisions['lime-method']?.value);
  const methods = methodRows(ctx, input, options, chosen, bag);
  const rows = materialRows(ctx, input, chosen, bags, materialId);
  const chosenRow = rows.find((row) => row.chosen);
  const chosenMethod = methods.find((row) => row.chosen);
  if (!chosenRow || !chosenMethod) throw new Error('planLime: nothing is chosen');
  const chosenRate = ctx.sheet.choose(
    { id: `${area.id}/lime/rate`, label: msg('lime.chosenRate') },
    chosenMethod.rate,
    methods.filter((row) => !row.chosen && !('absent' in row.rate)).map((row) => row.rate),
  );

  const byMethod = asFieldTest(ctx, input, chosenRate);
  const standing = standingOf(given);
  const byNeed = verdictOf(given, standing, chosen, byMethod, credit !== undefined);
  const raised = leastDose(ctx, input, byNeed, byMethod);
  const [verdict, rate] = raised ? (['dose', raised] as const) : [byNeed, byMethod];
  const set = limeDoses(ctx, input, verdict, rate, bag, taken);
  const brings = limeBrings(ctx, area.id, taken.material, rate);
  const worked = {
    verdict,
    standing,
    target,
    treatedDepth,
    methods,
    materials: rows,
    chosenMaterial: chosenRow,
    held: taken.held,
    passedBy: taken.passedBy,
    caustic: taken.material.limit === 'bare-only',
    credit,
    from: readings.waterPh,
    ownReason: reasonFor(input, chosen),
    forMagnesium: taken.material.forMagnesium ?? false,
    brings,
    inHalves: isInHalves(area.situation, brings.tonsPerAcre),
    worksIn: LIME_WORKS_MONTHS[area.situation],
    rate,
    set,
    digest: digestOf(verdict, materialId, set),
  };
  const request = requestFor(ctx, input, set, lastOn, taken);
  const dated = (datesOf: DatesOf): LimeTreatment => {
    const applications = onDates(input, set, worked, datesOf(request.id));
    const waiting = applications.find(({ state }) => state === 'conditional');
    return {
      kind: 'lime',
      step: 'ph',
      settledBy: 'ph-settled',
      stands: { 'lime-method': chosen.id, 'lime-material': materialId },
      isDosed: verdict === 'dose',
      products: [
        { role: 'lime', key: 'lime', material: taken.material, bag: bag.size, rate, applications },
      ],
      cautions: cautionsOf(worked),
      testOn: waiting && addMonths(waiting.date, -pack.lime.testMonthsBefore.value),
      ...worked,
      applications,
      bagsToBuy: firmBags(ctx, area.id, applications, bag),
    };
  };
  return { requests: [request], dated };
}

/** The hazards of lime that is put on. */
function cautionsOf({
  verdict,
  caustic,
}: Pick<LimeTreatment, 'verdict' | 'caustic'>): TreatmentCaution[] {
  if (verdict !== 'dose') return [];
  return [...(caustic ? (['caustic'] as const) : []), 'dust', 'localCode'];
}

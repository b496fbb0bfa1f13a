import { materialName } from '../catalog/materials/named';
import type { SulfurTreatment } from '../treat/sulfur/types';
import type { LimeTreatment } from '../treat/lime/types';
import type { FertilizerTreatment } from '../treat/fertilizer/types';
import type { AreaPlan } from '../area/areaPlan';
import type { Plant } from '../catalog/plants/plants';
import { msg, type Msg } from '../kernel/messages/msg';

/** The pH step in one sentence. */
function limeHeadline(
  lime: LimeTreatment,
  { form }: Plant,
  told: 'begun' | 'untested' | 'empty' | 'acidBelow',
  known: boolean,
): Msg {
  if (told === 'untested') return msg('headline.lime.untested');
  if (told === 'empty') return msg('headline.lime.notBegun');
  if (told === 'acidBelow') return msg('headline.lime.acidBelow');
  if (lime.verdict === 'dose' && lime.held) return msg('headline.lime.held');
  if (lime.verdict === 'none-needed') return msg('headline.lime.none');
  if (lime.verdict === 'at-work') return msg('headline.lime.atWork');
  if (lime.verdict === 'not-worth-a-trip') return msg('headline.lime.notWorth');
  if (lime.verdict === 'absent' || 'absent' in lime.set.count) return msg('headline.lime.absent');
  if ('absent' in lime.set.total) return msg('headline.lime.noArea');
  return msg(known ? 'headline.lime.dose' : 'headline.lime.dosePerThousand', {
    form,
    total: { working: lime.set.total.id },
    material: materialName(lime.chosenMaterial),
    count: lime.set.count.value.value,
  });
}

/** The pH step in one sentence where sulfur is asked about. */
function sulfurHeadline(sulfur: SulfurTreatment, known: boolean): Msg {
  const { verdict, set, chosenMaterial } = sulfur;
  if (verdict !== 'dose') return msg(`headline.sulfur.${verdict}`);
  if ('absent' in set.total) return msg('headline.sulfur.noArea');
  return msg(known ? 'headline.sulfur.dose' : 'headline.sulfur.dosePerThousand', {
    total: { working: set.total.id },
    material: materialName(chosenMaterial),
  });
}

/** The feeding step in one sentence: its first two products by name, any more by their number. */
function fertilizerHeadline(feed: FertilizerTreatment, { form }: Plant, known: boolean): Msg {
  if (feed.hold) return msg(`headline.feed.held.${feed.hold.why}`);
  if (feed.verdict === 'none-needed') return msg('headline.feed.none');
  if (feed.verdict === 'none-known') return msg('headline.feed.noneKnown');
  const [first, second, ...more] = feed.chosen.parts;
  if (feed.verdict === 'absent' || !first || 'absent' in first.set.count) {
    return msg('headline.feed.absent');
  }
  if ('absent' in first.set.total) return msg('headline.feed.noArea');
  const rows = first.role === 'row';
  const per = known || rows ? '' : 'PerThousand';
  const params = {
    form,
    total: { working: first.set.total.id },
    material: materialName(first.material),
  };
  if (!second) {
    const count = first.set.count.value.value;
    return msg(`headline.feed.dose${per}`, { ...params, count });
  }
  const two = {
    ...params,
    total2: { working: second.set.total.id },
    material2: materialName(second.material),
  };
  const [third] = more;
  if (!third) return msg(`headline.feed.two${per}`, two);
  return msg(`headline.feed.three${per}`, {
    ...two,
    total3: { working: third.set.total.id },
    material3: materialName(third.material),
  });
}

/** What the pH step is told by where no sulfur is a question. */
function toldBy({ readings, goal, treatments: { lime } }: AreaPlan) {
  if (!readings.begun) return readings.untested ? 'untested' : 'empty';
  return goal.acid && lime.standing === 'acidic' && lime.verdict === 'absent'
    ? 'acidBelow'
    : 'begun';
}

/** The pH step and the fertilization of an area, in one sentence each. */
export function headlinesOf(plan: AreaPlan): { readonly ph: Msg; readonly feeding: Msg } {
  const { plant, ground, treatments } = plan;
  const { lime, sulfur, fertilizer } = treatments;
  return {
    ph: sulfur
      ? sulfurHeadline(sulfur, ground.known)
      : limeHeadline(lime, plant, toldBy(plan), ground.known),
    feeding: fertilizerHeadline(fertilizer, plant, ground.known),
  };
}

import type { AreaPlan } from '../../area/areaPlan';
import { materialName } from '../../catalog/materials/named';
import { isEaten } from '../../catalog/plants/plants';
import { rawManureDays } from '../../treat/organics/rawManure';
import { valueOf } from '../../kernel/working/working';
import { sentence, type SlipBlock } from './document';
import { parts, type DatedBlock, type Parts } from './parts';

/** What is taken off for what the ground has from compost, manure or a cover crop. */
function counted({ treatments: { fertilizer } }: AreaPlan): SlipBlock[] {
  const { organic } = fertilizer.needs.rows.N;
  const brings = organic && !('absent' in organic) && organic.value.value >= 0.05;
  return brings ? [sentence('slip.organicCounts', { n: { working: organic.id } })] : [];
}

/** Compost and manure on the page: what to get, when it goes on, and what to mind. */
export function loadParts(plan: AreaPlan): Parts {
  const { plant, area, comingLoads, allowed, treatments } = plan;
  // On soil that must not be used for what grows there nothing is begun.
  if (treatments.fertilizer.hold) return parts({});
  const coming = comingLoads.filter(
    ({ pounds, deep }) => !('absent' in pounds) && !('absent' in deep),
  );
  const raw = isEaten(plant) && coming.some(({ material }) => material.raw);
  const hay = plant.form !== 'lawn' && coming.some(({ material }) => material.hay);
  const planted = plant.form === 'lawn' ? 'lawn' : 'top';
  const way = area.situation === 'tilled' ? 'tilled' : planted;
  return parts({
    found: counted(plan),
    buy: coming.map(({ yards, material }) =>
      sentence('slip.loadBuy', { yards: { working: yards.id }, material: materialName(material) }),
    ),
    dated: coming.map(({ date, load, material, thick }): DatedBlock => {
      const params = {
        date: { date },
        amount: { working: `${area.id}/load/${load.id}/amount` },
        material: materialName(material),
        way,
      } as const;
      // Thinner than a rake can tell it has no depth; told in inches it has one already.
      const isThin = (valueOf(thick)?.value ?? 0) === 0 || load.measure === 'in';
      const block = isThin
        ? sentence('slip.loadThin', params)
        : sentence('slip.loadDose', { ...params, deep: { working: thick.id } });
      return { date, block };
    }),
    how: [
      ...(raw ? [sentence('slip.rawManure', { days: rawManureDays(plant, allowed) })] : []),
      ...(hay ? [sentence('slip.hay')] : []),
    ],
  });
}

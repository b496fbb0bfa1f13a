import { forbidsFood, leadOf } from '../../reading/lead';
import type { AreaPlan } from '../../area/areaPlan';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { SlipBlock } from './document';

/** The name of an area as the page calls it. */
export function nameOnPage({ area, plant }: Pick<AreaPlan, 'area' | 'plant'>): Msg | string {
  const name = area.name.trim();
  return name === '' ? msg(`area.unnamed.${plant.form}`) : name;
}

/**
 * What stands above every amount: lead with its number and method, and salts that hold the fertilizer. Nobody can
 * decide it away. A total below all guidance is no hazard to begin with.
 */
export function hazardBlocks(plan: AreaPlan): SlipBlock[] {
  const { treatments, readings } = plan;
  const { hold } = treatments.fertilizer;
  const area = nameOnPage(plan);
  const lead = leadOf(readings);
  const blocks: SlipBlock[] = [];
  if (lead && lead.level !== 'below') {
    const value = { working: lead.figure.id };
    const method = { family: 'leadMethod', name: lead.method } as const;
    blocks.push({
      kind: 'caution',
      caution: 'lead',
      title: msg('caution.lead.title'),
      text: msg(`slip.lead.${lead.level}`, { area, value, method }),
    });
    if (forbidsFood(lead.level)) {
      blocks.push({
        kind: 'caution',
        caution: 'lead',
        title: msg('caution.leadChildren.title'),
        text: msg('caution.leadChildren.text'),
      });
    }
  }
  if (hold?.why === 'salts') {
    blocks.push({
      kind: 'caution',
      caution: 'salts',
      title: msg('caution.salts.title'),
      text: msg('slip.salts', { area, value: { working: hold.figure.id } }),
    });
  }
  return blocks;
}

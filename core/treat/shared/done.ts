import { keptOf, type Diary } from '../../site/diary';
import { addPounds } from '../../schedule/dosing/oneDose';
import { perThousandToTotal } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { RATE } from '../../site/past';
import type { Product } from './amounts';

/**
 * What went on of each application of a request, by its ordinal, as the diary has it: pounds, or a rate on all of the ground. What was
 * left out, has no amount or was another product than the plan's cannot be set against it, and is not here.
 */
export function doneOf(
  ctx: PlanContext,
  diary: Diary,
  requestId: string,
  materialId: string,
  extent: Figure<Quantity<'1000ft2', 'ground'>>,
  most: number,
): ReadonlyMap<number, Product> {
  const done = new Map<number, Product>();
  for (let ordinal = 1; ordinal <= most; ordinal += 1) {
    const kept = keptOf(diary, `${requestId}/${ordinal}`);
    if (!kept?.on) continue;
    const same = kept.entries.every(({ material }) => material === '' || material === materialId);
    const parts = kept.entries.map(({ id, amount }): Product => {
      const at = `past/${id}/amount/text`;
      const entry = { id: `${requestId}/${ordinal}/done/${id}`, label: msg('dose.done'), at };
      if (amount.unit === 'lb') return ctx.number(entry, amount.text, RATE, 'lb', 'product');
      const named = { ...entry, id: `${entry.id}/rate` };
      const rate = ctx.number(named, amount.text, RATE, 'lb/1000ft2', 'product');
      return ctx.sheet.derive(
        'multiply',
        { id: entry.id, label: entry.label },
        [rate, extent],
        perThousandToTotal,
      );
    });
    const [only, ...others] = parts;
    if (!same || !only || parts.some((part) => 'absent' in part)) continue;
    const entry = { id: `${requestId}/${ordinal}/done`, label: msg('dose.doneInAll') };
    done.set(ordinal, others.length === 0 ? only : addPounds(ctx, entry, parts));
  }
  return done;
}

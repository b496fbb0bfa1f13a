import { quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { addPounds, oneDose, type Dealing, type DoseAmount, type Product } from './oneDose';

/** What went on within this share of what was planned went on as planned. Common practice: less than hands are off. */
const AS_PLANNED = 0.02;

/** A dose with the most that may go on at once. */
export type Limited = DoseAmount & { readonly limit: Figure<Product> | undefined };

/**
 * Doses after what went on of them. As planned nothing changes; after another amount those that are still to come share what is
 * left, so that what is done and what is to come are the whole: none over its limit, none below nothing. What was left out is nobody
 * else's to make up: its season is over.
 */
export function afterDone(
  ctx: PlanContext,
  prefix: string,
  total: Figure<Product>,
  planned: readonly Limited[],
  dealing: Dealing,
): DoseAmount[] {
  const done = dealing.done ?? new Map<number, Figure<Product>>();
  const isAsPlanned = planned.every(({ ordinal, printed }) => {
    const on = done.get(ordinal);
    if (!on || 'absent' in on || 'absent' in printed) return true;
    return Math.abs(on.value.value - printed.value.value) <= AS_PLANNED * printed.value.value;
  });
  if (isAsPlanned) return [...planned];
  const coming = planned.filter(({ ordinal }) => !done.has(ordinal));
  const onGround = planned.flatMap(({ ordinal }) => done.get(ordinal) ?? []);
  const left = ctx.sheet.deduct({ id: `${prefix}/left`, label: msg('dose.leftAfter') }, [
    total,
    ...onGround,
  ]);
  const was = addPounds(
    ctx,
    { id: `${prefix}/was-coming`, label: msg('dose.wasComing') },
    coming.map(({ amount }) => amount),
  );
  return planned.map((dose) => {
    const { ordinal, rate, limit } = dose;
    const on = done.get(ordinal);
    if (on) {
      const instead = { planned: dose.printed, most: limit };
      return { ...dose, amount: on, printed: on, instead };
    }
    const id = `${prefix}/${ordinal}/left`;
    const amount = ctx.sheet.derive(
      'proportion',
      { id: `${id}/amount`, label: msg('dose.amount') },
      [dose.amount, left, was],
      (each, rest, all) =>
        quantity(all.value === 0 ? 0 : (each.value * rest.value) / all.value, 'lb', 'product'),
    );
    return oneDose(ctx, id, { ordinal, rate }, amount, undefined, limit, dealing);
  });
}

import { ACIDITY_TO_LIME } from '../../../tables/lime/exchangeAcidity';
import { FURROW_SLICE_IN } from '../../../tables/ground/measuring';
import { quantity, type Quantity } from '../../../kernel/units/quantity';
import { msg } from '../../../kernel/messages/msg';
import type { Figure } from '../../../kernel/working/working';
import { PURE_LIME } from '../basis';
import type { RequirementMethod } from '../method';

const TARGETS = ACIDITY_TO_LIME.map(({ target }) => target);
const [LOWEST, HIGHEST] = [Math.min(...TARGETS), Math.max(...TARGETS)];

/** Lime by the exchange acidity that the report prints. Domain: targets 6.5 to 7.0, its own or the next higher one. */
export const EXCHANGE_ACIDITY: RequirementMethod = {
  id: 'acidity',
  source: 'exchange-acidity',
  standing: 'recalled',
  soils: 'mineral',
  basis: PURE_LIME,
  depthIn: FURROW_SLICE_IN,
  reads: 'acidity',
  targets: TARGETS,
  compute: (ctx, prefix, { readings, target }) => {
    const acidity = readings.others.acidity as Figure<Quantity<'meq/100g', 'acidity'>> | undefined;
    const entry = { id: `${prefix}/pure`, label: msg('lime.acidity') };
    if (!acidity || 'absent' in acidity) {
      return ctx.sheet.absent(entry, acidity?.absent ?? msg('absent.noBuffer'));
    }
    if ('absent' in target) return ctx.sheet.absent(entry, target.absent, [target.id]);
    const to = target.value.value;
    const row =
      to < LOWEST - 1e-9 ? undefined : ACIDITY_TO_LIME.find((each) => each.target >= to - 1e-9);
    if (!row) {
      const outside = msg('absent.targetOutside', { min: LOWEST, max: HIGHEST });
      return ctx.sheet.absent(entry, outside, [acidity.id, target.id]);
    }
    const factor = ctx.constant(
      {
        id: `${prefix}/factor`,
        label: msg('lime.acidityFactor', { target: row.target }),
        source: 'exchange-acidity',
        standing: 'recalled',
      },
      row.poundsPerMeq,
      'ratio',
      'limestone',
    );
    return ctx.sheet.derive(
      'multiply',
      { ...entry, source: 'exchange-acidity' },
      [acidity, factor],
      (meq, pounds) => quantity(meq.value * pounds.value, 'lb/acre', 'limestone'),
    );
  },
};

import {
  LIME_BY_TEXTURE_DEPTH_IN,
  LIME_BY_TEXTURE_ROWS,
  LIME_BY_TEXTURE_SPREAD_PERCENT,
  LIME_BY_TEXTURE_TARGET,
  TEXTURES,
  type Texture,
} from '../../tables/limeByTexture';
import { quantity, type Quantity } from '../../units/quantity';
import type { PlanContext } from '../../working/context';
import { msg, type Msg } from '../../working/msg';
import type { Figure } from '../../working/working';
import type { MethodInput, RequirementMethod } from '../method';

type Pounds = Quantity<'lb/acre', 'limestone'>;
type WaterPh = Figure<Quantity<'pH', 'water'>>;

const [HIGHEST] = LIME_BY_TEXTURE_ROWS[0] ?? [LIME_BY_TEXTURE_TARGET];
const [LOWEST] = LIME_BY_TEXTURE_ROWS[LIME_BY_TEXTURE_ROWS.length - 1] ?? [HIGHEST];

function whyNot({ readings, target }: MethodInput): Msg | undefined {
  const { waterPh, texture } = readings;
  if (!texture) return msg('absent.noTexture');
  if ('absent' in waterPh) return waterPh.absent;
  if ('absent' in target) return target.absent;
  if (target.value.value > LIME_BY_TEXTURE_TARGET + 1e-9) {
    return msg('absent.targetOutside', { max: LIME_BY_TEXTURE_TARGET });
  }
  const ph = waterPh.value.value;
  if (ph < LOWEST || ph > HIGHEST) {
    return msg('absent.textureOutside', { min: LOWEST, max: HIGHEST });
  }
  return undefined;
}

function cell(
  ctx: PlanContext,
  id: string,
  row: readonly number[],
  texture: Texture,
  ph: WaterPh,
): Figure<Pounds> {
  const at = row[0] ?? HIGHEST;
  return ctx.sheet.derive(
    'lookup',
    {
      id,
      label: msg('lime.textureCell', { row: at, texture: msg(`texture.${texture}`) }),
      source: 'knott',
      standing: 'recalled',
      detail: { table: 'lime-by-texture', row: at, column: texture },
    },
    [ph],
    (_ph) => quantity(row[TEXTURES.indexOf(texture) + 1] ?? 0, 'lb/acre', 'limestone'),
  );
}

function betweenRows(
  ctx: PlanContext,
  prefix: string,
  texture: Texture,
  ph: WaterPh,
): Figure<Pounds> {
  const value = 'absent' in ph ? HIGHEST : ph.value.value;
  const below = LIME_BY_TEXTURE_ROWS.findIndex(([row]) => row <= value + 1e-9);
  const lower = LIME_BY_TEXTURE_ROWS[below] ?? [LOWEST];
  if (Math.abs(lower[0] - value) < 1e-9) return cell(ctx, `${prefix}/table`, lower, texture, ph);
  const upper = LIME_BY_TEXTURE_ROWS[below - 1] ?? lower;
  const high = cell(ctx, `${prefix}/row-above`, upper, texture, ph);
  const low = cell(ctx, `${prefix}/row-below`, lower, texture, ph);
  return ctx.sheet.derive(
    'interpolate',
    {
      id: `${prefix}/table`,
      label: msg('lime.betweenRows', { upper: upper[0], lower: lower[0] }),
    },
    [ph, high, low],
    (p, h, l) => {
      const way = (upper[0] - p.value) / (upper[0] - lower[0]);
      return quantity(h.value + way * (l.value - h.value), 'lb/acre', 'limestone');
    },
  );
}

/**
 * Lime by texture and water pH where no buffer was measured, with a wide range.
 * Domain: water pH 4.0 to 6.5, target up to 6.5. The quality of its limestone is not stated.
 */
export const LIME_BY_TEXTURE: RequirementMethod = {
  id: 'texture',
  source: 'knott',
  standing: 'recalled',
  soils: 'mineral',
  basis: { kind: 'unstated' },
  depthIn: LIME_BY_TEXTURE_DEPTH_IN,
  compute: (ctx, prefix, input) => {
    const { readings } = input;
    const entry = { id: `${prefix}/ranged`, label: msg('lime.textureRange') };
    const refused = whyNot(input);
    if (refused || !readings.texture) {
      return ctx.sheet.absent(entry, refused ?? msg('absent.noTexture'), [readings.waterPh.id]);
    }
    const table = betweenRows(ctx, prefix, readings.texture, readings.waterPh);
    const percent = ctx.constant(
      {
        id: `${prefix}/spread`,
        label: msg('lime.textureSpread'),
        source: 'practice',
        standing: 'practice',
      },
      LIME_BY_TEXTURE_SPREAD_PERCENT,
      '%',
      'share',
    );
    return ctx.sheet.spread(entry, table, percent);
  },
};

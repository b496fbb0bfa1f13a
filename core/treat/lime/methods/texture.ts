import {
  LIME_BY_TEXTURE_DEPTH_IN,
  LIME_BY_TEXTURE_ROWS,
  LIME_BY_TEXTURE_SPREAD_PERCENT,
  LIME_BY_TEXTURE_TARGET,
  TEXTURES,
  type Texture,
} from '../../../tables/lime/byTexture';
import type { Quantity } from '../../../kernel/units/quantity';
import type { PlanContext } from '../../../kernel/working/context';
import { msg, type Msg } from '../../../kernel/messages/msg';
import type { Figure } from '../../../kernel/working/working';
import { UNSTATED } from '../basis';
import type { MethodInput, RequirementMethod } from '../method';
import { onRows, type Column } from './rows';

const ROW_PHS = LIME_BY_TEXTURE_ROWS.map(([ph]) => ph);
const [LOWEST, HIGHEST] = [Math.min(...ROW_PHS), Math.max(...ROW_PHS)];

function whyNot(ph: number, { target }: MethodInput): Msg | undefined {
  if ('absent' in target) return target.absent;
  const to = target.value.value;
  if (to > LIME_BY_TEXTURE_TARGET + 1e-9 || to < LOWEST) {
    return msg('absent.targetOutside', { min: LOWEST, max: LIME_BY_TEXTURE_TARGET });
  }
  if (ph < LOWEST || ph > HIGHEST) {
    return msg('absent.textureOutside', { min: LOWEST, max: HIGHEST });
  }
  return undefined;
}

function columnFor(texture: Texture): Column<'lb/acre'> {
  return {
    rows: LIME_BY_TEXTURE_ROWS,
    at: TEXTURES.indexOf(texture) + 1,
    table: 'lime-by-texture',
    name: texture,
    unit: 'lb/acre',
    source: 'knott',
    label: (row) => msg('lime.textureCell', { row, texture: msg(`texture.${texture}`) }),
  };
}

type PerAcre = Figure<Quantity<'lb/acre', 'limestone'>>;

function toTarget(
  ctx: PlanContext,
  prefix: string,
  texture: Texture,
  whole: PerAcre,
  target: MethodInput['target'],
): PerAcre {
  if ('absent' in target || target.value.value > LIME_BY_TEXTURE_TARGET - 1e-9) return whole;
  const rest = onRows(ctx, `${prefix}/from-target`, columnFor(texture), target);
  const entry = { id: `${prefix}/to-target`, label: msg('lime.textureToTarget') };
  return ctx.sheet.deduct(entry, [whole, rest]);
}

/**
 * Lime by texture and water pH where no buffer was measured, with a wide range. To a lower target than
 * the table's goes what is left of the row when the target's own row is taken off.
 * Domain: water pH 4.0 to 6.5, target 4.0 to 6.5. The quality of its limestone is not stated.
 */
export const LIME_BY_TEXTURE: RequirementMethod = {
  id: 'texture',
  source: 'knott',
  standing: 'recalled',
  soils: 'mineral',
  basis: UNSTATED,
  depthIn: LIME_BY_TEXTURE_DEPTH_IN,
  compute: (ctx, prefix, input) => {
    const { waterPh, texture } = input.readings;
    const entry = { id: `${prefix}/ranged`, label: msg('lime.textureRange') };
    if (!texture) return ctx.sheet.absent(entry, msg('absent.noTexture'), [waterPh.id]);
    if ('absent' in waterPh) return ctx.sheet.absent(entry, waterPh.absent, [waterPh.id]);
    const refused = whyNot(waterPh.value.value, input);
    if (refused) return ctx.sheet.absent(entry, refused, [waterPh.id]);
    const toSixAndAHalf = onRows(ctx, prefix, columnFor(texture), waterPh);
    const table = toTarget(ctx, prefix, texture, toSixAndAHalf, input.target);
    const spread = { id: `${prefix}/spread`, label: msg('lime.textureSpread') };
    const percent = ctx.constant(
      { ...spread, source: 'practice', standing: 'practice' },
      LIME_BY_TEXTURE_SPREAD_PERCENT,
      '%',
      'share',
    );
    return ctx.sheet.spread(entry, table, percent);
  },
};

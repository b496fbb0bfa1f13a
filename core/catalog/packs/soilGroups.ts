import type { Texture } from '../../tables/lime/byTexture';

/** Groups that packs tell soils apart by: of sand, and of what holds more. */
const SANDY = 'coastal-plain';
const HEAVIER = 'piedmont';

const SANDY_TEXTURES: readonly Texture[] = ['sand', 'sandy-loam'];

/** A soil without a texture that holds less than this is sandy, meq/100 g. */
const SANDY_BELOW_CEC = 6;

/**
 * The group of soils that ground belongs to by what its report says, of those that a pack tells apart: sands lie on the coastal
 * plain, heavier soils above it. Common practice; nothing where the report says neither or the pack names others.
 */
export function usualSoilGroup(
  groups: readonly string[],
  texture: Texture | undefined,
  cec: number | undefined,
): string | undefined {
  if (!texture && cec === undefined) return undefined;
  const isSandy = texture ? SANDY_TEXTURES.includes(texture) : (cec ?? 0) < SANDY_BELOW_CEC;
  return groups.find((each) => each === (isSandy ? SANDY : HEAVIER));
}

import { RETEST_YEARS } from '../catalog/packs/opinions';
import type { Pack } from '../catalog/packs/pack';
import { valueOf } from '../kernel/working/working';
import type { LoadRead } from '../site/loads';
import type { Texture } from '../tables/lime/byTexture';

/** Why the next test comes when it does, where nothing that is put on asks for it sooner. */
type NextTestWhy = 'decided' | 'acid' | 'sandy' | 'compost' | 'usual';

/** Years until a test, and why. */
interface Interval {
  readonly years: number;
  readonly why: NextTestWhy;
}

/** Years until the next test, and what they are where nobody decides otherwise. */
export interface NextTest extends Interval {
  readonly usual: Interval;
}

/** Years until the next test of soil whose pH, or whose phosphorus and salts, move. Common practice. */
const SOONER = { acid: 1, sandy: 2, compost: 2 } as const;

/** Compost from this depth up is so much that phosphorus and salts are looked after, inches. Common practice. */
const DEEP_COMPOST = 1;

interface NextTestInput {
  /** The advisor's own years, as decided. */
  readonly decided: string | undefined;
  readonly pack: Pack;
  /** Something for acidic soil grows here. */
  readonly acid: boolean;
  readonly texture: Texture | undefined;
  readonly loads: readonly LoadRead[];
}

/**
 * When the soil is tested again in the usual course: as the advisor decided; each year under plants for acidic soil; after two years on
 * sand and after much compost; else as the pack has it.
 */
export function nextTest({ decided, pack, acid, texture, loads }: NextTestInput): NextTest {
  const isDeep = loads.some(({ deep }) => (valueOf(deep)?.value ?? 0) >= DEEP_COMPOST);
  const why = acid ? 'acid' : texture === 'sand' ? 'sandy' : isDeep ? 'compost' : undefined;
  const packs = pack.retestYears.value;
  const usual: Interval =
    why && SOONER[why] < packs ? { years: SOONER[why], why } : { years: packs, why: 'usual' };
  const own = RETEST_YEARS.find((each) => each === decided);
  return { usual, ...(own ? { years: Number(own), why: 'decided' } : usual) };
}

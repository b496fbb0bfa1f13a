import { RETEST_YEARS } from '../catalog/packs/opinions';
import type { Pack } from '../catalog/packs/pack';
import type { Quantity } from '../kernel/units/quantity';
import { valueOf, type Figure } from '../kernel/working/working';
import type { LoadRead } from '../site/loads';
import type { Texture } from '../tables/lime/byTexture';

/** Why the next test comes when it does, where nothing that is put on asks for it sooner. */
type NextTestWhy =
  'decided' | 'mix' | 'kit' | 'salts' | 'lime' | 'acid' | 'sandy' | 'compost' | 'usual';

/** Years until a test, and why. */
interface Interval {
  readonly years: number;
  readonly why: NextTestWhy;
}

/** Years until the next test, and what they are where nobody decides otherwise. */
export interface NextTest extends Interval {
  readonly usual: Interval;
}

/** Years until the next test of soil that is only guessed at, or whose pH, phosphorus or salts move. Common practice. */
const SOONER = { mix: 1, kit: 1, salts: 1, lime: 1, acid: 1, sandy: 2, compost: 2 } as const;

/** From so much lime on, a correction is looked after when it has had a year, lb/1000 ft². Common practice. */
const MUCH_LIME = 40;

/** Compost from this depth up is so much that phosphorus and salts are looked after, inches. Common practice. */
const DEEP_COMPOST = 1;

/** In the order in which they are told: the first that holds. */
const REASONS = ['mix', 'salts', 'kit', 'acid', 'lime', 'sandy', 'compost'] as const;

interface NextTestInput {
  /** The advisor's own years, as decided. */
  readonly decided: string | undefined;
  readonly pack: Pack;
  /** It is a potting mix: water and fertilizer change it within a season. */
  readonly isMix: boolean;
  /** Something for acidic soil grows here. */
  readonly acid: boolean;
  readonly texture: Texture | undefined;
  /** The pH is a kit's or a probe's. */
  readonly byKit: boolean;
  /** The salts are more than what grows there bears. */
  readonly salty: boolean;
  /** The lime that goes on in all, of the product; nothing where none does. */
  readonly lime: Figure<Quantity<'lb/1000ft2', 'product'>> | undefined;
  /** Phosphorus is more than anything needs. */
  readonly muchP: boolean;
  readonly loads: readonly LoadRead[];
}

/**
 * When the soil is tested again in the usual course: as the advisor decided; after a year in pots, where only a kit told the pH, where salts are too
 * high, after much lime, and under plants for acidic soil; after two years on sand and after much compost; else as the pack has it.
 */
export function nextTest(input: NextTestInput): NextTest {
  const { decided, pack, loads } = input;
  const isDeep = loads.some(({ deep }) => (valueOf(deep)?.value ?? 0) >= DEEP_COMPOST);
  const reasons = {
    mix: input.isMix,
    salts: input.salty,
    kit: input.byKit,
    acid: input.acid,
    lime: ((input.lime && valueOf(input.lime)?.value) ?? 0) >= MUCH_LIME,
    sandy: input.texture === 'sand',
    compost: isDeep || (loads.length > 0 && input.muchP),
  } as const;
  const why = REASONS.find((each) => reasons[each]);
  const packs = pack.retestYears.value;
  const usual: Interval =
    why && SOONER[why] < packs ? { years: SOONER[why], why } : { years: packs, why: 'usual' };
  const own = RETEST_YEARS.find((each) => each === decided);
  return { usual, ...(own ? { years: Number(own), why: 'decided' } : usual) };
}

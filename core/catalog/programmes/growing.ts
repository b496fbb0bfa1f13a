import type { Plant } from '../plants/plants';
import type { Situation } from '../situations';

/** Forms of growing that a plant's year goes by. */
export const FORMS = [
  'established',
  'seed',
  'sod',
  'sprigs',
  'overseed',
  'renovation',
  'plant',
] as const;
export type Form = (typeof FORMS)[number];

/** How much is made of a lawn, or how much growth is wanted of what is woody. */
export const LEVELS = ['low', 'medium', 'high'] as const;
export type Level = (typeof LEVELS)[number];

/** Forms in which the ground of a lawn is made ready and planted: nothing grows there yet. */
const FROM_BARE: ReadonlySet<Form> = new Set(['seed', 'sod', 'sprigs']);

/** What is said of how a plant is grown; '' is not said. */
interface Said {
  readonly form: '' | Form;
  readonly level: '' | Level;
}

/** The forms that a plant can be grown in, the usual one first; one form asks no question. */
export function formsOf({
  form,
  season,
  rules,
}: Pick<Plant, 'form' | 'season' | 'rules'>): readonly Form[] {
  if (form === 'lawn') {
    const sprigged = rules.includes('warm-grass') ? (['sprigs'] as const) : [];
    return ['established', 'seed', 'sod', ...sprigged, 'overseed', 'renovation'];
  }
  // What is planted anew each year has a day of planting in its programme.
  if (season === 'cool' || season === 'warm') return ['established'];
  return ['established', form === 'plot' ? 'seed' : 'plant'];
}

/** The form that stands: as it is said, else what follows from how the ground is worked. */
export function formOf(
  plant: Pick<Plant, 'form' | 'season' | 'rules'>,
  { situation, growing }: { readonly situation: Situation; readonly growing: Said },
): Form {
  const forms = formsOf(plant);
  const said = forms.find((each) => each === growing.form);
  if (said) return said;
  if (situation !== 'tilled') return 'established';
  return forms.find((each) => each === 'seed' || each === 'plant') ?? 'established';
}

/** The level that stands: a lawn is kept at a medium one, what is woody grows well as it is. */
export function levelOf({ growing }: { readonly growing: Said }): Level {
  return growing.level === '' ? 'medium' : growing.level;
}

/** Whether a lawn is begun on bare ground, so that what it needs is worked in first. */
export function isFromBare(form: Form): boolean {
  return FROM_BARE.has(form);
}

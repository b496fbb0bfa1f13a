import { CLIMATE_CARDS } from '../../core/catalog/climate/card';
import { named, type Option } from './choices';
import { text } from './text';

/** The climates to choose from, in words; none first. */
export function climateOptions(none: string): Option[] {
  const cards = named(
    'climate',
    CLIMATE_CARDS.map(({ id }) => id),
  );
  return [{ value: '', words: none }, ...cards];
}

/** The name of a month by its number. */
export function monthName(month: string): string {
  return text('month.name', { month });
}

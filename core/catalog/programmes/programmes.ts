import type { Plant } from '../plants/plants';
import { own } from '../../kernel/typed/own';
import type { Form, Level } from './growing';
import { inSevereHeat, LAWNS } from './lawns';
import { newLawnYear } from './newLawns';
import { FRUIT, ORNAMENTALS, PLANTED } from './perennials';
import { PLOTS, SOWN_PLOTS } from './plots';
import type { Programme } from './programme';
import { VEGETABLES } from './vegetables';
import {
  FRUIT_RATES,
  ORNAMENTAL_RATES,
  PLOT_RATES,
  TREE_RATES,
  VEGETABLE_RATES,
  type YearlyRates,
} from './yearly';

const STANDING: Readonly<Record<string, Programme>> = {
  ...VEGETABLES,
  ...FRUIT,
  ...ORNAMENTALS,
  ...PLOTS,
};

const RATES: Readonly<Record<string, YearlyRates>> = {
  ...VEGETABLE_RATES,
  ...FRUIT_RATES,
  ...ORNAMENTAL_RATES,
  ...PLOT_RATES,
};

/** Where and how a plant grows, as far as its programme goes by it. */
export interface Growing {
  /** Summers are so hot that cool-season grass is at risk. */
  readonly severe: boolean;
  readonly form: Form;
  readonly level: Level;
}

/**
 * The programme of a plant in its form of growing; nothing of a mix in a container, which is fed by its extract.
 */
export function programmeOf(
  { id, form: kind, group }: Pick<Plant, 'id' | 'form' | 'group'>,
  { severe, form, level }: Growing,
): Programme | undefined {
  if (kind === 'lawn') {
    if (form !== 'established') return newLawnYear(id, form);
    const lawn = own(LAWNS, id);
    return lawn && (severe ? inSevereHeat(lawn) : lawn)[level];
  }
  if (form === 'seed') return own(SOWN_PLOTS, id);
  if (form === 'plant') return own(PLANTED, id) ?? own(PLANTED, group);
  return own(STANDING, id);
}

/** What the literature on a plant gives it in a year; nothing of lawns, whose calendars hold their pounds. */
export function yearlyRatesOf({ id, group }: Pick<Plant, 'id' | 'group'>): YearlyRates | undefined {
  return group === 'trees' ? TREE_RATES : own(RATES, id);
}

import type { NamesIn } from '../../kernel/messages/msg';

/** What is filled in of a rule from the local code; days as `MM-DD`, all else as numbers. */
export const RULE_FIELDS = [
  'from',
  'to',
  'total',
  'soluble',
  'year',
  'slow',
  'p2o5',
  'months',
  'rotary',
  'drop',
  'feet',
  'inches',
  'hours',
  'days',
  'touching',
] as const;
export type RuleField = (typeof RULE_FIELDS)[number];

/** How a rule binds a plan: something in it is worked out, or it is told where the work is told. */
interface Archetype {
  /** The fields with what the usual rule of the kind holds; the local code goes before it. */
  readonly typical: Readonly<Partial<Record<RuleField, string>>>;
  /** It holds on lawns alone. */
  readonly lawnsOnly?: true;
}

/**
 * Twenty kinds of local rule, without a place's name: patterns of state and county law, recalled. Filled in from the
 * code of the place, which goes before everything here. Limits are in pounds of nutrient for 1000 ft², inclusive; days
 * are inclusive at both ends and may cross the new year.
 */
export const ARCHETYPES = {
  'p-by-test': { typical: { months: '36' }, lawnsOnly: true },
  'n-dose': { typical: { total: '0.9', soluble: '0.7' }, lawnsOnly: true },
  'n-year': { typical: { year: '3.2' }, lawnsOnly: true },
  'slow-share': { typical: { slow: '20' }, lawnsOnly: true },
  'winter-stop': { typical: { from: '12-01', to: '03-01' }, lawnsOnly: true },
  'summer-stop': { typical: { from: '06-01', to: '09-30' }, lawnsOnly: true },
  'water-strip': { typical: { rotary: '15', drop: '10' } },
  'hard-surfaces': { typical: {} },
  'rain-warning': { typical: { inches: '1', hours: '24' } },
  'frozen-ground': { typical: {} },
  'licensed-only': { typical: {} },
  posting: { typical: { hours: '48' } },
  'plan-and-record': { typical: { months: '36' } },
  'new-lawn': { typical: { p2o5: '1', days: '30' }, lawnsOnly: true },
  'well-strip': { typical: { feet: '100' } },
  'steep-ground': { typical: {} },
  'water-with-n': { typical: {} },
  organics: { typical: { p2o5: '0.25' } },
  manure: { typical: { touching: '120', days: '90' } },
  'lake-district': { typical: { slow: '50', feet: '25' }, lawnsOnly: true },
} as const satisfies Record<NamesIn<'rule'>, Archetype>;

export type RuleKind = keyof typeof ARCHETYPES;
export const RULE_KINDS = Object.keys(ARCHETYPES) as readonly RuleKind[];

/** Whether a kind of rule holds on lawns alone. */
export function holdsOnLawnsOnly(kind: RuleKind): boolean {
  return 'lawnsOnly' in ARCHETYPES[kind];
}

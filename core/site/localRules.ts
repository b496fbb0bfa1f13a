import type { CaseFile } from '../casefile/casefile';
import { rulesOf, type Rule } from '../casefile/parts/rule';
import type { Plant } from '../catalog/plants/plants';
import {
  ARCHETYPES,
  holdsOnLawnsOnly,
  type RuleField,
  type RuleKind,
} from '../catalog/rules/archetypes';
import type { SeasonWindow } from '../catalog/packs/pack';
import { msg } from '../kernel/messages/msg';
import { parseNumber } from '../kernel/typed/number';
import type { PlanContext } from '../kernel/working/context';
import { monthDayOf } from './monthDay';

const NUMBERS = { min: 0, max: 10_000 };

/** A local rule as it is read: what is not filled in is as the usual rule of its kind. */
export interface LocalRule {
  readonly id: string;
  readonly kind: RuleKind;
  /** What the office calls it; '' is not named. */
  readonly name: string;
  readonly numbers: Readonly<Partial<Record<RuleField, number>>>;
  /** Days of each year that it closes. */
  readonly days: SeasonWindow | undefined;
}

/** A number that a rule sets, with the rule that it is of. */
export interface RuleLimit {
  readonly value: number;
  readonly rule: LocalRule;
}

/** What the local rules allow on a piece of ground, the strictest of several. */
export interface Allowed {
  readonly rules: readonly LocalRule[];
  readonly totalN: RuleLimit | undefined;
  readonly solubleN: RuleLimit | undefined;
  readonly yearN: RuleLimit | undefined;
  /** Least share of slow nitrogen, 0 to 1. */
  readonly slowShare: RuleLimit | undefined;
  /** Phosphate only where a test of at most so many months finds it low. */
  readonly phosphateByTest: RuleLimit | undefined;
  /** Most phosphate on a new lawn. */
  readonly newLawnP2O5: RuleLimit | undefined;
  /** So many days after sod was laid nothing goes on top. */
  readonly sodDays: RuleLimit | undefined;
  /** Rules that close days of the year to nitrogen and phosphate. */
  readonly stops: readonly (LocalRule & { readonly days: SeasonWindow })[];
}

function read(ctx: PlanContext, rule: Rule): LocalRule {
  const typical: Readonly<Partial<Record<RuleField, string>>> = ARCHETYPES[rule.kind].typical;
  const fields = Object.keys(typical) as RuleField[];
  const at = (field: RuleField): string => `rules/${rule.id}/values/${field}`;
  const textOf = (field: RuleField): string => {
    const typed = rule.values[field] ?? '';
    return typed.trim() === '' ? (typical[field] ?? '') : typed;
  };
  const day = (field: RuleField): string | undefined => {
    const found = monthDayOf(textOf(field));
    if (!found) ctx.problems[at(field)] = msg('problem.notADay', { text: textOf(field) });
    return found ?? monthDayOf(typical[field] ?? '');
  };
  const numbers = Object.fromEntries(
    fields.flatMap((field) => {
      if (field === 'from' || field === 'to') return [];
      const parsed = parseNumber(textOf(field), NUMBERS);
      if (parsed.kind === 'error') ctx.problems[at(field)] = parsed.error;
      const fallback = Number(typical[field]);
      return [[field, parsed.kind === 'value' ? parsed.value : fallback]];
    }),
  ) as LocalRule['numbers'];
  const from = fields.includes('from') ? day('from') : undefined;
  const to = fields.includes('to') ? day('to') : undefined;
  const { id, kind, name } = rule;
  return { id, kind, name: name.trim(), numbers, days: from && to ? { from, to } : undefined };
}

/** The strictest of some rules by a number that each sets. */
function strictest(
  rules: readonly LocalRule[],
  kinds: readonly RuleKind[],
  field: RuleField,
  stricter: (a: number, b: number) => boolean,
): RuleLimit | undefined {
  return rules
    .filter(({ kind }) => kinds.includes(kind))
    .flatMap((rule): RuleLimit[] => {
      const value = rule.numbers[field];
      return value === undefined ? [] : [{ value, rule }];
    })
    .reduce<RuleLimit | undefined>(
      (found, each) => (found && !stricter(each.value, found.value) ? found : each),
      undefined,
    );
}

const less = (a: number, b: number): boolean => a < b;
const more = (a: number, b: number): boolean => a > b;

/** What the rules of a case allow on the ground of a plant. What cannot be read is among the problems. */
export function allowedOn(
  ctx: PlanContext,
  file: Pick<CaseFile, 'rules'>,
  { form }: Pick<Plant, 'form'>,
): Allowed {
  const rules = rulesOf(file)
    .filter(({ kind }) => form === 'lawn' || !holdsOnLawnsOnly(kind))
    .map((rule) => read(ctx, rule));
  const percent = strictest(rules, ['slow-share', 'lake-district'], 'slow', more);
  return {
    rules,
    totalN: strictest(rules, ['n-dose'], 'total', less),
    solubleN: strictest(rules, ['n-dose'], 'soluble', less),
    yearN: strictest(rules, ['n-year'], 'year', less),
    slowShare: percent && { ...percent, value: percent.value / 100 },
    phosphateByTest: strictest(rules, ['p-by-test'], 'months', less),
    newLawnP2O5: strictest(rules, ['new-lawn'], 'p2o5', less),
    sodDays: strictest(rules, ['new-lawn'], 'days', more),
    stops: rules.flatMap((rule) => (rule.days ? [{ ...rule, days: rule.days }] : [])),
  };
}

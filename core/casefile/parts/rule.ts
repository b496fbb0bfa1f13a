import { ARCHETYPES, RULE_FIELDS, RULE_KINDS, type RuleKind } from '../../catalog/rules/archetypes';
import { id, number, object, oneOf, some, text, type Of } from '../../kernel/typed/spec';

/** A local rule, filled in from the code of the place; what is typed stays as typed. */
export const RULE = object({
  id,
  order: number,
  kind: oneOf(RULE_KINDS),
  /** What the office calls it, and where it is printed. */
  name: text,
  values: some(RULE_FIELDS, text),
});
export interface Rule extends Of<typeof RULE> {}

/** A rule of a kind with what is usual for it. */
export function newRule(ruleId: string, order: number, kind: RuleKind): Rule {
  return { id: ruleId, order, kind, name: '', values: ARCHETYPES[kind].typical };
}

/** Rules in their order. */
export function rulesOf({ rules }: { readonly rules: Readonly<Record<string, Rule>> }): Rule[] {
  return Object.values(rules).sort((a, b) => a.order - b.order);
}

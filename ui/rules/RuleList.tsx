'use client';

import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import { newRule, type Rule } from '../../core/casefile/parts/rule';
import { ARCHETYPES, RULE_KINDS, type RuleField } from '../../core/catalog/rules/archetypes';
import { own } from '../../core/kernel/typed/own';
import type { Problems } from '../../core/kernel/working/context';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { ChoiceField } from '../kit/ChoiceField';
import { DraftField } from '../kit/DraftField';

interface RuleListProps {
  readonly rules: readonly Rule[];
  readonly problems: Problems;
  /** Writes a rule, or takes one away. */
  readonly write: (rule: Rule) => void;
  readonly remove: (ruleId: string) => void;
}

/** A rule with its fields: what the code of the place says goes before what is usual. */
function OneRule({
  rule,
  problems,
  write,
  remove,
}: Omit<RuleListProps, 'rules'> & { rule: Rule }): ReactNode {
  const { id, kind, name, values } = rule;
  const fields = Object.keys(ARCHETYPES[kind].typical) as RuleField[];
  const typical: Readonly<Partial<Record<RuleField, string>>> = ARCHETYPES[kind].typical;
  return (
    <li className="border-t border-rule-2 py-2">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <p className="w-52 self-center font-semibold">{text(`rule.${kind}`)}</p>
        <DraftField
          label={text('rules.name')}
          value={name}
          placeholder={text('rules.namePlace')}
          onChange={(typed) => write({ ...rule, name: typed })}
        />
        {fields.map((field) => {
          const problem = own(problems, `rules/${id}/values/${field}`);
          return (
            <div key={field}>
              <DraftField
                label={text(`ruleField.${field}`)}
                value={values[field] ?? ''}
                placeholder={typical[field] ?? ''}
                className="w-28"
                onChange={(typed) => write({ ...rule, values: { ...values, [field]: typed } })}
              />
              {problem && <p className="text-small text-madder">{messageText(problem)}</p>}
            </div>
          );
        })}
        <Button look="quiet" onClick={() => remove(id)}>
          {text('rules.remove')}
        </Button>
      </div>
    </li>
  );
}

/** Local rules, each filled in from the code of the place, and more of the twenty kinds. */
export function RuleList({ rules, problems, write, remove }: RuleListProps): ReactNode {
  return (
    <>
      <p className="mb-2 max-w-2xl text-small text-ink-2">{text('rules.how')}</p>
      <ul>
        {rules.map((rule) => (
          <OneRule key={rule.id} {...{ rule, problems, write, remove }} />
        ))}
      </ul>
      <div className="mt-2">
        <ChoiceField
          label={text('rules.add')}
          value=""
          options={[
            { value: '', words: text('rules.choose') },
            ...RULE_KINDS.map((kind) => ({ value: kind, words: text(`rule.${kind}`) })),
          ]}
          onChoose={(chosen) => {
            const kind = RULE_KINDS.find((each) => each === chosen);
            const order = Math.max(0, ...rules.map((each) => each.order)) + 1;
            if (kind) write(newRule(nanoid(8), order, kind));
          }}
        />
      </div>
    </>
  );
}

'use client';

import type { ReactNode } from 'react';
import { rulesOf } from '../../../core/casefile/parts/rule';
import type { Json } from '../../../store/patch';
import { RuleList } from '../../rules/RuleList';
import { useCase } from '../context/caseContext';

/** The local rules of this case: those of the office when it was begun, and what was changed since. */
export function CaseRules(): ReactNode {
  const { state, plan, session } = useCase();
  return (
    <RuleList
      rules={rulesOf(state.doc)}
      problems={plan.problems}
      write={(rule) =>
        session.edit(
          [{ path: `rules/${rule.id}`, value: rule as unknown as Json }],
          `rule:${rule.id}`,
        )
      }
      remove={(id) => session.edit([{ path: `rules/${id}`, value: undefined }], `no-rule:${id}`)}
    />
  );
}

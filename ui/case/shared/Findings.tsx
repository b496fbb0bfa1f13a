'use client';

import { decisionKey, decisionOf } from '../../../core/casefile/decisions';
import type { ReactNode } from 'react';
import {
  asksApproval,
  findingKey,
  type Finding,
  type Question,
  type StepId,
} from '../../../core/kernel/working/finding';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { FigureText } from '../../working/FigureText';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';

const LOOKS: Readonly<Record<Finding['severity'], string>> = {
  note: 'border-rule bg-paper',
  decide: 'border-ochre bg-ochre-wash',
  stop: 'border-madder bg-madder-wash',
};

/** The likely mend of something typed, and the answer that it is right as it stands. */
function Answers({ question }: { question: Question }): ReactNode {
  const { area, session, state } = useCase();
  const { token, repair } = question;
  const right = (): void => {
    const what = 'checked' as const;
    const before = decisionOf(state.doc, area.area.id, what)?.value ?? '';
    const value = {
      what,
      value: `${before} ${token}`.trim(),
      reason: '',
      at: new Date().toISOString(),
    };
    const path = `decisions/${decisionKey(area.area.id, what)}`;
    session.edit([{ path, value }], `right:${token}`);
  };
  return (
    <span className="flex flex-wrap items-center gap-x-4">
      {repair && (
        <Button
          look="quiet"
          onClick={() =>
            session.edit([{ path: repair.path, value: repair.value }], `repair:${token}`)
          }
        >
          {messageText(repair.label)}
        </Button>
      )}
      <Button look="quiet" onClick={right}>
        {text('question.right')}
      </Button>
    </span>
  );
}

/** What the plan has to say about a step. Unsettled sums are said by the step's own act. */
export function Findings({ step }: { step: StepId }): ReactNode {
  const { plan, area } = useCase();
  const here = plan.findings.filter(
    (finding) =>
      finding.step === step &&
      !asksApproval(finding) &&
      (finding.areaId === area.area.id || finding.areaId === 'case'),
  );
  if (here.length === 0) return null;
  return (
    <ul className="mb-3 grid gap-1.5">
      {here.map((finding) => (
        <li key={findingKey(finding)} className={`border-l-3 px-3 py-1 ${LOOKS[finding.severity]}`}>
          <Openable>
            {finding.severity !== 'note' && (
              <strong>{text(`severity.${finding.severity}`)} </strong>
            )}
            <FigureText message={finding.message} />
            {finding.question && <Answers question={finding.question} />}
          </Openable>
        </li>
      ))}
    </ul>
  );
}

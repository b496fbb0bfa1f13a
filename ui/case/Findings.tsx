'use client';

import type { ReactNode } from 'react';
import type { Finding, StepId } from '../../core/working/context';
import { text } from '../format/text';
import { FigureText } from '../working/FigureText';
import { Openable } from '../working/Openable';
import { useCase } from './caseContext';

const LOOKS: Readonly<Record<Finding['severity'], string>> = {
  note: 'border-rule bg-paper',
  decide: 'border-ochre bg-ochre-wash',
  stop: 'border-madder bg-madder-wash',
};

/** What the plan has to say about a step. Unsettled sums are said by the step's own act. */
export function Findings({ step }: { step: StepId }): ReactNode {
  const { plan, area } = useCase();
  const here = plan.findings.filter(
    (finding) =>
      finding.step === step &&
      !finding.id.endsWith('Unsettled') &&
      (finding.id.startsWith(`${area.area.id}/`) || finding.id.startsWith('case/')),
  );
  if (here.length === 0) return null;
  return (
    <ul className="mb-3 grid gap-1.5">
      {here.map((finding) => (
        <li key={finding.id} className={`border-l-3 px-3 py-1 ${LOOKS[finding.severity]}`}>
          <Openable>
            {finding.severity !== 'note' && (
              <strong>{text(`severity.${finding.severity}`)} </strong>
            )}
            <FigureText message={finding.message} />
          </Openable>
        </li>
      ))}
    </ul>
  );
}

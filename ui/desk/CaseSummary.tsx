'use client';

import { headlinesOf } from '../../core/tell/headlines';
import { useMemo, type ReactNode } from 'react';
import type { CaseFile } from '../../core/casefile/casefile';
import { migrate } from '../../core/casefile/migrations/migrate';
import { planCase } from '../../core/plan/plan';
import { asksApproval, findingKey } from '../../core/kernel/working/finding';
import { areaName } from '../format/areaName';
import { brokenName } from '../case/BrokenGround';
import { text } from '../format/text';
import { FigureText } from '../working/FigureText';
import { Openable } from '../working/Openable';
import { WorkingProvider } from '../working/openWorking';

/** What a case comes to, ground by ground, and what is open; every figure opens. */
export function CaseSummary({ doc }: { doc: CaseFile }): ReactNode {
  const plan = useMemo(() => {
    const migrated = migrate(doc);
    return migrated.kind === 'document'
      ? planCase(migrated.document as unknown as CaseFile)
      : undefined;
  }, [doc]);
  if (!plan) return null;
  // What only asks to approve an amount is said by the amount.
  const open = plan.findings.filter((each) => each.severity !== 'note' && !asksApproval(each));
  return (
    <WorkingProvider workings={plan.workings}>
      {doc.client.question && (
        <p className="mt-2 font-serif text-slip text-ink-2 italic">{doc.client.question}</p>
      )}
      {plan.areas.map((each) => (
        <section key={each.area.id} className="mt-3">
          <h3 className="font-semibold">{areaName(each)}</h3>
          {Object.values(headlinesOf(each)).map((headline) => (
            <Openable key={headline.id}>
              <p className="font-serif text-slip">
                <FigureText message={headline} bold />
              </p>
            </Openable>
          ))}
          {each.judgements.map(({ id, says }) => (
            <Openable key={id}>
              <p className="mt-1 text-small text-ink-2">
                <FigureText message={says} plain />
              </p>
            </Openable>
          ))}
        </section>
      ))}
      {plan.broken.map((each) => (
        <section key={each.area.id} className="mt-3">
          <h3 className="font-semibold">{brokenName(each)}</h3>
          <p className="text-madder">{text('broken.short')}</p>
        </section>
      ))}
      <ul className="mt-3 grid gap-1.5">
        {open.map((finding) => (
          <li
            key={findingKey(finding)}
            className={`border-l-3 px-3 py-1 ${finding.severity === 'stop' ? 'border-madder bg-madder-wash' : 'border-ochre bg-ochre-wash'}`}
          >
            <Openable>
              <strong>{text(`severity.${finding.severity}`)} </strong>
              <FigureText message={finding.message} />
            </Openable>
          </li>
        ))}
      </ul>
    </WorkingProvider>
  );
}

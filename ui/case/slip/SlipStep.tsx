'use client';

import { decisionKey, decisionOf } from '../../../core/casefile/decisions';
import { nanoid } from 'nanoid';
import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { isSent, slipDigest } from '../../../core/plan/queue';
import { useCase } from '../context/caseContext';
import { useRelease } from '../context/useRelease';
import { useCommands, type Command } from '../../commands/registry';
import { formatDate, localDay } from '../../format/date';
import { text, voice } from '../../format/text';
import { Button } from '../../kit/Button';
import { Kbd } from '../../kit/Kbd';
import { StepHead } from '../../kit/Section';
import { Reviewed } from './Reviewed';
import { SlipOptions } from './SlipOptions';
import { SlipPage } from './SlipPage';
import { useOffice } from '../../slip/useOffice';
import { issue } from '../../../files/slip/issue';
import { slipMail } from '../../../files/slip/slipMail';
import { writtenPage, type WrittenPage } from '../../../files/slip/writtenPage';
import { writtenSums } from '../../../files/slip/writtenSums';
import { savePdf } from '../../slip/pagePrinter';
import { usePaperOptions } from '../../slip/paperOptions';
import { usePageVoice } from '../../slip/usePageVoice';
import { EditedLines } from './EditedLines';
import { Given } from './Given';

/** A page that was not served from this machine or over https has no clipboard. */
async function copyText(words: string): Promise<void> {
  await navigator.clipboard.writeText(words);
}

/** Whether this very slip went out; a slip that changed since wants to be sent again. What is given out is kept. */
function Sent({ page }: { page: WrittenPage | undefined }): ReactNode {
  const { goesOut } = useRelease();
  const { session, state, plan } = useCase();
  const decision = decisionOf(state.doc, 'case', 'slip-sent');
  const digest = slipDigest(plan);
  if (decision && isSent(plan, decision)) {
    const date = formatDate(localDay(new Date(decision.at)));
    return (
      <span className="self-center font-semibold text-spruce">{text('sent.done', { date })}</span>
    );
  }
  if (plan.steps.slip !== 'done' || !page || !goesOut) return null;
  const mark = (): void => {
    const at = new Date().toISOString();
    const value = { what: 'slip-sent', value: digest, reason: '', at };
    const id = nanoid(8);
    const given = { id, on: localDay(new Date(at)), at, units: voice.units };
    const edits = [
      { path: `decisions/${decisionKey('case', 'slip-sent')}`, value },
      { path: `issued/${id}`, value: issue(state.doc, page, given) },
    ];
    session.edit(edits, `sent:${at}`);
    void session.flush();
  };
  return <Button onClick={mark}>{text('sent.mark')}</Button>;
}

/** The slip as it will be printed, with the ways out of the house. */
export function SlipStep(): ReactNode {
  const { state, plan } = useCase();
  const office = useOffice();
  const options = usePaperOptions();
  const spoken = usePageVoice(state.doc.client.language);
  const page = useMemo(
    () => spoken && writtenPage(state.doc, plan, spoken, office),
    [spoken, state.doc, plan, office],
  );
  const [told, setTold] = useState('');
  const release = useRelease();
  const { goesOut } = release;
  const copy = useCallback((): void => {
    if (!spoken) return;
    copyText(slipMail(state.doc, plan, office, spoken)).then(
      () => setTold(text('slip.copied.done')),
      () => setTold(text('slip.copied.failed')),
    );
  }, [state.doc, plan, office, spoken]);
  const draw = useCallback((): void => {
    if (!page) return;
    const sums = { title: text('slip.appendix'), figures: writtenSums(plan, voice) };
    const sheet = { page, language: state.doc.client.language, ...(options.sums ? { sums } : {}) };
    setTold(text('page.drawing'));
    savePdf([sheet], { paper: office.paper, large: options.large }).then(
      () => setTold(''),
      (error: unknown) => setTold(text('page.notDrawn', { why: String(error) })),
    );
  }, [page, plan, options, office, state.doc.client.language]);
  const save = useCallback((): void => {
    void import('../../files/exportCase').then(({ exportCase }) => exportCase(state.doc));
  }, [state.doc]);
  const commands = useMemo<readonly Command[]>(
    () => [
      { id: 'export', label: text('command.export'), keys: ['E'], run: save },
      // Nothing that takes the page out of the house while it waits for a second person.
      ...(goesOut
        ? [
            { id: 'copy', label: text('command.copy'), keys: ['C', 'Alt+C'], run: copy },
            { id: 'pdf', label: text('command.pdf'), keys: [], run: draw },
            {
              id: 'print',
              label: text('command.print'),
              keys: ['Ctrl+P'],
              run: () => window.print(),
            },
          ]
        : []),
    ],
    [copy, save, draw, goesOut],
  );
  useCommands(commands);
  const title = plan.steps.slip === 'done' ? 'slip.ready' : 'slip.notReady';
  return (
    <>
      <div className="print:hidden">
        <StepHead
          title={text(plan.steps.slip === 'not-begun' ? 'slip.notBegun' : title)}
          below={
            <>
              {!release.goesOut && <strong>{text(`release.why.${release.why}`)} </strong>}
              <span role="status">{told}</span>
            </>
          }
          act={
            <span className="flex flex-wrap gap-2">
              <Sent page={page} />
              <Button onClick={save}>{text('slip.save')}</Button>
              <Button onClick={copy} disabled={!goesOut}>
                {text('slip.copy')}
                <Kbd>{text('slip.copyKey')}</Kbd>
              </Button>
              <Button onClick={draw} disabled={!goesOut}>
                {text('page.pdf')}
              </Button>
              <Button look="primary" onClick={() => window.print()} disabled={!goesOut} data-act="">
                {text('slip.print')}
              </Button>
            </span>
          }
        />
      </div>
      <SlipOptions />
      {page && <Given now={page} />}
      <Reviewed />
      <div className="max-w-180 border border-rule p-6">
        <SlipPage>
          <EditedLines />
        </SlipPage>
      </div>
    </>
  );
}

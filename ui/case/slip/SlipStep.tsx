'use client';

import { decisionKey, decisionOf } from '../../../core/casefile/decisions';
import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { isSent, slipDigest } from '../../../core/plan/queue';
import { useCase } from '../context/caseContext';
import { useCommands, type Command } from '../../commands/registry';
import { formatDate, localDay } from '../../format/date';
import { text, voice } from '../../format/text';
import { Button } from '../../kit/Button';
import { Kbd } from '../../kit/Kbd';
import { StepHead } from '../../kit/Section';
import { SlipOptions } from './SlipOptions';
import { SlipPage } from './SlipPage';
import { useOffice } from '../../slip/useOffice';
import { slipMail } from '../../../files/slip/slipMail';

/** A page that was not served from this machine or over https has no clipboard. */
async function copyText(words: string): Promise<void> {
  await navigator.clipboard.writeText(words);
}

/** Whether this very slip went out; a slip that changed since wants to be sent again. */
function Sent(): ReactNode {
  const { session, state, plan } = useCase();
  const decision = decisionOf(state.doc, 'case', 'slip-sent');
  const digest = slipDigest(plan);
  if (decision && isSent(plan, decision)) {
    const date = formatDate(localDay(new Date(decision.at)));
    return (
      <span className="self-center font-semibold text-spruce">{text('sent.done', { date })}</span>
    );
  }
  if (plan.steps.slip !== 'done') return null;
  const mark = (): void => {
    const at = new Date().toISOString();
    const value = { what: 'slip-sent', value: digest, reason: '', at };
    session.edit([{ path: `decisions/${decisionKey('case', 'slip-sent')}`, value }], `sent:${at}`);
    void session.flush();
  };
  return <Button onClick={mark}>{text('sent.mark')}</Button>;
}

/** The slip as it will be printed, with the ways out of the house. */
export function SlipStep(): ReactNode {
  const { state, plan } = useCase();
  const office = useOffice();
  const [copied, setCopied] = useState<'done' | 'failed'>();
  const copy = useCallback((): void => {
    copyText(slipMail(state.doc, plan, office, voice)).then(
      () => setCopied('done'),
      () => setCopied('failed'),
    );
  }, [state.doc, plan, office]);
  const save = useCallback((): void => {
    void import('../../files/exportCase').then(({ exportCase }) => exportCase(state.doc));
  }, [state.doc]);
  const commands = useMemo<readonly Command[]>(
    () => [
      { id: 'export', label: text('command.export'), keys: ['E'], run: save },
      { id: 'copy', label: text('command.copy'), keys: ['C', 'Alt+C'], run: copy },
      { id: 'print', label: text('command.print'), keys: ['Ctrl+P'], run: () => window.print() },
    ],
    [copy, save],
  );
  useCommands(commands);
  const title = plan.steps.slip === 'done' ? 'slip.ready' : 'slip.notReady';
  return (
    <>
      <div className="print:hidden">
        <StepHead
          title={text(plan.steps.slip === 'not-begun' ? 'slip.notBegun' : title)}
          below={<span role="status">{copied && text(`slip.copied.${copied}`)}</span>}
          act={
            <span className="flex gap-2">
              <Sent />
              <Button onClick={save}>{text('slip.save')}</Button>
              <Button onClick={copy}>
                {text('slip.copy')}
                <Kbd>{text('slip.copyKey')}</Kbd>
              </Button>
              <Button look="primary" onClick={() => window.print()} data-act="">
                {text('slip.print')}
              </Button>
            </span>
          }
        />
      </div>
      <SlipOptions />
      <div className="max-w-180 border border-rule p-6">
        <SlipPage />
      </div>
    </>
  );
}

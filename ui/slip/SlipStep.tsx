'use client';

import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { useCase } from '../case/caseContext';
import { useCommands, type Command } from '../commands/registry';
import { text } from '../format/text';
import { Button } from '../parts/Button';
import { Kbd } from '../parts/Kbd';
import { StepHead } from '../parts/Section';
import { SlipPage } from './SlipPage';
import { slipText } from './slipText';

/** A page that was not served from this machine or over https has no clipboard. */
async function copyText(words: string): Promise<void> {
  await navigator.clipboard.writeText(words);
}

/** The slip as it will be printed, with the ways out of the house. */
export function SlipStep(): ReactNode {
  const { state, plan } = useCase();
  const [copied, setCopied] = useState<'done' | 'failed'>();
  const copy = useCallback((): void => {
    copyText(slipText(state.doc, plan)).then(
      () => setCopied('done'),
      () => setCopied('failed'),
    );
  }, [state.doc, plan]);
  const commands = useMemo<readonly Command[]>(
    () => [
      { id: 'copy', label: 'command.copy', keys: ['C', 'Alt+C'], run: copy },
      { id: 'print', label: 'command.print', keys: ['Ctrl+P'], run: () => window.print() },
    ],
    [copy],
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
      <div className="max-w-180 border border-rule p-6">
        <SlipPage />
      </div>
    </>
  );
}

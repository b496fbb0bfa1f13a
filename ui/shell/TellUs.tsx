'use client';

import { useState, type ReactNode } from 'react';
import { text } from '../format/shell';
import { Button } from '../kit/Button';

/** The version of the program, written in when it is built. */
const VERSION = process.env['NEXT_PUBLIC_VERSION'] ?? '';

/** What a report of a fault says: the version, the part and the fault, and nothing of any case. */
function reportOf(where: string, fault: string): string {
  return [
    text('tellUs.version', { version: VERSION }),
    text('tellUs.where', { where }),
    text('tellUs.fault', { fault }),
    text('tellUs.browser', { browser: navigator.userAgent }),
  ].join('\n');
}

/** The seed of a report of a fault, to be copied: nothing is sent from here, and no case is in it. */
export function TellUs({ where, fault }: { where: string; fault: string }): ReactNode {
  const [copied, setCopied] = useState<'done' | 'failed'>();
  const [report] = useState(() => reportOf(where, fault));
  const copy = (): void => {
    // A page that was not served from this machine or over https has no clipboard.
    const clipboard = navigator.clipboard as Clipboard | undefined;
    if (!clipboard) return setCopied('failed');
    void clipboard.writeText(report).then(
      () => setCopied('done'),
      () => setCopied('failed'),
    );
  };
  return (
    <details className="mt-2">
      <summary className="cursor-pointer py-0.5 font-semibold text-spruce">
        {text('tellUs.title')}
      </summary>
      <p className="mt-1 max-w-xl text-small text-ink-2">{text('tellUs.help')}</p>
      <pre className="my-2 max-w-2xl border border-rule bg-sheet p-2 text-small break-words whitespace-pre-wrap">
        {report}
      </pre>
      <Button onClick={copy}>{text('tellUs.copy')}</Button>
      <span role="status" className="ml-3 text-small text-ink-2">
        {copied && text(`tellUs.${copied}`)}
      </span>
    </details>
  );
}

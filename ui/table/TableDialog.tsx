'use client';

import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useState, type ReactNode } from 'react';
import type { Summary } from '../../files/reportTable/reportTable';
import type { NamedSample } from '../../files/reportTable/sampleIndex';
import type { TableResult } from '../../files/reportTable/result';
import { rememberMapping } from '../../store/mappings';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { ColumnRoles } from './ColumnRoles';
import { Rows } from './Rows';
import { UnknownNames } from './UnknownNames';
import { useTable, type TableSource } from './useTable';

interface TableDialogProps {
  readonly source: TableSource;
  readonly samples: readonly NamedSample[];
  /** What a sample is called on the screen. */
  readonly nameOf: (sampleId: string) => string;
  /** Stores the values, all of them or none. */
  readonly onTake: (values: TableResult) => Promise<void>;
  readonly onClose: () => void;
}

/** What stands between the table and being taken, in one sentence; nothing where it is whole. */
function standsInTheWay({ refusal, faulty, unknownNames }: Summary): string | undefined {
  if (refusal) return messageText(refusal);
  if (unknownNames > 0) return text('table.namesOpen', { n: unknownNames });
  if (faulty > 0) return text('table.faultsOpen', { n: faulty });
  return undefined;
}

/**
 * A laboratory's table before it is taken: what each column holds, each row as it will be read, and every
 * fault at its cell, to be mended there. All of it is taken, or nothing.
 */
export function TableDialog({
  source,
  samples,
  nameOf,
  onTake,
  onClose,
}: TableDialogProps): ReactNode {
  const { reader, summary, version, progress, failed, change } = useTable(source, samples);
  const [faultyOnly, setFaultyOnly] = useState(false);
  const [storing, setStoring] = useState(false);
  const [refused, setRefused] = useState(false);
  const why = summary && standsInTheWay(summary);
  const take = async (): Promise<void> => {
    if (!reader || !summary) return;
    setStoring(true);
    try {
      await onTake(await reader.result());
      await rememberMapping(summary.signature, summary.mapping);
      onClose();
    } catch {
      setRefused(true);
      setStoring(false);
    }
  };
  return (
    <Dialog open onClose={onClose} className="relative z-20 print:hidden">
      <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
      <div className="fixed inset-0 flex items-stretch justify-center p-4">
        <DialogPanel className="flex w-full max-w-6xl flex-col rounded bg-sheet p-5 shadow-xl">
          <div className="mb-3 flex items-baseline justify-between gap-4">
            <DialogTitle className="font-serif text-decision font-semibold">
              {text('table.title', { name: source.name })}
            </DialogTitle>
            {summary && (
              <span className="text-ink-2">
                {text('table.comesTo', { rows: summary.rows, samples: summary.samples })}
              </span>
            )}
          </div>
          {failed && <p role="alert">{text('table.failed')}</p>}
          {!summary && !failed && (
            <div role="status" className="flex items-center gap-4">
              {text('table.reading')}
              {progress && progress.total > 0 && (
                <progress
                  aria-label={text('table.reading')}
                  max={progress.total}
                  value={progress.done}
                />
              )}
            </div>
          )}
          {summary && (
            <>
              <ColumnRoles summary={summary} change={change} />
              <UnknownNames summary={summary} nameOf={nameOf} samples={samples} change={change} />
              <label className="mt-2 mb-1 flex items-center gap-2">
                <input
                  type="checkbox"
                  className="size-4 accent-spruce"
                  checked={faultyOnly}
                  onChange={(event) => setFaultyOnly(event.target.checked)}
                />
                {text('table.faultyOnly', { n: summary.faulty })}
              </label>
              <Rows
                reader={reader}
                summary={summary}
                version={version}
                faultyOnly={faultyOnly}
                nameOf={nameOf}
                change={change}
              />
            </>
          )}
          <div className="mt-4 flex items-center gap-4">
            <Button
              look="primary"
              disabled={!summary || why !== undefined || storing}
              onClick={() => void take()}
            >
              {text('csv.take')}
            </Button>
            <Button look="quiet" onClick={onClose}>
              {text('csv.leave')}
            </Button>
            <span role="status" className={why ? 'text-madder' : 'text-ink-2'}>
              {refused ? text('desk.fileFailed') : why}
            </span>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

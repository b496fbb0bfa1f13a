'use client';

import { useState, type ReactNode } from 'react';
import type { CaseFile } from '../../core/casefile/casefile';
import type { CsvFault, Meant, NamedSample, UnknownName } from '../../files/reportCsv';
import type { Json } from '../../store/patch';
import { FilePick } from '../files/FilePick';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Button } from '../parts/Button';
import { useCase } from './caseContext';
import { sampleName } from './ground';

type Outcome =
  | { readonly kind: 'read'; readonly values: number; readonly samples: number }
  | { readonly kind: 'asks'; readonly file: File; readonly names: readonly UnknownName[] }
  | { readonly kind: 'refused'; readonly name: string; readonly faults: readonly CsvFault[] };

/** A sample answers to its own name, and to the names of the ground that it speaks for. */
function namedSamples(doc: CaseFile): NamedSample[] {
  return Object.values(doc.samples).map(({ id, name, areaIds }) => {
    const grounds = areaIds.flatMap((areaId) => doc.areas[areaId]?.name.trim() ?? []);
    const own = name.trim() === '' ? sampleName(doc, id) : name.trim();
    return { id, names: [...new Set([own, ...grounds.filter((each) => each !== '')])] };
  });
}

function Faults({ outcome }: { outcome: Extract<Outcome, { kind: 'refused' }> }): ReactNode {
  return (
    <div className="mt-2 border-l-3 border-madder bg-madder-wash px-3 py-1.5">
      <p className="font-semibold">{text('desk.refused', { name: outcome.name })}</p>
      <ul>
        {outcome.faults.map(({ line, column, name, reason }, index) => (
          <li key={index}>
            {text('csv.at', { line, column, name })} {messageText(reason)}
          </li>
        ))}
      </ul>
    </div>
  );
}

interface AskedProps {
  readonly names: readonly UnknownName[];
  readonly onAnswer: (meant: Meant) => void;
  readonly onCancel: () => void;
}

/** Names of the file that no sample has, and the samples that each may stand for. */
function Asked({ names, onAnswer, onCancel }: AskedProps): ReactNode {
  const [chosen, setChosen] = useState<Meant>(new Map());
  const all = names.every(({ key }) => chosen.has(key));
  return (
    <div className="mt-2 border-l-3 border-ochre bg-ochre-wash px-3 py-2">
      <p className="font-semibold">{text('csv.asks')}</p>
      <ul>
        {names.map(({ name, key, near }) => (
          <li key={key} className="flex flex-wrap items-center gap-3 py-1">
            <label className="flex items-center gap-3">
              {text('csv.means', { name })}
              <select
                className="field w-52"
                value={chosen.get(key) ?? ''}
                onChange={(event) =>
                  setChosen((before) => new Map(before).set(key, event.target.value))
                }
              >
                <option value="" disabled>
                  {text('csv.choose')}
                </option>
                {near.map((each) => (
                  <option key={each.sampleId} value={each.sampleId}>
                    {each.name}
                  </option>
                ))}
              </select>
            </label>
          </li>
        ))}
      </ul>
      <div className="mt-1 flex gap-4">
        <Button disabled={!all} onClick={() => onAnswer(chosen)}>
          {text('csv.take')}
        </Button>
        <Button look="quiet" onClick={onCancel}>
          {text('csv.leave')}
        </Button>
      </div>
    </div>
  );
}

/**
 * The laboratory's values from a file in long form, in one edit that one undo takes back. A file
 * with any fault is refused whole.
 */
export function ReportFile({ reportId }: { reportId: string }): ReactNode {
  const { session, state } = useCase();
  const [outcome, setOutcome] = useState<Outcome>();
  const read = async (file: File, meant?: Meant): Promise<void> => {
    const [{ readReportCsv }, content] = await Promise.all([
      import('../../files/reportCsv'),
      file.text(),
    ]);
    const result = readReportCsv(content, namedSamples(state.doc), meant);
    if (result.kind === 'asks') {
      setOutcome({ kind: 'asks', file, names: result.names });
      return;
    }
    if (result.kind === 'refused') {
      setOutcome({ kind: 'refused', name: file.name, faults: result.faults });
      return;
    }
    const results = state.doc.reports[reportId]?.results ?? {};
    const sampleIds = [...new Set(result.entries.map(({ sampleId }) => sampleId))];
    const edits = sampleIds.map((sampleId) => ({
      path: `reports/${reportId}/results/${sampleId}`,
      value: {
        ...results[sampleId],
        ...Object.fromEntries(
          result.entries
            .filter((entry) => entry.sampleId === sampleId)
            .map(({ analyte, typed }) => [analyte, typed]),
        ),
      } as unknown as Json,
    }));
    session.edit(edits, `csv:${file.name}:${file.lastModified}`);
    await session.flush();
    setOutcome({ kind: 'read', values: result.entries.length, samples: sampleIds.length });
  };
  return (
    <div>
      <div className="flex flex-wrap items-center gap-4">
        <FilePick
          label={text('csv.pick')}
          accept=".csv,text/csv,text/plain"
          onFile={(file) => void read(file)}
        />
        <span className="text-small text-ink-2">{text('csv.help')}</span>
      </div>
      <div role="status">
        {outcome?.kind === 'read' && (
          <p className="mt-2">
            {text('csv.read', { values: outcome.values, samples: outcome.samples })}
          </p>
        )}
        {outcome?.kind === 'asks' && (
          <Asked
            names={outcome.names}
            onAnswer={(meant) => void read(outcome.file, meant)}
            onCancel={() => setOutcome(undefined)}
          />
        )}
        {outcome?.kind === 'refused' && <Faults outcome={outcome} />}
      </div>
    </div>
  );
}

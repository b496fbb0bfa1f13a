'use client';

import type { PastEntry } from '../../../core/casefile/parts/past';
import { type Report, blankColumn, newReport } from '../../../core/casefile/parts/report';
import { nanoid } from 'nanoid';
import { useId, useState, type ReactNode } from 'react';
import type { CaseFile } from '../../../core/casefile/casefile';
import { layoutOf, linesOf, type Layout } from '../../../core/casefile/layouts';
import { reportsOf } from '../../../core/site/report/reports';
import { parseDate } from '../../../core/kernel/typed/date';
import type { Json } from '../../../store/patch';
import { useCase } from '../context/caseContext';
import { formatDate } from '../../format/date';
import { messageText } from '../../format/message';
import { nameFrom, text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { ReportGrid } from './ReportGrid';
import { FieldLabel } from '../../kit/FieldLabel';

const HEADS = ['what', 'before', 'now', 'change'] as const;

function said({ kind, on, amount, percent }: PastEntry): string {
  const day = parseDate(on);
  return text('earlier.put', {
    date: day.kind === 'value' ? formatDate(day.value) : on,
    what: text(`earlier.kind.${kind}`),
    amount: amount.text,
    unit: nameFrom('pastUnit', amount.unit),
    percent: percent === '' ? '' : ` (${percent})`,
  });
}

/** What has changed since the report before, and what was put on between the two. */
function Changes(): ReactNode {
  const { earlier } = useCase().area.readings;
  if (!earlier) return null;
  const { changes, between, on } = earlier;
  return (
    <>
      <Table
        label={text('earlier.title')}
        heads={HEADS.map((head) => ({
          id: head,
          words:
            head === 'before' && on
              ? text('earlier.beforeOn', { date: formatDate(on) })
              : text(`earlier.${head}`),
          number: head !== 'what',
        }))}
      >
        {changes.map(({ analyte, before, now, change }) => (
          <OpenableRow key={analyte} columns={HEADS.length}>
            <tr className="border-b border-rule-2">
              <Cell>{text(`analyte.${analyte}`)}</Cell>
              <Cell number>
                <Figure id={before.id} />
              </Cell>
              <Cell number>
                <Figure id={now.id} />
              </Cell>
              <Cell number>
                <Figure id={change.id} signed />
              </Cell>
            </tr>
          </OpenableRow>
        ))}
      </Table>
      <p className="mt-2">
        {between.length === 0
          ? text('earlier.nothingBetween')
          : text('earlier.between', { list: between.map(said).join('; ') })}
      </p>
    </>
  );
}

/** A report of the same samples under another date, with nothing typed yet. */
function another(doc: CaseFile, present: Report, date: string): { id: string; report: Report } {
  const id = nanoid(8);
  const { laboratory, layout } = present;
  const column = blankColumn(present);
  const results = Object.fromEntries(Object.keys(doc.samples).map((each) => [each, column]));
  return { id, report: newReport(id, { laboratory, layout, date, results }) };
}

interface AddProps {
  readonly present: Report;
}

/** Asks for the date of another report; by it the report is the newest, or an earlier one. */
function AddReport({ present }: AddProps): ReactNode {
  const { session, state } = useCase();
  const id = useId();
  const [date, setDate] = useState('');
  const parsed = parseDate(date);
  const undated = parseDate(present.date).kind !== 'value';
  if (undated) return <p className="text-small text-ink-2">{text('earlier.dateFirst')}</p>;
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (parsed.kind !== 'value') return;
        const { report } = another(state.doc, present, date);
        const value = report as unknown as Json;
        session.edit([{ path: `reports/${report.id}`, value }], `report:${report.id}`);
        setDate('');
      }}
    >
      <div>
        <FieldLabel of={id}>{text('earlier.dateOf')}</FieldLabel>
        <input
          id={id}
          autoComplete="off"
          className="field w-32"
          value={date}
          onChange={(event) => setDate(event.target.value)}
        />
      </div>
      <Button type="submit" disabled={parsed.kind !== 'value'}>
        {text('earlier.add')}
      </Button>
      {parsed.kind === 'error' && (
        <span className="pb-1.5 text-small text-madder">{messageText(parsed.error)}</span>
      )}
    </form>
  );
}

interface EarlierProps {
  readonly present: Report;
  readonly sampleId: string;
  readonly own: Readonly<Record<string, Layout>>;
}

/** The reports before the present one: what has changed, and their papers. */
export function EarlierReports({ present, sampleId, own }: EarlierProps): ReactNode {
  const { session, state } = useCase();
  const before = reportsOf(state.doc, sampleId).filter(({ id }) => id !== present.id);
  return (
    <>
      <Changes />
      {before.map((report) => {
        const parsed = parseDate(report.date);
        const date = parsed.kind === 'value' ? formatDate(parsed.value) : report.date;
        return (
          <details key={report.id} className="mt-2">
            <summary className="cursor-pointer py-1">
              {text('earlier.paper', { date, laboratory: report.laboratory || '–' })}
            </summary>
            <ReportGrid
              report={report}
              lines={linesOf(layoutOf(report.layout, own), report)}
              chosen={sampleId}
            />
            <Button
              look="quiet"
              onClick={() =>
                session.edit(
                  [{ path: `reports/${report.id}`, value: undefined }],
                  `remove:${report.id}`,
                )
              }
            >
              {text('earlier.remove')}
            </Button>
          </details>
        );
      })}
      <div className="mt-2">
        <AddReport present={present} />
      </div>
    </>
  );
}

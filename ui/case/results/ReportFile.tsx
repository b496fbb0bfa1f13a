'use client';

import { blankColumn } from '../../../core/casefile/parts/report';
import { useState, type ReactNode } from 'react';
import type { CaseFile } from '../../../core/casefile/casefile';
import { reportsOf } from '../../../core/site/report/reports';
import { own } from '../../../core/kernel/typed/own';
import type { NamedSample } from '../../../files/reportTable/sampleIndex';
import { bySample, type TableResult } from '../../../files/reportTable/result';
import type { Json } from '../../../store/patch';
import { text } from '../../format/text';
import { TableInput } from '../../table/TableInput';
import { useCase } from '../context/caseContext';
import { sampleName } from '../context/groundEdits';

/** A sample answers to its own name, and to the names of the ground that it speaks for. */
function namedSamples(doc: CaseFile): NamedSample[] {
  return Object.values(doc.samples).map(({ id, name, areaIds }) => {
    const grounds = areaIds.flatMap((areaId) => own(doc.areas, areaId)?.name.trim() ?? []);
    const called = name.trim() === '' ? sampleName(doc, id) : name.trim();
    return { id, names: [...new Set([called, ...grounds.filter((each) => each !== '')])] };
  });
}

/** The laboratory's values from a table, in one edit that one undo takes back. */
export function ReportFile(): ReactNode {
  const { session, state } = useCase();
  const { doc } = state;
  const [read, setRead] = useState<{ values: number; samples: number }>();
  const take = async (result: TableResult): Promise<void> => {
    const values = bySample(result);
    const edits = [...values].flatMap(([sampleId, found]) => {
      const [report] = reportsOf(doc, sampleId);
      if (!report) return [];
      const column = {
        ...(own(report.results, sampleId) ?? blankColumn(report)),
        ...Object.fromEntries(found.map(({ analyte, typed }) => [analyte, typed])),
      };
      const path = `reports/${report.id}/results/${sampleId}`;
      return [{ path, value: column as unknown as Json }];
    });
    session.edit(edits, `table:${Date.now()}`);
    await session.flush();
    const all = [...values.values()].reduce((sum, found) => sum + found.length, 0);
    setRead({ values: all, samples: values.size });
  };
  return (
    <>
      <div className="flex flex-wrap items-center gap-3">
        <TableInput
          samples={() => Promise.resolve(namedSamples(doc))}
          nameOf={(sampleId) => sampleName(doc, sampleId)}
          onTake={take}
        />
        <span className="text-small text-ink-2">{text('csv.help')}</span>
      </div>
      <p role="status" className={read ? 'mt-2' : ''}>
        {read && text('csv.read', read)}
      </p>
    </>
  );
}

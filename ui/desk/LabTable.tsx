'use client';

import { useRef, useState, type ReactNode } from 'react';
import type { NamedSample } from '../../files/reportTable/sampleIndex';
import { bySample, type TableResult } from '../../files/reportTable/result';
import {
  bringValues,
  samplesOnDesk,
  takeBack,
  type Brought,
  type CaseSample,
} from '../../store/tableValues';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { TableInput } from '../table/TableInput';

/** A laboratory's table for samples of many cases, each found by its name. */
export function LabTable(): ReactNode {
  const known = useRef<ReadonlyMap<string, CaseSample>>(new Map());
  const [taken, setTaken] = useState<{ samples: number; cases: number; brought: Brought }>();
  const samples = async (): Promise<NamedSample[]> => {
    const found = await samplesOnDesk();
    known.current = new Map(found.map((each) => [`${each.caseId}/${each.name}`, each]));
    return [...known.current].map(([id, { name }]) => ({ id, names: [name] }));
  };
  const nameOf = (id: string): string => {
    const sample = known.current.get(id);
    if (!sample) return id;
    const title = sample.caseTitle || text('case.untitled');
    return sample.name === title ? title : text('table.sampleOfCase', { name: sample.name, title });
  };
  const take = async (result: TableResult): Promise<void> => {
    const all = [...bySample(result)].flatMap(([id, found]) => {
      const sample = known.current.get(id);
      return sample ? [{ caseId: sample.caseId, name: sample.name, values: found }] : [];
    });
    const brought = await bringValues(all, Date.now());
    setTaken({ samples: all.length, cases: brought.size, brought });
  };
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3">
      <TableInput samples={samples} nameOf={nameOf} onTake={take} />
      {taken && (
        <span role="status" className="flex items-center gap-3">
          {text('table.taken', { samples: taken.samples, cases: taken.cases })}
          <Button
            look="quiet"
            onClick={() => {
              void takeBack(taken.brought, Date.now()).then(() => setTaken(undefined));
            }}
          >
            {text('desk.undo')}
          </Button>
        </span>
      )}
    </div>
  );
}

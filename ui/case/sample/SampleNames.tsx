'use client';

import type { Sample } from '../../../core/casefile/parts/sample';
import { useLiveQuery } from 'dexie-react-hooks';
import { nanoid } from 'nanoid';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { sampleName as nameByPattern } from '../../../core/site/sampling/sampleNames';
import { readOffice } from '../../../store/office';
import { namesElsewhere } from '../../../store/sampleNames';
import type { Edit } from '../../../store/session';
import { localDay } from '../../format/date';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { useCase } from '../context/caseContext';
import { TextField } from '../fields/Fields';
import { areaName } from '../../format/areaName';
import { textPlace } from '../context/places';

function groundsOf({ areaIds }: Sample, names: ReadonlyMap<string, string>): string {
  return areaIds.flatMap((id) => names.get(id) ?? []).join(', ');
}

interface RowProps {
  readonly sample: Sample;
  readonly grounds: string;
  readonly elsewhere: ReadonlySet<string>;
}

function Row({ sample, grounds, elsewhere }: RowProps): ReactNode {
  const { session, state } = useCase();
  const { doc } = state;
  const at = `samples/${sample.id}`;
  const own = sample.name.trim().toLowerCase();
  const lower = new Set([...elsewhere].map((name) => name.toLowerCase()));
  const twice = Object.values(doc.samples).some(
    ({ id, name }) => id !== sample.id && own !== '' && name.trim().toLowerCase() === own,
  );
  return (
    <li className="border-b border-rule-2 py-2 first:pt-0">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <TextField label={text('sample.name')} place={textPlace(doc, `${at}/name`)} width="unit" />
        <TextField
          label={text('results.takenOn')}
          place={textPlace(doc, `${at}/takenOn`)}
          width="date"
        />
        <label className="flex h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-spruce"
            checked={sample.lead === 'yes'}
            onChange={(event) => {
              const value = event.target.checked ? 'yes' : '';
              session.edit([{ path: `${at}/lead`, value }], `lead:${sample.id}:${value}`);
            }}
          />
          {text('sample.lead')}
        </label>
        <span className="pb-1.5 text-ink-2">{grounds}</span>
      </div>
      {own !== '' && (lower.has(own) || twice) && (
        <p
          role="status"
          className="mt-1 border-l-3 border-ochre bg-ochre-wash px-2 py-0.5 text-small"
        >
          {text(twice ? 'sample.twice' : 'sample.taken')}
        </p>
      )}
    </li>
  );
}

/** Each sample's name on its bag, new in the whole caseload, with labels and the client's sheet. */
export function SampleNames(): ReactNode {
  const { session, state, plan } = useCase();
  const { doc } = state;
  const elsewhere = useLiveQuery(() => namesElsewhere(doc.id), [doc.id]) ?? new Set<string>();
  const names = new Map(plan.areas.map((each) => [each.area.id, areaName(each)]));
  const samples = Object.values(doc.samples);
  const nameThem = async (): Promise<void> => {
    const { samplePattern } = await readOffice();
    const taken = new Set([...(await namesElsewhere(doc.id)), ...samples.map(({ name }) => name)]);
    const year = localDay(new Date()).slice(0, 4);
    const edits: Edit[] = [];
    for (const sample of samples.filter(({ name }) => name.trim() === '')) {
      const parts = { year, caseTitle: doc.title, ground: groundsOf(sample, names) };
      const value = nameByPattern(samplePattern, parts, taken);
      taken.add(value);
      edits.push({ path: `samples/${sample.id}/name`, value });
    }
    session.edit(edits, `names:${nanoid(4)}`);
  };
  const unnamed = samples.some(({ name }) => name.trim() === '');
  const print = (what: 'labels' | 'sheet'): ReactNode => (
    <Link
      href={`/print?id=${doc.id}&what=${what}`}
      prefetch={false}
      className="py-1 font-semibold text-spruce hover:underline"
    >
      {text(what === 'labels' ? 'sample.printLabels' : 'sample.printSheet')}
    </Link>
  );
  return (
    <>
      <ul>
        {samples.map((sample) => (
          <Row
            key={sample.id}
            sample={sample}
            grounds={groundsOf(sample, names)}
            elsewhere={elsewhere}
          />
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2">
        {unnamed && <Button onClick={() => void nameThem()}>{text('sample.nameThem')}</Button>}
        {samples.length > 0 && print('labels')}
        {print('sheet')}
      </div>
    </>
  );
}

'use client';

import { newPastEntry, PAST_KINDS, type PastEntry } from '../../../core/casefile/parts/past';
import { isOfPlan } from '../../../core/site/diary';
import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import type { Json } from '../../../store/patch';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { useCase } from '../context/caseContext';
import { SelectField, TextField } from '../fields/Fields';
import { Removable } from './Removable';
import { textPlace } from '../context/places';
import { named } from '../../format/choices';

function PastRow({ entry }: { entry: PastEntry }): ReactNode {
  const { doc } = useCase().state;
  const at = `past/${entry.id}`;
  const what = text(`past.${entry.kind}`);
  return (
    <Removable at={at} what={what}>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <TextField label={text('past.on')} place={textPlace(doc, `${at}/on`)} width="date" />
        <TextField label={text('past.amount')} place={textPlace(doc, `${at}/amount/text`)} />
        <SelectField
          label={text('results.labUnit')}
          place={textPlace(doc, `${at}/amount/unit`)}
          options={named('pastUnit', ['lb/1000ft2', 'lb'])}
          width="unit"
        />
        {entry.kind !== 'compost' && (
          <TextField
            label={text(`past.percent.${entry.kind}`)}
            place={textPlace(doc, `${at}/percent`)}
            unit={text('unit.%')}
          />
        )}
      </div>
    </Removable>
  );
}

/** What was put on in the last twelve months: lime still at work is not applied twice. */
export function Past(): ReactNode {
  const { session, state, area } = useCase();
  const entries = Object.values(state.doc.past).filter(
    (entry) =>
      entry.areaId === area.area.id && entry.outcome !== 'left' && !isOfPlan(state.doc, entry),
  );
  const add = (kind: PastEntry['kind']): void => {
    const id = nanoid(8);
    const entry = newPastEntry({ id, areaId: area.area.id, kind }) as unknown as Json;
    session.edit([{ path: `past/${id}`, value: entry }], `add:${id}`);
  };
  return (
    <>
      {entries.length === 0 ? (
        <p className="pt-1 text-ink-2">{text('past.nothing')}</p>
      ) : (
        <ul>
          {entries.map((entry) => (
            <PastRow key={entry.id} entry={entry} />
          ))}
        </ul>
      )}
      <div className="mt-2 flex gap-4">
        {PAST_KINDS.map((kind) => (
          <Button key={kind} look="quiet" onClick={() => add(kind)}>
            {text(`past.add.${kind}`)}
          </Button>
        ))}
      </div>
    </>
  );
}

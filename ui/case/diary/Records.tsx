'use client';

import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { Load } from '../../../core/casefile/parts/organic';
import { PAST_KINDS, type PastEntry } from '../../../core/casefile/parts/past';
import { SHIPPED_OTHERS } from '../../../core/catalog/materials/others';
import { dayOf, isOfPlan } from '../../../core/site/diary';
import type { Json } from '../../../store/patch';
import { areaName } from '../../format/areaName';
import { named } from '../../format/choices';
import { formatDate, localDay } from '../../format/date';
import { materialWords } from '../../format/materialWords';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Figure } from '../../working/Figure';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { textPlace } from '../context/places';
import { useMaterials } from '../context/useMaterials';
import { SelectField, TextField } from '../fields/Fields';
import { ByWhom } from '../shared/ByWhom';
import { Removable } from '../shared/Removable';
import { Photos } from './Photos';
import { anotherPart, recordsOf, unplanned } from './records';

/** What a record is of: its material where it is known, else its kind. */
function useRecordName(): (entry: PastEntry) => string {
  const { lime, sulfur, fertilizers } = useMaterials();
  return ({ material: id, kind }) => {
    const material = [...lime, ...sulfur, ...fertilizers].find((each) => each.id === id);
    return material ? materialWords(material) : text(`past.${kind}`);
  };
}

/** What of a record can be changed; of what was left out only why. */
function RecordFields({ entry }: { entry: PastEntry }): ReactNode {
  const { doc } = useCase().state;
  const isLeft = entry.outcome === 'left';
  const at = `past/${entry.id}`;
  return (
    <div className="mt-1 flex flex-wrap gap-x-4 gap-y-2">
      {!isLeft && (
        <>
          <TextField label={text('diary.on')} place={textPlace(doc, `${at}/on`)} width="date" />
          <TextField label={text('past.amount')} place={textPlace(doc, `${at}/amount/text`)} />
          <SelectField
            label={text('results.labUnit')}
            place={textPlace(doc, `${at}/amount/unit`)}
            options={named('pastUnit', ['lb/1000ft2', 'lb'])}
            width="unit"
          />
          {entry.material === '' && entry.kind !== 'compost' && (
            <TextField
              label={text(`past.percent.${entry.kind}`)}
              place={textPlace(doc, `${at}/percent`)}
              unit={text('unit.%')}
            />
          )}
          <TextField label={text('diary.by')} place={textPlace(doc, `${at}/by`)} width="words" />
        </>
      )}
      <TextField
        label={text(isLeft ? 'diary.because' : 'diary.note')}
        place={textPlace(doc, `${at}/note`)}
        width="words"
      />
    </div>
  );
}

/** A record in a line: when, how much, by whom, and what was noted. */
function RecordLine({ entry }: { entry: PastEntry }): ReactNode {
  const { plan } = useCase();
  const day = dayOf(entry);
  const at = `${entry.areaId}/ledger/${entry.id}`;
  const typed = [`${at}/amount`, `${at}/rate`].find((id) => plan.workings.get(id));
  const rest = [entry.by, entry.note].filter((words) => words.trim() !== '').join(', ');
  return (
    <Openable>
      <p className="text-ink-2">
        <span className="mr-3">{day ? formatDate(day) : entry.on || text('diary.noDay')}</span>
        {typed && entry.outcome !== 'left' && <Figure id={typed} />}
        {rest && <span className="ml-3">{rest}</span>}
      </p>
    </Openable>
  );
}

interface RecordRowProps {
  readonly entry: PastEntry;
  readonly name: string;
  /** It was told just now, and somebody wants to change it. */
  readonly isNew: boolean;
  readonly keep: (entry: PastEntry) => void;
}

/** One record, in a line or with its fields. */
function RecordRow({ entry, name, isNew, keep }: RecordRowProps): ReactNode {
  const { state, plan } = useCase();
  const [open, setOpen] = useState(isNew);
  const row = useRef<HTMLDivElement>(null);
  const ground = plan.areas.find(({ area }) => area.id === entry.areaId);
  const isLeft = entry.outcome === 'left';
  const of = { what: name, where: ground ? areaName(ground) : entry.areaId };
  useEffect(() => {
    if (!isNew) return;
    const field = row.current?.querySelector<HTMLInputElement>('input');
    field?.focus();
    field?.scrollIntoView({ block: 'center' });
  }, [isNew]);
  return (
    <Removable at={`past/${entry.id}`} what={text(isLeft ? 'diary.leftOf' : 'diary.recordOf', of)}>
      <div ref={row}>
        {open ? <RecordFields entry={entry} /> : <RecordLine entry={entry} />}
        <Photos entry={entry} open={open} />
        <div className="flex flex-wrap gap-x-4">
          <Button look="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
            {text(open ? 'diary.close' : 'diary.change')}
          </Button>
          {!isLeft && isOfPlan(state.doc, entry) && (
            <Button look="quiet" onClick={() => keep(anotherPart(entry, localDay(new Date())))}>
              {text('diary.anotherPart')}
            </Button>
          )}
          <ByWhom place={`past/${entry.id}`} />
        </div>
      </div>
    </Removable>
  );
}

/** Loads of compost and manure that were told as done or left out: with their day, and a way back. */
function LoadRecords({ loads }: { loads: readonly Load[] }): ReactNode {
  const { session, state, plan } = useCase();
  const { doc } = state;
  return (
    <ul aria-label={text('diary.loads')} className="mt-2">
      {loads.map((load) => {
        const ground = plan.areas.find(({ area }) => area.id === load.areaId);
        const material = SHIPPED_OTHERS.bulk.find(({ id }) => id === load.material);
        const what = material ? materialWords(material) : load.material;
        const where = ground ? areaName(ground) : load.areaId;
        const isLeft = load.outcome === 'left';
        return (
          <li
            key={load.id}
            className="flex flex-wrap items-end gap-x-4 border-b border-rule-2 py-1"
          >
            <span className="inline-block py-1 font-semibold first-letter:uppercase">
              {text(isLeft ? 'diary.leftOf' : 'diary.recordOf', { what, where })}
            </span>
            {!isLeft && (
              <TextField
                label={text('diary.on')}
                place={textPlace(doc, `loads/${load.id}/on`)}
                width="date"
              />
            )}
            <Button
              look="quiet"
              aria-label={text('diary.toComeOf', { what, where })}
              onClick={() =>
                session.edit([{ path: `loads/${load.id}/outcome`, value: '' }], `back:${load.id}`)
              }
            >
              {text('diary.stillToCome')}
            </Button>
            <ByWhom place={`loads/${load.id}`} />
          </li>
        );
      })}
    </ul>
  );
}

/** Everything that was put on, the newest first, and what was left out; more can be told that nobody had planned. */
export function Records({
  fresh,
  onRecord,
}: {
  fresh: string | undefined;
  onRecord: (id: string) => void;
}): ReactNode {
  const { session, state, area } = useCase();
  const nameOf = useRecordName();
  const [today] = useState(() => localDay(new Date()));
  const keep = (entry: PastEntry): void => {
    const value = entry as unknown as Json;
    session.edit([{ path: `past/${entry.id}`, value }], `diary:${entry.id}`);
    onRecord(entry.id);
  };
  const records = recordsOf(state.doc);
  const loads = Object.values(state.doc.loads).filter(({ outcome }) => outcome !== '');
  return (
    <>
      {records.length + loads.length === 0 && <p className="text-ink-2">{text('diary.none')}</p>}
      {records.length > 0 && (
        <ul aria-label={text('diary.records')}>
          {records.map((entry) => (
            <RecordRow
              key={entry.id}
              entry={entry}
              name={nameOf(entry)}
              isNew={entry.id === fresh}
              keep={keep}
            />
          ))}
        </ul>
      )}
      {loads.length > 0 && <LoadRecords loads={loads} />}
      <p className="mt-3 text-small text-ink-2">
        {text('diary.unplanned', { area: areaName(area) })}
      </p>
      <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        {PAST_KINDS.map((kind) => (
          <Button
            key={kind}
            look="quiet"
            onClick={() => keep(unplanned(state.doc, area.area.id, kind, today))}
          >
            {text(`past.add.${kind}`)}
          </Button>
        ))}
      </div>
    </>
  );
}

'use client';

import type { ReactNode } from 'react';
import { pinKey } from '../../../core/casefile/parts/pin';
import { breachesOf } from '../../../core/schedule/constraints';
import {
  breachText,
  isForbidden,
  isPinned,
  reasonsFor,
  type CalendarEntry,
} from '../../../core/tell/calendar';
import type { AreaPlan } from '../../../core/area/areaPlan';
import { own } from '../../../core/kernel/typed/own';
import { areaName } from '../../format/areaName';
import { formatDate } from '../../format/date';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Figure } from '../../working/Figure';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { TextField } from '../fields/Fields';
import { amountId, entryName, whenOf } from './entryWords';
import { textPlace, type Place } from '../context/places';
import type { Moving } from './YearStrip';

/** The place of a day that is set by hand: an empty one sets it free. */
function pinPlace(
  pins: Readonly<Record<string, { readonly on: string }>>,
  entry: CalendarEntry,
): Place {
  const key = pinKey(entry.key);
  return {
    path: `pins/${key}`,
    problem: `pins/${key}/on`,
    value: own(pins, key)?.on ?? '',
    read: (value) =>
      typeof value === 'object' && value !== null && 'on' in value ? String(value.on) : '',
    write: (typed) => (typed.trim() === '' ? undefined : { on: typed }),
  };
}

interface EntryPanelProps {
  readonly entry: CalendarEntry;
  readonly plan: AreaPlan;
  readonly moving: Moving | undefined;
}

/** Why an entry lies on its day, what another day would break, and the day itself to be set or set free. */
export function EntryPanel({ entry, plan, moving }: EntryPanelProps): ReactNode {
  const { session, state } = useCase();
  const { rules } = plan.allowed;
  const id = amountId(entry);
  const { placing } = entry;
  const isPlanting = entry.kind === 'work' && entry.work.isPlanting;
  const planted = `areas/${entry.areaId}/plantedOn`;
  const isSet = isPlanting ? plan.area.plantedOn !== '' : isPinned(entry);
  const date = moving?.key === entry.key ? moving.date : undefined;
  const breaches = !placing || !date ? [] : breachesOf(placing.within, date);
  const forbidden = isForbidden(breaches);
  const reasons = placing ? reasonsFor(placing, plan) : [];
  const free = (): void => {
    const edit = isPlanting
      ? { path: planted, value: '' }
      : entry.kind === 'organic'
        ? { path: `loads/${entry.load.load.id}/on`, value: '' }
        : { path: `pins/${pinKey(entry.key)}`, value: undefined };
    session.edit([edit], `free:${entry.key}`);
  };
  return (
    <div className="mt-3 grid gap-x-8 gap-y-3 border-t-3 border-spruce bg-paper px-4 py-3 rail:grid-cols-[minmax(0,1fr)_auto]">
      <div className="min-w-0">
        <Openable>
          <p className="font-serif text-case font-semibold">
            {text('calendar.entry', { what: entryName(entry), where: areaName(plan) })}
          </p>
          <p className="mt-0.5">
            <span>{whenOf(entry)}</span>
            {id && (
              <span className="ml-4">
                <Figure id={id} bold />
              </span>
            )}
          </p>
        </Openable>
        <ul className="mt-1.5 text-ink-2">
          {entry.kind === 'test' && <li>{text(`calendar.testWhy.${entry.why}`)}</li>}
          {placing && reasons.length === 0 && <li>{text('calendar.firstDay')}</li>}
          {reasons.map(({ says, day }, at) => (
            <li key={at}>
              <Openable>
                {messageText(says)} {day && <Figure id={day} />}
              </Openable>
            </li>
          ))}
        </ul>
        <div role="status" className="mt-2 min-h-5">
          {date && (
            <p
              className={`border-l-3 px-3 py-1 ${breaches.length === 0 ? 'border-rule' : forbidden ? 'border-madder bg-madder-wash' : 'border-ochre bg-ochre-wash'}`}
            >
              <strong className="mr-3">{formatDate(date)}</strong>
              {breaches.length === 0
                ? text('calendar.breaksNothing')
                : breaches.map((breach) => messageText(breachText(breach, rules))).join(' ')}{' '}
              {text(forbidden ? 'calendar.stays' : 'calendar.enterSets')}
            </p>
          )}
        </div>
      </div>
      {placing && (
        <div className="flex items-start gap-3">
          <TextField
            label={text('calendar.setDay')}
            place={isPlanting ? textPlace(state.doc, planted) : pinPlace(state.doc.pins, entry)}
            width="date"
            usual={text('calendar.freeDay')}
            stop={false}
          />
          {isSet && (
            <Button className="mt-4" onClick={free}>
              {text('calendar.free')}
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

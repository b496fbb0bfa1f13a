'use client';

import { useState, type ReactNode } from 'react';
import type { AreaPlan } from '../../../core/area/areaPlan';
import type { PastEntry } from '../../../core/casefile/parts/past';
import { calendarOf, isConditional } from '../../../core/tell/calendar';
import type { Json } from '../../../store/patch';
import { areaName } from '../../format/areaName';
import { localDay } from '../../format/date';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Figure } from '../../working/Figure';
import { Openable } from '../../working/Openable';
import { EntryMark } from '../calendar/EntryMark';
import { amountId, entryName, whenOf } from '../calendar/entryWords';
import { useCase } from '../context/caseContext';
import { asPlanned, leftOut, loadDone, loadLeft, type Spread, type PutOn } from './records';

interface Coming {
  readonly entry: PutOn | Spread;
  readonly plan: AreaPlan;
}

/** What is still to be put on, all ground together, the next first. */
function comingOf(areas: readonly AreaPlan[]): Coming[] {
  return areas
    .flatMap((plan) =>
      calendarOf(plan).flatMap((entry): Coming[] =>
        'application' in entry || entry.kind === 'organic' ? [{ entry, plan }] : [],
      ),
    )
    .sort((a, b) => (a.entry.date < b.entry.date ? -1 : a.entry.date > b.entry.date ? 1 : 0));
}

/** More than these are shown when they are asked for. */
const SHOWN = 6;

/** What the plan has still to come: each told as done, as done otherwise, or as left out, by one key. */
export function Upcoming({ onRecord }: { onRecord: (id: string) => void }): ReactNode {
  const { plan, state, session } = useCase();
  const [today] = useState(() => localDay(new Date()));
  const [all, setAll] = useState(false);
  const coming = comingOf(plan.areas);
  const keep = (entry: PastEntry, show: boolean): void => {
    const value = entry as unknown as Json;
    session.edit([{ path: `past/${entry.id}`, value }], `diary:${entry.id}`);
    if (show) onRecord(entry.id);
  };
  /** A load is one thing: what became of it stands with it. */
  const tell = (
    entry: Coming['entry'],
    area: AreaPlan,
    how: 'done' | 'otherwise' | 'left',
  ): void => {
    if (entry.kind === 'organic') {
      const edits = how === 'left' ? loadLeft(entry) : loadDone(entry, today);
      session.edit(edits, `diary:${entry.key}`);
    } else if (how === 'left') keep(leftOut(state.doc, area, entry, today), true);
    else keep(asPlanned(state.doc, area, entry, today), how === 'otherwise');
  };
  /** The same on the same day, on other ground as well: one round with the spreader. */
  const alike = ({ entry }: Coming): Coming[] =>
    coming.filter(
      (each) =>
        each.entry.kind !== 'organic' &&
        each.entry.kind === entry.kind &&
        each.entry.date === entry.date &&
        entryName(each.entry) === entryName(entry),
    );
  const everywhere = (all: readonly Coming[]): void =>
    session.edit(
      all.flatMap(({ entry, plan: area }) => {
        if (entry.kind === 'organic') return [];
        const record = asPlanned(state.doc, area, entry, today);
        return [{ path: `past/${record.id}`, value: record as unknown as Json }];
      }),
      `diary:${all[0]?.entry.key ?? ''}:all`,
    );
  if (coming.length === 0) return <p className="text-ink-2">{text('diary.nothingToCome')}</p>;
  const shown = all ? coming : coming.slice(0, SHOWN);
  return (
    <>
      <ul aria-label={text('diary.toCome')}>
        {shown.map((each) => {
          const { entry, plan: area } = each;
          const round = alike(each);
          const amount = amountId(entry);
          const what = entryName(entry);
          const of = { what, when: whenOf(entry), where: areaName(area) };
          return (
            <li key={entry.key} className="border-b border-rule-2 py-2">
              <Openable>
                <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
                  <div className="min-w-0">
                    <span className="flex items-center gap-2 font-semibold">
                      <EntryMark kind={entry.kind} hollow={isConditional(entry)} />
                      <span className="first-letter:uppercase inline-block">
                        {what}
                        {amount && (
                          <>
                            {' '}
                            <Figure id={amount} />
                          </>
                        )}
                      </span>
                    </span>
                    <span className="block text-small text-ink-2">
                      {text('diary.whenWhere', of)}
                    </span>
                  </div>
                  <div className="flex flex-wrap gap-2">
                    {round.length > 1 && round[0] === each && (
                      <Button
                        look="quiet"
                        aria-label={text('diary.everywhereOf', { ...of, n: round.length })}
                        onClick={() => everywhere(round)}
                      >
                        {text('diary.everywhere', { n: round.length })}
                      </Button>
                    )}
                    <Button
                      aria-label={text('diary.asPlannedOf', of)}
                      onClick={() => tell(entry, area, 'done')}
                    >
                      {text('diary.asPlanned')}
                    </Button>
                    {entry.kind !== 'organic' && (
                      <Button
                        look="quiet"
                        aria-label={text('diary.otherwiseOf', of)}
                        onClick={() => tell(entry, area, 'otherwise')}
                      >
                        {text('diary.otherwise')}
                      </Button>
                    )}
                    <Button
                      look="quiet"
                      aria-label={text('diary.notDoneOf', of)}
                      onClick={() => tell(entry, area, 'left')}
                    >
                      {text('diary.notDone')}
                    </Button>
                  </div>
                </div>
              </Openable>
            </li>
          );
        })}
      </ul>
      {coming.length > SHOWN && (
        <Button look="quiet" onClick={() => setAll(!all)}>
          {all ? text('diary.fewer') : text('diary.all', { n: coming.length })}
        </Button>
      )}
    </>
  );
}

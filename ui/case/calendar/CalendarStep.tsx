'use client';

import { lazy, Suspense, useMemo, useState, type ReactNode } from 'react';
import { pinKey } from '../../../core/casefile/parts/pin';
import { parseDate, type IsoDate } from '../../../core/kernel/typed/date';
import { breachesOf } from '../../../core/schedule/constraints';
import {
  calendarOf,
  isConditional,
  isForbidden,
  type CalendarEntry,
} from '../../../core/tell/calendar';
import type { AreaPlan } from '../../../core/area/areaPlan';
import type { Json } from '../../../store/patch';
import { areaName } from '../../format/areaName';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Section, StepHead } from '../../kit/Section';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { Findings } from '../shared/Findings';
import { NextButton } from '../shared/NextButton';
import { EntryMark } from './EntryMark';
import { EntryPanel } from './EntryPanel';
import { amountId, entryName, whenOf } from './entryWords';
import { CaseRules } from './CaseRules';
import { spanOf } from './span';
import { Months, YearStrip, type Handling, type Moving } from './YearStrip';

const Spreading = lazy(() =>
  import('../spread/Spreading').then((file) => ({ default: file.Spreading })),
);

/** What setting a day by hand writes down: a pin, or of a planting the day on which it is planted. */
function setOn(entry: CalendarEntry, date: IsoDate): { path: string; value: Json } {
  if (entry.kind === 'organic') return { path: `loads/${entry.load.load.id}/on`, value: date };
  return entry.kind === 'work' && entry.work.isPlanting
    ? { path: `areas/${entry.areaId}/plantedOn`, value: date }
    : { path: `pins/${pinKey(entry.key)}`, value: { on: date } };
}

interface Placed {
  readonly entry: CalendarEntry;
  readonly plan: AreaPlan;
}

/** What the shapes and shades of the strips stand for. */
function Legend(): ReactNode {
  const kinds = [
    'lime',
    'sulfur',
    'nitrogen',
    'phosphate',
    'potash',
    'organic',
    'work',
    'test',
  ] as const;
  return (
    <ul className="mb-2 flex flex-wrap gap-x-5 gap-y-1 text-small text-ink-2">
      {kinds.map((kind) => (
        <li key={kind} className="flex items-center gap-1.5">
          <EntryMark kind={kind} hollow={false} />
          {text(`kind.${kind}`)}
        </li>
      ))}
      <li className="flex items-center gap-1.5">
        <span className="size-4 bg-spruce-wash" aria-hidden="true" />
        {text('calendar.frost')}
      </li>
      <li className="flex items-center gap-1.5">
        <span className="size-4 bg-ochre-wash" aria-hidden="true" />
        {text('calendar.heat')}
      </li>
    </ul>
  );
}

/** Everything by its date, all ground together. */
function ByDate({
  placed,
  choose,
}: {
  placed: readonly Placed[];
  choose: (entry: CalendarEntry) => void;
}): ReactNode {
  return (
    <Table
      label={text('calendar.byDate')}
      heads={[
        { id: 'when', words: text('ph.head.date') },
        { id: 'where', words: text('rail.ground') },
        { id: 'what', words: text('ph.head.material') },
        { id: 'much', words: text('ph.head.here'), number: true },
        { id: 'why', words: text('calendar.why') },
      ]}
    >
      {placed.map(({ entry, plan }) => {
        const id = amountId(entry);
        return (
          <OpenableRow key={entry.key} columns={5}>
            <tr className="border-b border-rule-2">
              <Cell>
                {whenOf(entry)}
                {entry.placing?.stage && (
                  <span className="block text-small text-ink-2">
                    {text(`stage.${entry.placing.stage}`)}
                  </span>
                )}
              </Cell>
              <Cell>
                <span className="block min-w-24">{areaName(plan)}</span>
              </Cell>
              <Cell>
                <span className="flex items-center gap-2">
                  <EntryMark kind={entry.kind} hollow={isConditional(entry)} />
                  {entryName(entry)}
                </span>
              </Cell>
              <Cell number>{id && <Figure id={id} />}</Cell>
              <Cell>
                <Button look="quiet" onClick={() => choose(entry)}>
                  {text('calendar.whyThisDay')}
                </Button>
              </Cell>
            </tr>
          </OpenableRow>
        );
      })}
    </Table>
  );
}

/** The year of all ground: what is put on when, why, and what another day would break. */
export function CalendarStep(): ReactNode {
  const { plan, state, session, area } = useCase();
  const [chosen, setChosen] = useState<string>();
  const [moving, setMoving] = useState<Moving>();
  const placed = useMemo(
    () =>
      plan.areas
        .flatMap((each) => calendarOf(each).map((entry): Placed => ({ entry, plan: each })))
        .sort((a, b) => (a.entry.date < b.entry.date ? -1 : a.entry.date > b.entry.date ? 1 : 0)),
    [plan.areas],
  );
  const from = parseDate(state.doc.planFrom);
  const open = placed.find(({ entry }) => entry.key === chosen);
  const handling: Handling = {
    chosen,
    moving,
    choose: ({ key }) => setChosen(key),
    move: setMoving,
    drop: (entry, date) => {
      if (!entry.placing) return;
      setMoving(undefined);
      // What a local rule forbids stays where it was: the sentence has said so.
      if (isForbidden(breachesOf(entry.placing.within, date))) return;
      session.edit([setOn(entry, date)], `pin:${entry.key}:${date}`);
    },
  };
  const save = (areaId?: string): void => {
    void import('./saveCalendar').then(({ saveCalendar }) => {
      const remembered = saveCalendar(state.doc, plan, areaId);
      session.edit([{ path: 'exported', value: remembered as unknown as Json }], 'exported');
    });
  };
  const title =
    placed.length > 0 ? text('calendar.head', { n: placed.length }) : text('calendar.empty');
  return (
    <>
      <StepHead
        title={title}
        below={text(placed.length > 0 ? 'calendar.how' : 'calendar.emptyHow')}
        act={
          <span className="flex gap-2">
            {placed.length > 0 && (
              <>
                <Button onClick={() => save()}>{text('calendar.save')}</Button>
                {plan.areas.length > 1 && (
                  <Button onClick={() => save(area.area.id)}>
                    {text('calendar.saveArea', { area: areaName(area) })}
                  </Button>
                )}
              </>
            )}
            <NextButton />
          </span>
        }
      />
      <Findings step="calendar" />
      {from.kind === 'value' && placed.length > 0 && (
        <Section title={text('calendar.year')} wide>
          <Legend />
          <Months span={spanOf(from.value)} />
          {plan.areas.map((each) => (
            <YearStrip
              key={each.area.id}
              plan={each}
              span={spanOf(from.value)}
              handling={handling}
            />
          ))}
          {open && <EntryPanel entry={open.entry} plan={open.plan} moving={moving} />}
        </Section>
      )}
      {placed.length > 0 && (
        <Section title={text('calendar.byDate')} wide>
          <ByDate placed={placed} choose={({ key }) => setChosen(key)} />
        </Section>
      )}
      {placed.length > 0 && area.ground.known && (
        <Section title={text('spread.title')} wide>
          <Suspense fallback={null}>
            <Spreading />
          </Suspense>
        </Section>
      )}
      <Section title={text('rules.title')} wide>
        <CaseRules />
      </Section>
    </>
  );
}

'use client';

import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import type { Habit as HabitPlan, HabitNutrient } from '../../../core/outlook/habit';
import { msg } from '../../../core/kernel/messages/msg';
import type { Figure as AnyFigure } from '../../../core/kernel/working/working';
import { materialName } from '../../../core/catalog/materials/named';
import { materialWords } from '../../format/materialWords';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { FindField } from '../../kit/FindField';
import { Figure } from '../../working/Figure';
import { FigureText } from '../../working/FigureText';
import { Openable, OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { useMaterials } from '../context/useMaterials';
import { decisionPlace } from '../context/places';
import { TextField } from '../fields/Fields';

const RangeChart = dynamic(() => import('../../kit/RangeChart'), {
  ssr: false,
  loading: () => <div className="h-52" />,
});

/** The numbers of a series; the parts of a point are absent together. */
function numbersOf(figures: readonly AnyFigure[]): number[] {
  return figures.flatMap((each) => ('absent' in each ? [] : each.value.value));
}

/** A step of the scale that gives a handful of lines. */
function stepFor(most: number): number {
  return [5, 10, 20, 50, 100, 200].find((step) => most / step <= 6) ?? 500;
}

function Drawing({ of, nutrient }: { of: 'p' | 'k'; nutrient: HabitNutrient }): ReactNode {
  const { expected, enough, tooMuch } = nutrient;
  const high = numbersOf(expected.map((each) => each.high));
  const levels = numbersOf([enough, tooMuch].filter((level) => level !== undefined));
  if (expected.length === 0) return null;
  return (
    <figure className="min-w-0">
      <figcaption className="text-small font-semibold text-ink-2">{text(`habit.${of}`)}</figcaption>
      <RangeChart
        label={text(`habit.chart.${of}`)}
        labels={expected.map((_point, year) => String(year))}
        expected={numbersOf(expected.map(({ middle }) => middle))}
        low={numbersOf(expected.map(({ low }) => low))}
        high={high}
        levels={levels}
        step={stepFor(Math.max(...high, ...levels))}
      />
    </figure>
  );
}

/** What becomes of the soil's P or K, in a sentence. */
function Sentence({ of, nutrient }: { of: 'p' | 'k'; nutrient: HabitNutrient }): ReactNode {
  const { passes, change, now } = nutrient;
  const message = passes
    ? msg(`habit.${of}.${passes.what}`, { years: { working: passes.in.id } })
    : 'absent' in now
      ? msg(`habit.${of}.unknown`, { change: { working: change.id } })
      : msg(`habit.${of}.holds`, { change: { working: change.id } });
  return (
    <Openable>
      <p className="max-w-2xl">
        <FigureText message={message} />
      </p>
    </Openable>
  );
}

/** The same in figures, year by year. */
function InFigures({ habit }: { habit: HabitPlan }): ReactNode {
  const { p, k, nitrogen } = habit;
  const years = Math.max(p.expected.length, k.expected.length, nitrogen.length + 1);
  const cells = (nutrient: HabitNutrient, year: number, of: 'p' | 'k'): ReactNode =>
    (['middle', 'low', 'high'] as const).map((end) => {
      const figure = nutrient.expected[year]?.[end];
      return (
        <Cell key={`${of}${end}`} number>
          {figure && <Figure id={figure.id} />}
        </Cell>
      );
    });
  return (
    <Table
      label={text('habit.inFigures')}
      heads={[
        { id: 'year', words: text('habit.head.year') },
        { id: 'n', words: text('habit.head.n'), number: true },
        ...(['p', 'k'] as const).flatMap((of) => [
          { id: of, words: text(`habit.${of}`), number: true },
          { id: `${of}-low`, words: text('habit.low'), number: true },
          { id: `${of}-high`, words: text('habit.high'), number: true },
        ]),
      ]}
    >
      {Array.from({ length: years }, (_each, year) => {
        const freed = nitrogen[year - 1];
        return (
          <OpenableRow key={year} columns={8}>
            <tr className="border-b border-rule-2">
              <Cell>{year === 0 ? text('habit.today') : String(year)}</Cell>
              <Cell number>{freed && <Figure id={freed.id} />}</Cell>
              {cells(p, year, 'p')}
              {cells(k, year, 'k')}
            </tr>
          </OpenableRow>
        );
      })}
    </Table>
  );
}

function Shown({ habit }: { habit: HabitPlan }): ReactNode {
  const { p, k, by, rate, need, inTurn, material } = habit;
  return (
    <>
      <Openable>
        <p className="mt-2 max-w-2xl">
          <FigureText
            message={msg('habit.measured', {
              material: materialName(material),
              rate: { working: rate.id },
              need: { working: need.id },
              nutrient: msg(`nutrient.${by}`),
            })}
          />
        </p>
      </Openable>
      <Sentence of="p" nutrient={p} />
      <Sentence of="k" nutrient={k} />
      {inTurn.length > 0 && (
        <p className="max-w-2xl">
          {text('habit.inTurn', { materials: inTurn.map(materialWords).join(', ') })}
        </p>
      )}
      <div className="mt-2 grid gap-4 rail:grid-cols-2">
        <Drawing of="p" nutrient={p} />
        <Drawing of="k" nutrient={k} />
      </div>
      <p className="mt-1.5 max-w-2xl text-small text-ink-2">{text('habit.note')}</p>
      <details className="mt-1">
        <summary className="cursor-pointer py-1 text-small font-semibold text-spruce">
          {text('habit.inFigures')}
        </summary>
        <InFigures habit={habit} />
      </details>
    </>
  );
}

/** One product as the only one, year after year: chosen here, then drawn and in figures. */
export function Habit(): ReactNode {
  const { area, state, session } = useCase();
  const { habit } = area;
  const areaId = area.area.id;
  const place = decisionPlace(state.doc, areaId, 'habit');
  const years = decisionPlace(state.doc, areaId, 'habit-years');
  const usable = useMaterials().fertilizers.filter(({ pesticide }) => !pesticide);
  const choose = (id: string): void =>
    session.edit([{ path: place.path, value: place.write(id) }], `habit:${id}`);
  return (
    <>
      <p className="mb-2 max-w-2xl text-ink-2">{text('habit.how')}</p>
      <div className="flex flex-wrap items-end gap-4">
        <FindField
          id="habit-product"
          label={text('habit.product')}
          value={place.value}
          placeholder={text('buy.addWhat')}
          options={usable.map((material) => ({
            value: material.id,
            words: materialWords(material),
          }))}
          nothing={text('find.nothing')}
          onChoose={choose}
          className="w-72"
        />
        <TextField label={text('habit.forYears')} usual="5" width="bag" place={years} />
      </div>
      {habit && <Shown habit={habit} />}
    </>
  );
}

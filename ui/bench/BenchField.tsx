'use client';

import { useId, useMemo, type KeyboardEvent, type ReactNode } from 'react';
import { unitKey } from '../../core/bench/benchSheet';
import { FIELDS, type FieldId } from '../../core/bench/fields';
import type { Ran } from '../../core/bench/runSum';
import { own } from '../../core/kernel/typed/own';
import { unitsOf } from '../../core/kernel/units/families';
import type { Unit } from '../../core/kernel/units/quantity';
import { msg } from '../../core/kernel/messages/msg';
import { named, type Option } from '../format/choices';
import type { Findable } from '../format/find';
import { messageText } from '../format/message';
import { plantOptions } from '../format/plantWords';
import { text } from '../format/text';
import { FieldLabel } from '../kit/FieldLabel';
import { FindField } from '../kit/FindField';
import { Options } from '../kit/ChoiceField';
import { FigureText } from '../working/FigureText';
import { Openable } from '../working/Openable';

/** A unit in a list of units, without a number before it. */
function unitWords(unit: Unit): string {
  return text(`unit.${unit}`, { n: 2 });
}

/** Units that a list of units offers. */
export function unitOptions(units: readonly Unit[]): Option[] {
  return units.map((unit) => ({ value: unit, words: unitWords(unit) }));
}

interface BenchFieldProps {
  readonly id: FieldId;
  readonly ran: Ran;
  readonly change: (key: string, value: string) => void;
  /** Enter goes on to the next field. */
  readonly onEnter: (event: KeyboardEvent<HTMLElement>) => void;
}

/** The choices of a field in words. */
function choicesOf(words: string, options: readonly string[]): (Option & Findable)[] {
  if (words === 'plant') return plantOptions();
  return words === 'benchChoice'
    ? named('benchChoice', options)
    : named(words as 'material', options);
}

function Choice({ id, ran, change, onEnter }: BenchFieldProps): ReactNode {
  const spec = FIELDS[id];
  const inputId = useId();
  const label = text(`bench.field.${id}`);
  const value = own(ran.typed, id) ?? '';
  const options = useMemo(
    () => (spec.kind === 'choice' ? choicesOf(spec.words, spec.options) : []),
    [spec],
  );
  if (options.length > 12) {
    return (
      <FindField
        id={inputId}
        label={label}
        value={value}
        options={options}
        nothing={text('find.nothing')}
        onChoose={(chosen) => change(id, chosen)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onEnter(event);
        }}
        stop
      />
    );
  }
  return (
    <div>
      <FieldLabel of={inputId}>{label}</FieldLabel>
      <select
        id={inputId}
        data-stop=""
        value={value}
        onChange={(event) => change(id, event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onEnter(event);
        }}
        className="field w-auto max-w-52"
      >
        <Options options={options} />
      </select>
    </div>
  );
}

/** The unit behind a number: one of its family, or the only one. */
function UnitBehind({ id, ran, change }: Omit<BenchFieldProps, 'onEnter'>): ReactNode {
  const spec = FIELDS[id];
  if (spec.kind === 'measure') {
    return (
      <select
        aria-label={text('bench.unitOf', { field: text(`bench.field.${id}`) })}
        value={own(ran.typed, unitKey(id)) ?? spec.unit}
        onChange={(event) => change(unitKey(id), event.target.value)}
        className="field w-auto text-ink-2"
      >
        <Options options={unitOptions(unitsOf(spec.family))} />
      </select>
    );
  }
  const unit = spec.kind === 'length' ? 'ft' : spec.kind === 'number' ? spec.unit : undefined;
  const words =
    unit === 'usd/bag' ? text('bench.dollars') : unit && unit !== 'pH' ? unitWords(unit) : '';
  return words === '' ? null : <span className="whitespace-nowrap text-ink-2">{words}</span>;
}

/** One field of a sum: its number with its unit, or its choice; what is wrong with it, and what it comes to, under it. */
export function BenchField(props: BenchFieldProps): ReactNode {
  const { id, ran, change, onEnter } = props;
  const inputId = useId();
  const { kind } = FIELDS[id];
  if (kind === 'choice') return <Choice {...props} />;
  const problem = own(ran.problems, id);
  const working = ran.workings.get(`bench/${id}`);
  const converted = working && !('absent' in working) && working.op === 'convert';
  return (
    <div className="min-w-0">
      <FieldLabel of={inputId}>{text(`bench.field.${id}`)}</FieldLabel>
      <span className="flex items-center gap-1.5">
        <input
          id={inputId}
          data-stop=""
          autoComplete="off"
          spellCheck={false}
          value={own(ran.typed, id) ?? ''}
          onChange={(event) => change(id, event.target.value)}
          onFocus={(event) => event.target.select()}
          onKeyDown={(event) => {
            if (event.key === 'Enter') onEnter(event);
          }}
          aria-invalid={problem !== undefined}
          aria-describedby={`${inputId}-notes`}
          className="field num w-24 text-right aria-invalid:border-madder"
        />
        <UnitBehind id={id} ran={ran} change={change} />
      </span>
      <span id={`${inputId}-notes`} aria-live="polite" className="block max-w-56 text-small">
        {problem && <span className="text-madder">{messageText(problem)}</span>}
        {converted && (
          <span className="text-ink-2">
            <Openable>
              <FigureText message={msg('bench.readAs', { figure: { working: working.id } })} />
            </Openable>
          </span>
        )}
      </span>
    </div>
  );
}

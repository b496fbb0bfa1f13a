'use client';

import { emptyResult } from '../../core/casefile/parts/typed';
import type { ReactNode } from 'react';
import { ANALYTE_FACTS, type Analyte } from '../../core/catalog/analytes';
import type { ColumnRole } from '../../core/site/report/mapping';
import type { Summary } from '../../files/reportTable/reportTable';
import { named } from '../format/choices';
import { text } from '../format/text';
import { methodWords } from '../format/methodWords';
import { withColumn, type OpenTable } from './useTable';

const PLAIN_ROLES = ['ignore', 'sample', 'analyte', 'value', 'unit', 'method'] as const;

/** What a column may hold; how often a recommendation is meant is not tabled. */
const TABLED = (Object.keys(ANALYTE_FACTS) as Analyte[]).filter(
  (analyte) => ANALYTE_FACTS[analyte].names.length > 0,
);

function roleOf(value: string): ColumnRole {
  const plain = PLAIN_ROLES.find((role) => role === value);
  if (plain) return { role: plain };
  const analyte = value as Analyte;
  const { unit, method } = emptyResult(analyte);
  return { role: 'result', analyte, unit, method };
}

interface ColumnProps {
  readonly head: string;
  readonly role: ColumnRole;
  readonly onChange: (role: ColumnRole) => void;
}

/** What one column of the file holds. */
function Column({ head, role, onChange }: ColumnProps): ReactNode {
  const facts = role.role === 'result' ? ANALYTE_FACTS[role.analyte] : undefined;
  return (
    <div className="flex min-w-36 flex-col gap-1">
      <span className="truncate text-label font-semibold text-ink-2" title={head}>
        {head}
      </span>
      <select
        aria-label={text('table.holds', { head })}
        className="field"
        value={role.role === 'result' ? role.analyte : role.role}
        onChange={(event) => onChange(roleOf(event.target.value))}
      >
        {named('tableRole', PLAIN_ROLES).map(({ value, words }) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
        <optgroup label={text('table.results')}>
          {TABLED.map((analyte) => (
            <option key={analyte} value={analyte}>
              {text(`analyte.${analyte}`)}
            </option>
          ))}
        </optgroup>
      </select>
      {role.role === 'result' && facts && facts.units.length > 1 && (
        <select
          aria-label={text('table.unitOf', { head })}
          className="field"
          value={role.unit}
          onChange={(event) => onChange({ ...role, unit: event.target.value })}
        >
          {named('soilUnit', facts.units).map(({ value, words }) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </select>
      )}
      {role.role === 'result' && facts?.methodIs && (
        <select
          aria-label={text('table.methodOf', { head })}
          className="field"
          value={role.method}
          onChange={(event) => onChange({ ...role, method: event.target.value })}
        >
          {methodWords(facts.methodIs, facts.methods).map(({ value, words }) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </select>
      )}
    </div>
  );
}

interface ColumnRolesProps {
  readonly summary: Summary;
  readonly change: OpenTable['change'];
}

/** What each column of the file holds; a paper that was read before is known again. */
export function ColumnRoles({ summary, change }: ColumnRolesProps): ReactNode {
  const { head, mapping } = summary;
  return (
    <fieldset className="min-w-0">
      <legend className="text-small font-semibold text-ink-2">{text('table.columns')}</legend>
      <div className="mt-1 flex gap-3 overflow-x-auto pb-2">
        {mapping.columns.map((role, at) => (
          <Column
            key={at}
            head={head[at] ?? String(at + 1)}
            role={role}
            onChange={(next) =>
              change((reader) => reader.setMapping(withColumn(mapping, at, next)))
            }
          />
        ))}
      </div>
      <div className="mt-1 flex flex-wrap gap-5">
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-spruce"
            checked={mapping.header}
            onChange={(event) => {
              const header = event.target.checked;
              change((reader) => reader.setMapping({ ...mapping, header }));
            }}
          />
          {text('table.header')}
        </label>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-spruce"
            checked={mapping.decimalComma}
            onChange={(event) => {
              const decimalComma = event.target.checked;
              change((reader) => reader.setMapping({ ...mapping, decimalComma }));
            }}
          />
          {text('table.comma')}
        </label>
      </div>
    </fieldset>
  );
}

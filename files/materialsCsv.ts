import { nanoid } from 'nanoid';
import Papa from 'papaparse';
import {
  MATERIAL_FLAGS,
  MATERIAL_KINDS,
  MATERIAL_NUMBERS,
  newMaterial,
  type OwnMaterial,
} from '../core/casefile/parts/material';
import { ALSO } from '../core/catalog/materials/types';
import { msg, type Msg } from '../core/kernel/messages/msg';
import { own } from '../core/kernel/typed/own';
import { readMaterial } from '../core/site/ownMaterials';

const COLUMNS = [
  'kind',
  'name',
  ...MATERIAL_NUMBERS,
  ...ALSO,
  'score',
  ...MATERIAL_FLAGS,
  'note',
] as const;
type Column = (typeof COLUMNS)[number];

/** A cell that a spreadsheet would take for a formula is written behind this mark, and read without it. */
const MARK = "'";
const FORMULA = /^[=+\-@\t\r]/;

function cellsOf(material: OwnMaterial): Record<Column, string> {
  const printed: Readonly<Record<string, string | undefined>> = material.printed;
  const also: Readonly<Record<string, string | undefined>> = material.also;
  const flags: Readonly<Record<string, string | undefined>> = material.flags;
  const plain = {
    kind: material.kind,
    name: material.name,
    score: material.score,
    note: material.note,
  };
  const entries = COLUMNS.map((column) => [
    column,
    column in plain
      ? plain[column as keyof typeof plain]
      : (printed[column] ?? also[column] ?? flags[column] ?? ''),
  ]);
  return Object.fromEntries(entries) as Record<Column, string>;
}

/** Materials as a table: one a row, its columns by their names; cells that look like formulas are made harmless. */
export function writeMaterialsCsv(materials: readonly OwnMaterial[]): string {
  const rows = materials.map(cellsOf);
  return `${Papa.unparse(
    { fields: [...COLUMNS], data: rows.map((row) => COLUMNS.map((column) => row[column])) },
    { escapeFormulae: FORMULA, newline: '\n' },
  )}\n`;
}

/** What is wrong in a table of materials: the row as a spreadsheet counts it, and the column. */
export interface CsvFault {
  readonly row: number;
  readonly column: string;
  readonly why: Msg;
}

export type ReadMaterials =
  | { readonly kind: 'materials'; readonly materials: readonly OwnMaterial[] }
  | { readonly kind: 'refused'; readonly faults: readonly CsvFault[] };

/** More rows than a case may hold are no shed. */
const MOST = 300;

function textOf(cell: string | undefined): string {
  const text = (cell ?? '').trim();
  return text.startsWith(MARK) && FORMULA.test(text.slice(1)) ? text.slice(1) : text;
}

function flag(text: string): 'yes' | 'no' | '' {
  const plain = text.toLowerCase();
  return plain === 'yes' || plain === 'no' ? plain : '';
}

/** Reads a table of materials; one with any fault is refused whole, with row, column and reason. */
export function readMaterialsCsv(text: string): ReadMaterials {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const faults: CsvFault[] = [];
  const fields = parsed.meta.fields ?? [];
  for (const field of ['name', 'kind']) {
    if (!fields.includes(field)) {
      faults.push({ row: 1, column: field, why: msg('problem.noColumn', { column: field }) });
    }
  }
  if (faults.length === 0 && parsed.data.length > MOST) {
    faults.push({ row: MOST + 2, column: '', why: msg('problem.manyMaterials', { most: MOST }) });
  }
  if (faults.length > 0) return { kind: 'refused', faults };
  const materials = parsed.data.map((row, at): OwnMaterial => {
    const cell = (column: string): string => textOf(own(row, column));
    const kind = MATERIAL_KINDS.find((each) => each === cell('kind').toLowerCase());
    if (!kind) {
      const values = MATERIAL_KINDS.join(', ');
      faults.push({ row: at + 2, column: 'kind', why: msg('expected.oneOf', { values }) });
    }
    const filled = <K extends string>(names: readonly K[]): Partial<Record<K, string>> =>
      Object.fromEntries(
        names.flatMap((name) => (cell(name) === '' ? [] : [[name, cell(name)]])),
      ) as Partial<Record<K, string>>;
    const material: OwnMaterial = {
      ...newMaterial(nanoid(12), at + 1, kind),
      name: cell('name'),
      printed: filled(MATERIAL_NUMBERS),
      also: filled(ALSO),
      score: cell('score') === 'ECCE' ? 'ECCE' : 'CCE',
      flags: Object.fromEntries(MATERIAL_FLAGS.map((name) => [name, flag(cell(name))])),
      note: cell('note'),
    };
    for (const [place, why] of Object.entries(readMaterial(material).faults)) {
      faults.push({ row: at + 2, column: place.slice(place.lastIndexOf('/') + 1), why });
    }
    return material;
  });
  return faults.length > 0 ? { kind: 'refused', faults } : { kind: 'materials', materials };
}

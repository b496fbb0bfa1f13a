import Papa from 'papaparse';

interface Practised {
  readonly seed: number;
  readonly level: number;
  readonly task: string;
  readonly first: boolean;
  readonly at: number;
}

/** What was practised, as a table for a spreadsheet: ids and numbers alone, so that no cell can be a formula. */
export function practiceCsv(entries: readonly Practised[]): string {
  return Papa.unparse(
    entries.map(({ seed, level, task, first, at }) => ({
      case: seed,
      level,
      step: task,
      rightAtFirst: first ? 1 : 0,
      on: new Date(at).toISOString().slice(0, 10),
    })),
    { newline: '\n' },
  );
}

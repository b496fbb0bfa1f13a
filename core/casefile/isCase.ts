import { msg, type Msg } from '../kernel/messages/msg';
import { fits } from '../kernel/typed/spec';
import { CASE, type CaseFile } from './casefile';

/** What is wrong with a document at one place. */
interface Fault {
  readonly path: string;
  readonly got: string;
  readonly expected: Msg;
}

/** Entries of one record under another key than their own id. */
function astray(entries: Readonly<Record<string, { readonly id: string }>>, at: string): Fault[] {
  return Object.entries(entries)
    .filter(([key, { id }]) => id !== key)
    .map(([key, { id }]) => ({
      path: `${at}/${key}/id`,
      got: JSON.stringify(id),
      expected: msg('expected.ownKey', { key }),
    }));
}

/** The records of a document whose entries have an id. */
const RECORDS = [
  'areas',
  'samples',
  'reports',
  'past',
  'paragraphs',
  'issued',
  'attachments',
  'rules',
  'materials',
  'spreaders',
  'loads',
  'covers',
] as const;

/** Entries that stand under another key than their own id would be edited in one place and read in another. */
export function misplaced(file: CaseFile): Fault[] {
  const decided = Object.entries(file.decisions)
    .filter(([key, { what }]) => !key.endsWith(`:${what}`))
    .map(([key, { what }]): Fault => ({
      path: `decisions/${key}`,
      got: JSON.stringify(what),
      expected: msg('expected.decisionKey', { what }),
    }));
  const { areas, reports, spreaders, past } = file;
  return [
    ...RECORDS.flatMap((name) => astray(file[name], name)),
    ...Object.values(areas).flatMap(({ id, parts }) => astray(parts, `areas/${id}/parts`)),
    ...Object.values(reports).flatMap((each) =>
      astray(each.readings, `reports/${each.id}/readings`),
    ),
    ...Object.values(spreaders).flatMap(({ id, trials }) =>
      astray(trials, `spreaders/${id}/trials`),
    ),
    ...Object.values(past).flatMap(({ id, photos }) => astray(photos, `past/${id}/photos`)),
    ...decided,
  ];
}

/** Whether a document is a case, told without a validator: whoever is told no asks that, and learns where it is none. */
export function isCase(document: unknown): document is CaseFile {
  return fits(CASE, document) && misplaced(document as CaseFile).length === 0;
}

import { msg, type Msg } from '../kernel/messages/msg';
import { fits } from '../kernel/typed/spec';
import { CASE, type CaseFile } from './casefile';

/** What is wrong with a document at one place. */
interface Fault {
  readonly path: string;
  readonly got: string;
  readonly expected: Msg;
}

/** Entries that stand under another key than their own id would be edited in one place and read in another. */
export function misplaced(file: CaseFile): Fault[] {
  const records = [
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
  const keyed = records.flatMap((name) =>
    Object.entries(file[name])
      .filter(([key, entry]) => entry.id !== key)
      .map(([key, entry]): Fault => ({
        path: `${name}/${key}/id`,
        got: JSON.stringify(entry.id),
        expected: msg('expected.ownKey', { key }),
      })),
  );
  const decided = Object.entries(file.decisions)
    .filter(([key, { what }]) => !key.endsWith(`:${what}`))
    .map(([key, { what }]): Fault => ({
      path: `decisions/${key}`,
      got: JSON.stringify(what),
      expected: msg('expected.decisionKey', { what }),
    }));
  const parts = Object.values(file.areas).flatMap((each) =>
    Object.entries(each.parts)
      .filter(([key, part]) => part.id !== key)
      .map(([key, part]): Fault => ({
        path: `areas/${each.id}/parts/${key}/id`,
        got: JSON.stringify(part.id),
        expected: msg('expected.ownKey', { key }),
      })),
  );
  const readings = Object.values(file.reports).flatMap((report) =>
    Object.entries(report.readings)
      .filter(([key, reading]) => reading.id !== key)
      .map(([key, reading]): Fault => ({
        path: `reports/${report.id}/readings/${key}/id`,
        got: JSON.stringify(reading.id),
        expected: msg('expected.ownKey', { key }),
      })),
  );
  const trials = Object.values(file.spreaders).flatMap((each) =>
    Object.entries(each.trials)
      .filter(([key, trial]) => trial.id !== key)
      .map(([key, trial]): Fault => ({
        path: `spreaders/${each.id}/trials/${key}/id`,
        got: JSON.stringify(trial.id),
        expected: msg('expected.ownKey', { key }),
      })),
  );
  const photos = Object.values(file.past).flatMap((entry) =>
    Object.entries(entry.photos)
      .filter(([key, photo]) => photo.id !== key)
      .map(([key, photo]): Fault => ({
        path: `past/${entry.id}/photos/${key}/id`,
        got: JSON.stringify(photo.id),
        expected: msg('expected.ownKey', { key }),
      })),
  );
  return [...keyed, ...photos, ...parts, ...readings, ...trials, ...decided];
}

/** Whether a document is a case, told without a validator: whoever is told no asks that, and learns where it is none. */
export function isCase(document: unknown): document is CaseFile {
  return fits(CASE, document) && misplaced(document as CaseFile).length === 0;
}

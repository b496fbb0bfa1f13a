/** Cases of tests as a person brings them in: in a backup. */
import { newArea } from '../core/casefile/parts/area';
import type { CaseFile } from '../core/casefile/casefile';
import { BACKUP_END, backupCase, backupStart, type KeptBeside } from '../files/backup';
import { lawnCase, type LawnInput } from './cases';

/** A case by its title, with an id of its own. */
export function titledCase(title: string, input: LawnInput): CaseFile {
  return { ...lawnCase(input), id: title.replace(/\W+/g, '-').toLowerCase(), title };
}

/** The same case with so many strips of lawn more. */
export function withStrips(file: CaseFile, count: number): CaseFile {
  const strips = Array.from({ length: count }, (_none, at) => ({
    ...newArea(`x${at}`, at + 2, { plant: 'cool-season-lawn', situation: 'established' }),
    name: `Strip ${at + 1}`,
  }));
  const more = Object.fromEntries(strips.map((each) => [each.id, each]));
  return { ...file, areas: { ...file.areas, ...more } };
}

/** The file of a backup. */
export function backupOf(files: readonly CaseFile[], kept?: KeptBeside): string {
  const cases = files.map((file, at) => backupCase({ file, states: [] }, at === 0));
  return [backupStart('2027-10-04T12:00:00.000Z', kept), ...cases, BACKUP_END].join('');
}

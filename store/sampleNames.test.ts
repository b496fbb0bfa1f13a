import { newCase } from '../core/casefile/newCase';
import type { CaseFile } from '../core/casefile/casefile';
import { addCase } from './cases';
import { AgrologosDb } from './db';
import { deleteCase, hasCases } from './desk';
import { namesElsewhere } from './sampleNames';

const NOW = Date.UTC(2027, 9, 4);

/** A case whose only sample has this name. */
function named(id: string, name: string): CaseFile {
  const file = newCase(id, '2027-10-04');
  const sample = { id: 's1', name, areaIds: ['lawn'], takenOn: '', lead: '' as const };
  return { ...file, samples: { s1: sample } };
}

test('names of other cases count, deleted ones too, and neither one’s own nor blank ones', async () => {
  const base = new AgrologosDb('sample-names');
  expect(await hasCases(base)).toBe(false);
  await addCase(named('a', '27-001'), NOW, base);
  await addCase(named('b', ' 27-002 '), NOW, base);
  await addCase(named('c', '  '), NOW, base);
  await deleteCase('b', NOW, base);
  expect(await hasCases(base)).toBe(true);
  expect([...(await namesElsewhere('a', base))]).toEqual(['27-002']);
  expect([...(await namesElsewhere('c', base))].sort()).toEqual(['27-001', '27-002']);
  await base.delete();
});

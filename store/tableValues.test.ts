import { lawnCase } from '../test/cases';
import { addCase } from './cases';
import { readRow } from './caseRows';
import { AgrologosDb } from './db';
import { listCases } from './desk';
import { readMappings, rememberMapping } from './mappings';
import { bringValues, samplesOnDesk, takeBack, type SampleValues } from './tableValues';

const base = new AgrologosDb('tables');

function named(id: string, name: string) {
  const file = lawnCase({ ph: '5.4' });
  const [sample] = Object.values(file.samples);
  if (!sample) throw new Error('no sample');
  return { ...file, id, title: id, samples: { s1: { ...sample, name } } };
}

beforeEach(async () => {
  await addCase(named('a', '27-001'), 1, base);
  await addCase(named('b', '27-002'), 1, base);
});

afterEach(() => base.delete().then(() => base.open()));

const om = (caseId: string, name: string, text: string): SampleValues => ({
  caseId,
  name,
  values: [{ analyte: 'om', typed: { text, unit: '%', method: '' } }],
});

async function stored(id: string): Promise<unknown> {
  const column = (await readRow(base, id))?.doc.reports['r1']?.results['s1'];
  return [column?.['ph-water']?.text, column?.om?.text];
}

test('values go into the cases of their samples, beside what stands there, and come back out', async () => {
  expect((await samplesOnDesk(base)).map(({ name }) => name).sort()).toEqual(['27-001', '27-002']);
  const brought = await bringValues([om('a', '27-001', '3.1'), om('b', '27-002', '4')], 9, base);
  expect([await stored('a'), await stored('b')]).toEqual([
    ['5.4', '3.1'],
    ['5.4', '4'],
  ]);
  expect((await listCases(base)).standing[0]?.changedAt).toBe(9);
  await takeBack(brought, 10, base);
  expect(await stored('a')).toEqual(['5.4', '']);
});

test('all or none: a sample that is gone meanwhile keeps every value out', async () => {
  const two = [om('a', '27-001', '3.1'), om('b', 'renamed', '4')];
  await expect(bringValues(two, 9, base)).rejects.toThrow('renamed');
  expect(await stored('a')).toEqual(['5.4', '']);
});

test('how a table is read is remembered by its heads, the newest fifty', async () => {
  const mapping = { header: true, decimalComma: false, columns: [] };
  for (let at = 0; at < 55; at += 1) await rememberMapping(`heads ${at}`, mapping, base);
  const remembered = Object.keys(await readMappings(base));
  expect([remembered.length, remembered[0]]).toEqual([50, 'heads 5']);
});

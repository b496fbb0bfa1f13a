import { houseCopy } from '../core/catalog/packs/house';
import { SHIPPED_PACK } from '../core/catalog/packs/shipped';
import { newCase } from '../core/casefile/newCase';
import { caseStart, stockOf, USUAL_OFFICE } from '../core/casefile/office';
import { AgrologosDb } from './db';
import { changeOffice, hasOffice, readOffice } from './office';

let base: AgrologosDb;
let count = 0;

beforeEach(() => {
  count += 1;
  base = new AgrologosDb(`office-${count}`);
});
afterEach(() => base.delete());

test('an office is as usual until something is decided, and two pages add to one another', async () => {
  expect(await readOffice(base)).toEqual(USUAL_OFFICE);
  expect(await hasOffice(base)).toBe(false);
  const paragraph = (id: string, order: number) => ({
    id,
    order,
    name: id,
    text: 'Words.',
    spanish: '',
  });
  await Promise.all([
    changeOffice(() => ({ signature: 'Ines Odera' }), base),
    changeOffice(
      ({ paragraphs }) => ({ paragraphs: { ...paragraphs, b: paragraph('b', 2) } }),
      base,
    ),
    changeOffice(
      ({ paragraphs }) => ({ paragraphs: { ...paragraphs, a: paragraph('a', 1) } }),
      base,
    ),
  ]);
  const office = await readOffice(base);
  expect(office.signature).toBe('Ines Odera');
  expect(stockOf(office).map(({ id }) => id)).toEqual(['a', 'b']);
  expect(await hasOffice(base)).toBe(true);
});

test('a new case begins with the newest version of the pack and the laboratory’s own paper', () => {
  const office = {
    ...USUAL_OFFICE,
    laboratory: 'Fen Soils',
    pMethod: 'bray-1',
    soilUnit: 'lb/acre',
  };
  const { pack, reports } = newCase('c1', '2027-10-04', caseStart(office));
  expect(pack).toEqual({ id: 'lake-states-1995', version: 4 });
  expect(reports['r1']).toMatchObject({
    laboratory: 'Fen Soils',
    results: { s1: { p: { text: '', unit: 'lb/acre', method: 'bray-1' } } },
  });
  expect(caseStart({ ...office, packId: 'gone' }).pack.id).toBe('lake-states-1995');
  const own = houseCopy(SHIPPED_PACK, 'house-1', 'Ouzel county');
  const begun = newCase('c2', '2027-10-04', caseStart({ ...office, packId: 'house-1' }, own));
  expect([begun.pack, begun.house]).toEqual([{ id: 'house-1', version: 1 }, own]);
});

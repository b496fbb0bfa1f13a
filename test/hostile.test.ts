import { wrongBodies, wrongFiles } from './hostileLaws';

test('5,000 hostile bodies each get an answer in words', async () => {
  expect(await wrongBodies(0, 5000)).toEqual({});
}, 600_000);

test('1,000 broken files are each read or refused, and none throws', () => {
  expect(wrongFiles(0, 1000)).toEqual({});
}, 600_000);

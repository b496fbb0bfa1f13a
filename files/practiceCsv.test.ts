import { practiceCsv } from './practiceCsv';

test('what was practised is a table: a step a row, numbers and ids alone', () => {
  const at = Date.UTC(2027, 9, 4);
  const csv = practiceCsv([{ seed: 417, level: 2, task: 'ground', first: true, at }]);
  expect(csv.split('\n')).toEqual(['case,level,step,rightAtFirst,on', '417,2,ground,1,2027-10-04']);
});

import { lawnCase, ORACLE } from '../test/cases';
import { planCase } from '../core/plan';
import { indexRow } from './indexRow';

test('the Desk’s line carries all that its figure rests on, and nothing more', () => {
  const file = lawnCase(ORACLE);
  const row = indexRow(file, 5, 0);
  expect(row).toMatchObject({
    id: 'case-1',
    title: 'Weir Cottage',
    changedAt: 5,
    deletedAt: 0,
    steps: { ground: 'done', ph: 'decide' },
    turnsOn: {
      id: 'finding.limeUnsettled',
      params: { total: { working: 'lawn/lime/dose/total' } },
    },
  });
  const all = planCase(file).workings;
  for (const working of Object.values(row.workings)) {
    expect(working).toEqual(all[working.id]);
    for (const input of working.inputs) expect(row.workings[input]).toBeDefined();
  }
  expect(Object.keys(row.workings)).toContain('lawn/report/ph-smp');
  expect(Object.keys(row.workings)).not.toContain('lawn/feed/dose/total');
});

test('a line without figures carries none', () => {
  expect(indexRow(lawnCase({}), 0, 0).workings).toEqual({});
});

test('a line can be stored as it is', () => {
  const row = indexRow(lawnCase(ORACLE), 0, 0);
  expect(structuredClone(row)).toEqual(JSON.parse(JSON.stringify(row)));
});

import { fieldReport, lawnCase, type LawnInput } from '../../test/cases';
import { calendarOf } from '../tell/calendar';
import { planCase } from '../plan/plan';

// Intervals: common practice (steady ground 3 years, sand 2, plants for acidic soil each year, much compost 2).
test.each<[string, LawnInput, number, string]>([
  ['a lawn on loam', { texture: 'loam' }, 3, 'usual'],
  ['sand', { texture: 'sand' }, 2, 'sandy'],
  ['blueberries, also on sand', { plant: 'blueberry', texture: 'sand', ph: '4.8' }, 1, 'acid'],
  ['an inch of compost', { plant: 'mixed-vegetables', loads: [{ amount: '1' }] }, 2, 'compost'],
  ['a quarter of an inch', { plant: 'mixed-vegetables', loads: [{ amount: '0.25' }] }, 3, 'usual'],
  ['blueberries', { plant: 'blueberry', ph: '4.8' }, 1, 'acid'],
  [
    'a kit alone',
    { ph: '', squareFeet: '2000', reports: [fieldReport('kit', ['6.5', '6.5', '6.6'])] },
    1,
    'kit',
  ],
  [
    'salts',
    { plant: 'snap-bean', more: { ec: { text: '4.5', method: 'saturated-paste' } } },
    1,
    'salts',
  ],
  [
    'pots',
    { plant: 'container-mix', pack: { id: 'potting-mix-extract', version: 1 }, ph: '6.0' },
    1,
    'mix',
  ],
  ['much lime in one go', { ph: '5.9', buffer: '6.7', situation: 'tilled' }, 1, 'lime'],
  [
    'a little compost where phosphorus is high',
    { plant: 'mixed-vegetables', p: { text: '300' }, loads: [{ amount: '0.25' }] },
    2,
    'compost',
  ],
  ['sand, four years decided', { texture: 'sand', decisions: { retest: '4' } }, 4, 'decided'],
  [
    'sand, with years that nobody offers',
    { texture: 'sand', decisions: { retest: '9' } },
    2,
    'sandy',
  ],
])('%s: after %s', (_what, input, years, why) => {
  const file = lawnCase({ ph: '6.5', squareFeet: '1000', planFrom: '2027-03-01', ...input });
  const [plan] = planCase(file).areas;
  expect(plan?.nextTest).toMatchObject({ years, why });
  const entry = plan && calendarOf(plan).find(({ kind }) => kind === 'test');
  expect(entry?.date).toBe(`${2027 + years}-03-01`);
});

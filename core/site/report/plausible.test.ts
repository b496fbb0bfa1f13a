import { earlierReport, fieldReport, lawnCase, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';

/** Names of what is asked about a report. */
function asked(input: LawnInput): string[] {
  return planCase(lawnCase(input))
    .findings.filter(({ question }) => question)
    .map(({ name }) => name);
}

const bases = (ca: string, mg: string): NonNullable<LawnInput['more']> => ({
  ca: { text: ca },
  mg: { text: mg },
});

test.each<[string, LawnInput, string]>([
  ['a sweet soil with a pulled-down buffer', { ph: '7.3', buffer: '6.2' }, 'bufferAgainstPh'],
  ['400 ppm of P', { ph: '6.5', p: { text: '400' } }, 'perAcre.p'],
  ['900 ppm of K', { ph: '6.5', k: { text: '900' } }, 'perAcre.k'],
  [
    '3000 ppm of Ca on a CEC of 8',
    { ph: '6.5', cec: '8', more: bases('3000', '200') },
    'basesOverCec',
  ],
  [
    'calcium of 6.4 ppm',
    { ph: '6.5', cec: '8', more: { ca: { text: '6.4' } } },
    'milliequivalents',
  ],
  ['calcium of 1.250 ppm', { ph: '6.5', more: { ca: { text: '1.250' } } }, 'thousands'],
  ['water 6.4 and buffer 5.4', { ph: '6.4', buffer: '5.4' }, 'phExchanged'],
  ['a buffer of 5.9 on a CEC of 5', { ph: '5.1', buffer: '5.9', cec: '5' }, 'bufferOverCec'],
  ['CaCl2 above water', { ph: '5.4', more: { 'ph-cacl2': { text: '6.0' } } }, 'saltPhAboveWater'],
  ['a report from next year', { ph: '6.5', reportedOn: '2028-03-01' }, 'reportInFuture'],
  [
    'a sample younger than its report',
    { ph: '6.5', reportedOn: '2027-09-01', takenOn: '2027-09-20' },
    'takenAfterReport',
  ],
  [
    'a Mehlich buffer of 6.9',
    { ph: '6', more: { 'ph-mehlich': { text: '6.9' } } },
    'bufferAboveStart',
  ],
  [
    'a Sikora buffer of 7.8',
    { ph: '6', more: { 'ph-sikora': { text: '7.8' } } },
    'bufferAboveStart',
  ],
  ['salts without a method', { ph: '6', more: { ec: { text: '1.4' } } }, 'methodMissing.ec'],
  ['lead without a method', { ph: '6', more: { pb: { text: '140' } } }, 'methodMissing.pb'],
  [
    'bases of 108 % alone',
    { ph: '6', more: { 'sat-ca': { text: '85' }, 'sat-mg': { text: '23' } } },
    'saturationSum',
  ],
  [
    'bases and hydrogen of 90 %',
    {
      ph: '6',
      more: { 'sat-ca': { text: '50' }, 'sat-mg': { text: '15' }, 'sat-h': { text: '25' } },
    },
    'saturationSum',
  ],
  ['31 % of organic matter on a CEC of 12', { ph: '6.5', om: '31', cec: '12' }, 'organicMatter'],
  [
    'a pH that was 7.4 and is 6.0',
    {
      ph: '6',
      reportedOn: '2027-09-01',
      reports: [earlierReport('2024-09-01', { 'ph-water': '7.4' })],
    },
    'jump',
  ],
  [
    'kit readings of 5.5 and 6.5',
    { reports: [fieldReport('kit', ['5.5', '6.5'])] },
    'readingsApart.kit',
  ],
  [
    'probe readings of 5.5 and 6.5',
    { reports: [fieldReport('probe', ['5.5', '6.5', '6'])] },
    'readingsApart.probe',
  ],
])('%s is asked about', (_name, input, name) => {
  expect(asked(input)).toEqual([name]);
});

/** pH, buffer, OM, CEC, P, K, Ca, Mg of ordinary soils; a dash is not on the report. Invented. */
const ORDINARY = `
4.8 5.9 3.1 12 18 90 900 110
5.0 6.0 2.2 8 22 70 700 90
5.2 6.3 4.0 15 9 120 1300 160
5.4 6.4 3.0 11 32 150 1100 140
5.5 6.9 1.2 4 45 40 350 45
5.6 6.6 2.8 9 14 85 1000 120
5.8 6.7 3.6 13 27 130 1500 200
5.9 6.8 2.0 6 60 95 800 95
6.0 6.8 5.2 18 75 210 2300 300
6.1 - 3.3 10 40 160 1400 180
6.2 6.9 2.7 9 21 100 1250 150
6.3 - 4.4 14 33 180 1900 250
6.4 7.0 6.1 20 110 260 2700 340
6.5 - 3.0 12 50 150 1700 220
6.6 - 2.4 8 85 140 1200 150
6.7 7.0 8.0 22 160 320 3200 380
6.8 - 3.8 15 25 170 2300 290
6.9 - 2.1 7 12 80 1150 120
7.0 7.2 3.5 16 30 190 2600 300
7.2 - 2.9 18 20 240 3000 310
7.4 - 2.5 20 15 260 3500 280
7.6 - 1.9 24 8 300 4300 300
7.8 - 1.5 26 5 340 4800 320
8.0 - 1.1 28 4 380 5200 330
5.3 6.2 12 25 14 110 2400 280
4.5 5.5 35 60 20 130 3000 350
6.0 - 22 45 90 250 5000 600
5.1 6.9 0.9 3 15 30 200 25
6.3 - 0.8 2.5 70 45 380 40
6.7 - 15 40 210 600 6000 700`
  .trim()
  .split('\n')
  .map((line) => line.replaceAll('-', '').split(/ /));

test.each(ORDINARY)(
  'nothing is asked of pH %s, buffer %s, OM %s, CEC %s, P %s, K %s',
  (...values) => {
    const [ph = '', buffer = '', om = '', cec = '', p = '', k = '', ca = '', mg = ''] = values;
    const report = { ph, buffer, om, cec, p: { text: p }, k: { text: k }, more: bases(ca, mg) };
    expect(asked({ ...report, reportedOn: '2027-09-20', takenOn: '2027-09-01' })).toEqual([]);
  },
);

test.each<[string, LawnInput]>([
  [
    'an acid soil whose bases fill 60 %',
    { ph: '5.2', more: { 'sat-ca': { text: '45' }, 'sat-mg': { text: '15' } } },
  ],
  [
    'shares of 99 % with hydrogen',
    {
      ph: '5.8',
      more: { 'sat-ca': { text: '60' }, 'sat-mg': { text: '15' }, 'sat-h': { text: '24' } },
    },
  ],
  [
    'a potting mix by its extract',
    {
      ph: '6.1',
      p: { text: '8', unit: 'ppm-extract' },
      more: {
        ec: { text: '1.8', method: 'saturated-paste' },
        no3: { text: '60', unit: 'ppm-extract' },
      },
    },
  ],
  ['buffers below their start', { ph: '6', more: { 'ph-sikora': { text: '7.1' } } }],
  ['kit readings half a pH apart', { reports: [fieldReport('kit', ['5.5', '6.0'])] }],
  [
    'a pH half a unit up after three years',
    {
      ph: '6',
      reportedOn: '2027-09-01',
      reports: [earlierReport('2024-09-01', { 'ph-water': '5.5' })],
    },
  ],
])('nothing is asked of %s', (_name, input) => {
  expect(asked(input)).toEqual([]);
});

test('what was said to be right is quiet until it changes', () => {
  const answered = { p: { text: '400' }, decisions: { checked: 'p:400' } };
  expect(asked({ ph: '6.5', ...answered })).toEqual([]);
  expect(asked({ ph: '6.5', ...answered, p: { text: '410' } })).toEqual(['perAcre.p']);
});

test('the likely mend is one edit, after which nothing is asked', () => {
  const file = lawnCase({ ph: '6.5', k: { text: '900' } });
  const repair = planCase(file).findings.find(({ question }) => question)?.question?.repair;
  expect(repair).toMatchObject({ path: 'reports/r1/results/s1/k/unit', value: 'lb/acre' });
  expect(asked({ ph: '6.5', k: { text: '900', unit: 'lb/acre' } })).toEqual([]);
});

/** The number that a question shows, as the working that it opens has it. */
function shown(input: LawnInput, name: string, param: string): unknown {
  const { findings, workings } = planCase(lawnCase(input));
  const found = findings.find((each) => each.name === name)?.message.params?.[param];
  const id = typeof found === 'object' && 'working' in found ? found.working : '';
  const working = workings.get(id);
  return working && 'value' in working
    ? [working.op, Number(working.value.value.toFixed(2)), working.value.unit]
    : undefined;
}

test('every number of a question opens its working', () => {
  const shares = { 'sat-ca': { text: '85' }, 'sat-mg': { text: '20' }, 'sat-k': { text: '3.5' } };
  expect(shown({ ph: '6', more: shares }, 'saturationSum', 'sum')).toEqual(['add', 108.5, '%']);
  const buffer = { 'ph-woodruff': { text: '7.2' } };
  expect(shown({ ph: '6', more: buffer }, 'bufferAboveStart', 'start')).toEqual([
    'constant',
    7,
    'pH',
  ]);
  expect(shown({ ph: '6', more: buffer }, 'bufferAboveStart', 'value')).toEqual([
    'typed',
    7.2,
    'pH',
  ]);
  const charged = { cec: '8', more: bases('3000', '200') };
  // 3000 ÷ 200.39 + 200 ÷ 121.525
  expect(shown({ ph: '6.5', ...charged }, 'basesOverCec', 'sum')).toEqual([
    'add',
    16.62,
    'meq/100g',
  ]);
});

test('two samples of one lawn are asked about where they are far apart', () => {
  const file = lawnCase({ ph: '5.4' });
  const { s1 } = file.samples;
  const { r1 } = file.reports;
  if (!s1 || !r1) throw new Error('no sample');
  const withSecond = (ph: string) => {
    const column = { ...r1.results['s1'], 'ph-water': { text: ph, unit: '', method: '' } };
    return planCase({
      ...file,
      samples: { s1, s2: { ...s1, id: 's2', name: 'Back' } },
      reports: { r1: { ...r1, results: { ...r1.results, s2: column } } },
    }).findings.map(({ name }) => name);
  };
  expect(withSecond('6.9')).toContain('samplesApart');
  expect(withSecond('5.8')).not.toContain('samplesApart');
});

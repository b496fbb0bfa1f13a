/**
 * From the printed unit to ppm of the element, with the arithmetic beside each. lb/acre is ppm × 0.3 × inches; 1 kg/ha is
 * 0.892179 lb/acre (0.40468564224 ÷ 0.45359237); meq/100 g is atomic mass ÷ charge × 10 ppm (IUPAC 2021).
 */
import type { Analyte, OtherAnalyte } from '../../catalog/analytes';
import { lawnCase, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import type { Readings } from './types';

function readings(input: LawnInput): Readings {
  const [area] = planCase(lawnCase({ ph: '6', ...input })).areas;
  if (!area) throw new Error('no area');
  return area.readings;
}

function normal(analyte: Analyte, text: string, unit: string, method = '', depth = ''): unknown {
  const value = { text, unit, method };
  const own = analyte === 'p' ? { p: value } : analyte === 'k' ? { k: value } : {};
  const { p, k, more } = readings({ depth, more: { [analyte]: value }, ...own });
  const figure =
    analyte === 'p' ? p.figure : analyte === 'k' ? k.figure : more[analyte as keyof typeof more];
  if (!figure) return undefined;
  return 'absent' in figure ? figure.absent.id : Number(figure.value.value.toPrecision(5));
}

test.each<[Analyte, string, string, string, string, number]>([
  ['p', '12', 'ppm', '', '', 12],
  ['p', '12', 'mg/kg', '', '', 12],
  ['p', '24', 'lb/acre', '', '', 12], // ÷ 2, 6⅔ in.
  ['p', '24', 'lb/acre', '', '8', 10], // 24 ÷ 0.3 ÷ 8
  ['p', '24', 'lb/acre', '', '4', 20], // 24 ÷ 0.3 ÷ 4
  ['p', '24', 'lb/acre', '', '6', 13.333],
  ['p', '100', 'kg/ha', '', '', 44.609], // × 0.892179 ÷ 2
  ['p', '100', 'kg/ha', '', '8', 37.174], // × 0.892179 ÷ 2.4
  ['p', '0', 'ppm', '', '', 0],
  ['k', '150', 'ppm', '', '', 150],
  ['k', '300', 'lb/acre', '', '', 150],
  ['k', '300', 'lb/acre', '', '8', 125],
  ['k', '0.4', 'meq/100g', '', '', 156.39], // × 390.98
  ['k', '0.4', 'cmol/kg', '', '', 156.39],
  ['k', '200', 'kg/ha', '', '', 89.218],
  ['ca', '1000', 'ppm', '', '', 1000],
  ['ca', '1000', 'mg/kg', '', '', 1000],
  ['ca', '5', 'meq/100g', '', '', 1002], // 5 × 200.39 = 1001.95
  ['ca', '10', 'cmol/kg', '', '', 2003.9],
  ['ca', '2400', 'lb/acre', '', '', 1200],
  ['ca', '2400', 'lb/acre', '', '8', 1000],
  ['ca', '2400', 'kg/ha', '', '', 1070.6],
  ['mg', '1', 'meq/100g', '', '', 121.53], // 24.305 ÷ 2 × 10
  ['mg', '1.5', 'cmol/kg', '', '', 182.29],
  ['mg', '200', 'lb/acre', '', '', 100],
  ['mg', '120', 'ppm', '', '', 120],
  ['na', '1', 'meq/100g', '', '', 229.9],
  ['na', '0.2', 'cmol/kg', '', '', 45.98],
  ['na', '46', 'lb/acre', '', '', 23],
  ['s', '10', 'ppm', 'S', '', 10],
  ['s', '30', 'ppm', 'SO4', '', 10.013], // × 32.06 ÷ 96.056
  ['s', '60', 'lb/acre', 'SO4', '', 10.013],
  ['s', '20', 'kg/ha', 'S', '', 8.9218],
  ['no3', '20', 'ppm', 'N', '', 20],
  ['no3', '44.3', 'ppm', 'NO3', '', 10.008], // × 14.007 ÷ 62.004
  ['no3', '88.6', 'lb/acre', 'NO3', '', 10.008],
  ['no3', '36', 'lb/acre', 'N', '12', 10], // 36 ÷ 0.3 ÷ 12
  ['zn', '1.2', 'ppm', '', '', 1.2],
  ['zn', '2.4', 'lb/acre', '', '', 1.2],
  ['fe', '45', 'mg/kg', '', '', 45],
  ['mn', '9', 'lb/acre', '', '', 4.5],
  ['cu', '0.6', 'ppm', '', '', 0.6],
  ['b', '1', 'lb/acre', '', '', 0.5],
  ['b', '1', 'kg/ha', '', '', 0.44609],
  ['al', '90', 'mg/kg', '', '', 90],
  ['pb', '140', 'ppm', 'total', '', 140],
  ['k', '>200', 'ppm', '', '', 200],
])('%s %s %s %s over "%s" in.', (analyte, text, unit, method, depth, ppm) => {
  expect(normal(analyte, text, unit, method, depth)).toBe(ppm);
});

test.each<[Analyte, string, string, string]>([
  ['ca', '5', 'mg/dm3', 'absent.notTyped'], // its weight per volume is not told
  ['k', '5', 'ppm-extract', 'absent.inExtract'],
  ['p', '5', 'index', 'absent.index'],
  ['p', 'High', 'word', 'absent.word'],
  ['ca', '5', 'furlongs', 'absent.unitUnknown'],
  ['zn', '5', 'meq/100g', 'absent.unitUnknown'],
  ['mg', 'much', 'ppm', 'absent.unreadable'],
  ['fe', '-1', 'ppm', 'absent.unreadable'],
])('%s %s %s is never converted', (analyte, text, unit, reason) => {
  expect(normal(analyte, text, unit)).toBe(reason);
});

/** Values that are not a content, each in its own normal unit. */
function other(analyte: OtherAnalyte, text: string, unit: string, method = ''): unknown {
  const figure = readings({ more: { [analyte]: { text, unit, method } } }).others[analyte];
  if (!figure || 'absent' in figure) return figure?.absent.id;
  return `${Number(figure.value.value.toPrecision(4))} ${figure.value.unit}`;
}

test.each<[OtherAnalyte, string, string, string, string]>([
  ['ec', '1.2', 'dS/m', '', '1.2 dS/m'],
  ['ec', '1.2', 'mS/cm', '', '1.2 dS/m'], // three names of one unit
  ['ec', '1.2', 'mmho/cm', '', '1.2 dS/m'],
  ['ec', '850', 'uS/cm', '', '0.85 dS/m'], // ÷ 1000
  ['water-ec', '300', 'uS/cm', '', '0.3 dS/m'],
  ['water-alkalinity', '120', 'mg/L', '', '120 mg/L'],
  ['water-alkalinity', '2.4', 'meq/L', '', '120.1 mg/L'], // × 100.086 ÷ 2
  ['water-na', '2', 'meq/L', '', '45.98 mg/L'], // × 22.99
  ['water-no3', '44.3', 'mg/L', 'NO3', '10.01 mg/L'], // × 14.007 ÷ 62.004
  ['acidity', '4.2', 'cmol/kg', '', '4.2 meq/100g'], // one unit by two names
  ['sat-ca', '62', '%', '', '62 %'],
  ['wv', '1.1', 'g/cm3', '', '1.1 g/cm3'],
  ['ph-mehlich', '5.9', 'pH', '', '5.9 pH'],
])('%s %s %s %s is %s', (analyte, text, unit, method, normalForm) => {
  expect(other(analyte, text, unit, method)).toBe(normalForm);
});

test('mg/dm³ needs the weight of the soil in a volume', () => {
  const { p, more } = readings({
    p: { text: '60', unit: 'mg/dm3' },
    more: { wv: { text: '1.2' }, ca: { text: '900', unit: 'mg/dm3' } },
  });
  expect(p.figure).toMatchObject({ value: { value: 50, unit: 'ppm' } }); // 60 ÷ 1.2
  expect(more.ca).toMatchObject({ value: { value: 750 } }); // 900 ÷ 1.2
});

test('t/ha of lime are short tons an acre × 0.446, then lb/1000 ft²', () => {
  const [area] = planCase(lawnCase({ ph: '5.4', lab: { text: '10', unit: 't/ha' } })).areas;
  const option = area?.treatments.lime.methods.find(
    (row) => row.option.id === 'laboratory',
  )?.option;
  // 10 × 0.446090 = 4.4609 tons/acre; × 2000 ÷ 43.56 = 204.8 lb/1000 ft²
  expect(option?.requirement).toMatchObject({ value: { unit: 'lb/1000ft2' } });
  const value = option && !('absent' in option.requirement) ? option.requirement.value.value : 0;
  expect(value.toFixed(1)).toBe('204.8');
});

/** The same quantity in every unit that it may be printed in. */
test.each<[Analyte, number, readonly (readonly [string, number])[]]>([
  [
    'p',
    12,
    [
      ['ppm', 12],
      ['mg/kg', 12],
      ['lb/acre', 24],
      ['kg/ha', 26.9002],
    ],
  ],
  [
    'ca',
    1001.95,
    [
      ['ppm', 1001.95],
      ['lb/acre', 2003.9],
      ['meq/100g', 5],
      ['cmol/kg', 5],
    ],
  ],
])(
  'changing the unit of the same quantity never changes the normal form: %s',
  (analyte, ppm, printed) => {
    for (const [unit, amount] of printed) {
      expect(normal(analyte, String(amount), unit)).toBe(Number(ppm.toPrecision(5)));
    }
  },
);

test('a limit stays a range from nothing to it', () => {
  const { more } = readings({ more: { b: { text: '<0.4' } } });
  expect(more.b).toMatchObject({ value: { value: 0.4 }, range: { low: 0, high: 0.4 } });
});

test('what is not on the report is no figure at all', () => {
  expect(readings({}).more).toEqual({});
});

describe('pH in CaCl2', () => {
  const sour = { 'ph-cacl2': { text: '5.0' } };

  test('is a water pH of 0.6 more, give or take 0.2, and lime is worked out at its upper end', () => {
    const plan = planCase(lawnCase({ texture: 'loam', more: sour }));
    const [area] = plan.areas;
    expect(area?.readings.waterPh).toMatchObject({
      value: { value: 5.6 },
      range: { low: 5.4, high: 5.8 },
    });
    expect(area?.readings.phUncertainty).toMatchObject({ value: { value: 0.2 } });
    const rate = (input: LawnInput): unknown => {
      const [only] = planCase(lawnCase({ texture: 'loam', ...input })).areas;
      return (
        only && !('absent' in only.treatments.lime.rate) && only.treatments.lime.rate.value.value
      );
    };
    expect(rate({ more: sour })).toBeCloseTo(Number(rate({ ph: '5.8' })), 9);
  });

  test('near the plant’s limit no lime is advised: 5.3 may be a water pH of 6.1', () => {
    const [area] = planCase(
      lawnCase({ texture: 'loam', more: { 'ph-cacl2': { text: '5.3' } } }),
    ).areas;
    // Its middle is too sour, its upper end needs nothing: too little is known for a trip.
    expect(area?.treatments.lime.verdict).toBe('not-worth-a-trip');
  });

  test('converted by the laboratory already it stands as it is, and a water pH goes before it', () => {
    const converted = { 'ph-cacl2': { text: '5.6', method: 'converted' } };
    expect(readings({ ph: '', more: converted }).waterPh).toMatchObject({ value: { value: 5.6 } });
    expect(readings({ ph: '6.2', more: sour }).waterPh).toMatchObject({ value: { value: 6.2 } });
  });
});

/**
 * Lime by buffers beside SMP, as the second recollection computed it from the published equations (Adams & Evans 1962;
 * Mehlich 1976 in North Carolina's form; Sikora 2006 by SMP's table), and by printed acidity from equivalent weights:
 * independent sums with inputs of its own, named as computed.
 */
import type { Typed } from '../core/casefile/parts/typed';
import type { Analyte } from '../core/catalog/analytes';
import { planCase } from '../core/plan/plan';
import { lawnCase, type LawnInput } from '../test/cases';

interface Sum {
  readonly method: string;
  readonly ph: string;
  readonly target: string;
  readonly more: Partial<Record<Analyte, Partial<Typed>>>;
  /** As the source prints it, in its unit. */
  readonly printed: number;
}

function plan(input: LawnInput) {
  const [area] = planCase(lawnCase({ situation: 'tilled', ...input })).areas;
  if (!area) throw new Error('no area');
  return area.treatments.lime;
}

function option({ method, ph, target, more }: Sum) {
  const lime = plan({ ph, more, decisions: { 'lime-target': target } });
  return lime.methods.find((row) => row.option.id === method)?.option;
}

const adamsEvans = (buffer: string) => ({ 'ph-adams-evans': { text: buffer } });
const mehlich = (buffer: string, method = '1976') => ({ 'ph-mehlich': { text: buffer, method } });
const sikora = (buffer: string) => ({ 'ph-sikora': { text: buffer } });

test.each<Sum>([
  // lb/acre of limestone on 2,000,000 lb, × 1.5
  { method: 'adams-evans', ph: '5.0', target: '6.5', more: adamsEvans('7.7'), printed: 2276 },
  { method: 'adams-evans', ph: '5.4', target: '6.5', more: adamsEvans('7.80'), printed: 1281 },
  { method: 'adams-evans', ph: '4.8', target: '6.5', more: adamsEvans('7.5'), printed: 4053 },
  { method: 'adams-evans', ph: '5.0', target: '6.0', more: adamsEvans('7.7'), printed: 1654 },
  // 4 × (6.60 − 6.10) = 2.0 meq; × (6.0 − 5.0) ÷ (6.6 − 5.0) = 1.25 tons/acre
  { method: 'mehlich', ph: '5.0', target: '6.0', more: mehlich('6.1'), printed: 1.25 },
  // 4 × (6.60 − 5.90) = 2.8; × 1.3 ÷ 1.4 = 2.6
  { method: 'mehlich', ph: '5.2', target: '6.5', more: mehlich('5.9'), printed: 2.6 },
  // The SMP table at 6.4 to 6.5
  { method: 'sikora', ph: '5.4', target: '6.5', more: sikora('6.4'), printed: 4.7 },
  // 3 meq × 1000 lb to 7.0, × 840 to 6.5
  { method: 'acidity', ph: '5.5', target: '7.0', more: { acidity: { text: '3' } }, printed: 3000 },
  { method: 'acidity', ph: '5.5', target: '6.5', more: { acidity: { text: '3' } }, printed: 2520 },
])('$method, pH $ph to $target: $printed', (sum) => {
  const printed = option(sum)?.asPrinted;
  const value = printed && !('absent' in printed) ? printed.value.value : NaN;
  // The curve's root was printed to three digits.
  expect(Math.abs(value / sum.printed - 1)).toBeLessThan(0.003);
});

test('one meq of acidity is 23.0 lb of pure lime on 1000 ft² of six and two thirds inches', () => {
  const more = { acidity: { text: '1' } };
  const lime = plan({ ph: '5.5', more, decisions: { 'lime-target': '7', 'lime-depth': '6.6667' } });
  const row = lime.methods.find(({ option: { id } }) => id === 'acidity');
  expect(row?.option.requirement).toMatchObject({
    value: { value: expect.closeTo(23, 1) as number },
  });
  // Of a bag of CCE 90 a ninth more.
  expect(row?.rate).toMatchObject({ value: { value: expect.closeTo(25.5, 1) as number } });
});

test.each<[string, Sum['more'], string, string, string, string]>([
  ['no report has it', {}, 'adams-evans', '5.4', '6.5', 'undefined'],
  [
    'a buffer that was not pulled down',
    adamsEvans('8.0'),
    'adams-evans',
    '5.4',
    '6.5',
    'absent.bufferUnresolvable',
  ],
  [
    'more acid than the buffer tells',
    adamsEvans('6.9'),
    'adams-evans',
    '5.4',
    '6.5',
    'absent.bufferOutside',
  ],
  ['soil below the curve', adamsEvans('7.5'), 'adams-evans', '4.4', '6.5', 'absent.phBelow'],
  ['which Mehlich buffer?', mehlich('6.1', ''), 'mehlich', '5.4', '6', 'absent.whichMehlich'],
  ['the modified one', mehlich('6.1', 'modified'), 'mehlich', '5.4', '6', 'absent.noEquation'],
  ['a target past the buffer', mehlich('6.1'), 'mehlich', '5.4', '6.8', 'absent.phFrom'],
  ['a soil past the buffer', mehlich('6.1'), 'mehlich', '6.6', '6.5', 'absent.phFrom'],
  [
    'Sikora of half strength',
    { 'ph-sikora': { text: '6.4', method: 'sikora-2' } },
    'sikora',
    '5.4',
    '6.5',
    'absent.noEquation',
  ],
  ['a silent Sikora', sikora('6.9'), 'sikora', '5.4', '6.5', 'absent.bufferUnresolvable'],
  ['Woodruff', { 'ph-woodruff': { text: '6.4' } }, 'woodruff', '5.4', '6.5', 'absent.noEquation'],
  [
    'acidity to a low target',
    { acidity: { text: '3' } },
    'acidity',
    '5.4',
    '6',
    'absent.targetOutside',
  ],
])('absent with its reason: %s', (_name, more, method, ph, target, reason) => {
  const advised = option({ method, ph, target, more, printed: 0 })?.advised;
  expect(advised && 'absent' in advised ? advised.absent.id : String(advised)).toBe(reason);
});

test('where the Sikora buffer is silent the texture table is capped at its first row, as with SMP', () => {
  const bySmp = plan({ ph: '5.2', buffer: '6.9', texture: 'clay-loam' });
  const bySikora = plan({ ph: '5.2', texture: 'clay-loam', more: sikora('6.9') });
  expect(bySikora.rate).toEqual(bySmp.rate);
});

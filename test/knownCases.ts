/** Cases that once ended a page, or could not be opened again. */
import { fieldReport, ORACLE, type LawnInput } from './cases';

const FED: LawnInput = { ph: '6.5', om: '3', cec: '10', p: { text: '8' }, k: { text: '75' } };
const BUSHES: LawnInput = { ...FED, plant: 'blueberry', ph: '6.2', texture: 'loam' };
const DIGITS = '9'.repeat(400);

/** Each by what was odd about it. */
export const KNOWN_CASES: readonly (readonly [string, LawnInput])[] = [
  ['a plot that is fed', { ...FED, plant: 'white-clover', squareFeet: '20000' }],
  ['sulfur without a measured ground', { ...BUSHES, squareFeet: '' }],
  ['sulfur with half a date to plan from', { ...BUSHES, planFrom: '2027-' }],
  ['a kit on blueberries', { ...BUSHES, ph: '', reports: [fieldReport('kit', ['5.0', '5.5'])] }],
  [
    'the laboratory’s lime on muck',
    { ph: '4.6', om: '45', lab: { text: '60' }, decisions: { 'lime-method': 'laboratory' } },
  ],
  [
    'an own amount on muck',
    { ph: '4.6', om: '45', decisions: { 'lime-method': 'own', 'lime-own': '60' }, reason: 'x' },
  ],
  ['Adams–Evans at 7.79', { ...FED, ph: '7.79', more: { 'ph-adams-evans': { text: '7.6' } } }],
  [
    'past sulfur that cannot be read, and no date to plan from',
    { ...BUSHES, planFrom: 'soon', past: [{ kind: 'sulfur', on: '2027-0', percent: '0' }] },
  ],
  ['lead by an unknown method', { ...FED, more: { pb: { text: '90', method: 'constructor' } } }],
  ['an unknown plant', { ...ORACLE, plant: 'constructor' }],
  [
    'a bed 400 digits wide',
    { ...ORACLE, shape: { kind: 'raised-beds', number: '2', length: DIGITS, width: DIGITS } },
  ],
  ['a plant shared twice', { ...BUSHES, sharing: ['strawberry', 'strawberry', 'blueberry'] }],
  ['sulfur of nothing', { ...BUSHES, decisions: { 'sulfur-own': '0' }, reason: 'none' }],
];

import { EMPTY_LABEL } from '../../../core/casefile/parts/label';
import { lawnCase, ORACLE } from '../../../test/cases';
import { applyPatches } from '../../../store/patch';
import { decisionPlace, labelPlace, sievePlace, textPlace, type Place } from './places';

const doc = lawnCase({ ...ORACLE, decisions: { 'lime-target': '6.2' } });

/** The document after a text was typed at a place. */
function typed(place: Place, text: string, on = doc): typeof doc {
  return applyPatches(on, [{ path: place.path, was: undefined, value: place.write(text) }]);
}

test('a text is its own place', () => {
  const place = textPlace(doc, 'areas/lawn/name');
  expect([place.value, place.problem]).toEqual(['Main lawn', 'areas/lawn/name']);
  expect(typed(place, 'Front').areas['lawn']?.name).toBe('Front');
  expect(textPlace(doc, 'areas/nowhere/name').value).toBe('');
});

test('a decision is written whole, with its moment, and cleared by clearing the field', () => {
  const place = decisionPlace(doc, 'lawn', 'lime-target');
  expect([place.value, place.problem]).toEqual(['6.2', 'decisions/lawn:lime-target/value']);
  const after = typed(place, '6.4').decisions['lawn:lime-target'];
  expect(after).toMatchObject({ what: 'lime-target', value: '6.4', reason: '' });
  expect(after?.at).toMatch(/^\d{4}-\d\d-\d\dT/);
  expect(typed(place, '').decisions['lawn:lime-target']).toBeUndefined();
});

test('a reason stands beside the value of its decision', () => {
  const reason = decisionPlace(doc, 'lawn', 'lime-own', 'reason');
  expect(reason.problem).toBe('decisions/lawn:lime-own/reason');
  expect(typed(reason, 'sown next week').decisions['lawn:lime-own']).toMatchObject({
    value: '',
    reason: 'sown next week',
  });
});

test('a part of a label leaves its other parts, and starts an empty label', () => {
  expect(
    typed(labelPlace(doc, 'calcitic-pelletized', 'bag'), '50').labels['calcitic-pelletized'],
  ).toEqual({ ...EMPTY_LABEL, percent: '85', bag: '50' });
  expect(
    typed(labelPlace(doc, 'calcitic-ground', 'percent'), '92').labels['calcitic-ground'],
  ).toEqual({ ...EMPTY_LABEL, percent: '92' });
});

test('a sieve leaves the others of its label', () => {
  const once = typed(sievePlace(doc, 'calcitic-pelletized', '8'), '95');
  const twice = typed(sievePlace(once, 'calcitic-pelletized', '60'), '50', once);
  expect(twice.labels['calcitic-pelletized']).toEqual({
    ...EMPTY_LABEL,
    percent: '85',
    bag: '40',
    sieves: { '8': '95', '60': '50' },
  });
  const place = sievePlace(twice, 'calcitic-pelletized', '60');
  expect([place.value, place.problem]).toEqual(['50', 'labels/calcitic-pelletized/sieves/60']);
  expect(place.read({ sieves: { '60': '45' } })).toBe('45');
});

test('what came from elsewhere is read as the text it shows', () => {
  const place = decisionPlace(doc, 'lawn', 'lime-target');
  expect(place.read({ what: 'lime-target', value: '6.0', reason: '', at: '' })).toBe('6.0');
  expect(place.read(undefined)).toBe('');
});

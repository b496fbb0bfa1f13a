import { lawnCase, ORACLE } from '../../test/cases';
import { applyPatches } from '../../store/patch';
import { decisionPlace, labelPlace, textPlace, type Place } from './places';

const doc = lawnCase({ ...ORACLE, decisions: { 'lime-target': '6.2' } });

/** The document after a text was typed at a place. */
function typed(place: Place, text: string): typeof doc {
  return applyPatches(doc, [{ path: place.path, was: undefined, value: place.write(text) }]);
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
  ).toEqual({
    kind: 'CCE',
    percent: '85',
    bag: '50',
    price: '',
  });
  expect(
    typed(labelPlace(doc, 'calcitic-ground', 'percent'), '92').labels['calcitic-ground'],
  ).toEqual({
    kind: 'CCE',
    percent: '92',
    bag: '',
    price: '',
  });
});

test('what came from elsewhere is read as the text it shows', () => {
  const place = decisionPlace(doc, 'lawn', 'lime-target');
  expect(place.read({ what: 'lime-target', value: '6.0', reason: '', at: '' })).toBe('6.0');
  expect(place.read(undefined)).toBe('');
});

/**
 * Acidity of fertilizers by Pierre's convention (1933; recalled): half of the acid that the N could make, all that comes
 * with sulfate, less the bases; from equivalent weights (IUPAC). One equivalent of CaCO3 to a mole of N is 3.57 lb a pound.
 */
import { lawnCase, type LawnInput } from '../test/cases';
import { LIME_FOR_POUND_OF_N } from '../core/tables/fertilizer/acidity';
import { SHIPPED_MATERIALS } from '../core/catalog/materials/materials';
import { planCase } from '../core/plan/plan';

const EQUIVALENT = (40.078 + 12.011 + 3 * 15.999) / 2 / 14.007;

test.each<[string, number, number]>([
  // material, equivalents to a mole of N, how far the printed figure may be off
  ['urea-46-0-0', 0.5, 0.05],
  ['ammonium-nitrate-34-0-0', 0.5, 0.05],
  // half of the N, and a whole equivalent of sulfate with each
  ['ammonium-sulfate-21-0-0', 1.5, 0.05],
  // half of the N less the potassium
  ['potassium-nitrate-13-0-44', -0.5, 0.25],
  // some of its N is ammonium, so a little under half
  ['calcium-nitrate-15.5-0-0', -0.5, 0.5],
])('%s', (id, equivalents, off) => {
  const printed = LIME_FOR_POUND_OF_N[id] ?? NaN;
  expect(Math.abs(printed - equivalents * EQUIVALENT)).toBeLessThan(off);
});

test('every one of them is a fertilizer of the shed', () => {
  const ids = SHIPPED_MATERIALS.fertilizers.map(({ id }) => id);
  expect(Object.keys(LIME_FOR_POUND_OF_N).filter((id) => !ids.some((each) => each === id))).toEqual(
    [],
  );
});

const FED: LawnInput = { ph: '6.5', om: '3.4', cec: '10', p: { text: '60' }, k: { text: '400' } };

function acid(decisions: LawnInput['decisions'] = {}) {
  const [area] = planCase(lawnCase({ ...FED, clippings: 'removed', decisions })).areas;
  return area?.fertilizerAcid;
}

test('3 lb N a year as urea sour by 5.4 lb of lime, as ammonium sulfate by 16.1, on 1000 ft²', () => {
  // Printed beside turf at 4 lb N: urea 7.2, ammonium sulfate 21.4
  expect(acid({ 'feed-n': 'urea-46-0-0' })).toMatchObject({
    value: { value: expect.closeTo(5.4, 6) as number },
  });
  expect(acid({ 'feed-n': 'ammonium-sulfate-21-0-0' })).toMatchObject({
    value: { value: expect.closeTo(16.05, 6) as number },
  });
});

test('what is not surely remembered gives no figure', () => {
  expect(acid({ 'feed-n': 'feather-meal-12-0-0' })).toMatchObject({
    absent: { id: 'absent.acidUnknown' },
  });
});

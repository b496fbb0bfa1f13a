import type { CaseFile } from '../../casefile/casefile';
import { planCase } from '../../plan/plan';
import { slipText } from '../../../files/slip/slipText';
import { createEnglish } from '../../../words/english';
import { lawnCase } from '../../../test/cases';

/** A lawn, two beds with plants, and five bushes, all limed or not by one sample. */
function garden(): CaseFile {
  const file = lawnCase({
    ...{ ph: '5.6', buffer: '6.5', om: '3', cec: '11', p: { text: '12' }, k: { text: '80' } },
    planFrom: '2027-04-01',
  });
  const { lawn } = file.areas;
  const { s1 } = file.samples;
  if (!lawn || !s1) throw new Error('no lawn');
  const shape = { ...lawn.shape, squareFeet: '200' };
  const bed = { ...lawn, shape, situation: 'tilled' as const };
  const areas = {
    lawn,
    tomatoes: { ...bed, id: 'tomatoes', order: 2, name: 'Tomatoes', plant: 'tomato' },
    potatoes: { ...bed, id: 'potatoes', order: 3, name: 'Potatoes', plant: 'potato' },
    peppers: { ...bed, id: 'peppers', order: 4, name: 'Peppers', plant: 'pepper' },
  };
  return { ...file, areas, samples: { s1: { ...s1, areaIds: Object.keys(areas) } } };
}

const lines = (file: CaseFile): string[] =>
  slipText(file, planCase(file), createEnglish()).split('\n');

test('what holds of some of the ground names it, once for all that it holds of', () => {
  const page = lines(garden());
  const about = (words: string): string[] => page.filter((line) => line.includes(words));
  expect(about('Scratch fertilizer')).toEqual([
    expect.stringMatching(/^- Tomatoes, Potatoes and Peppers – Scratch/),
  ]);
  expect(about('Work the lime into')).toEqual([
    expect.stringMatching(/^- Tomatoes and Peppers – Work/),
  ]);
  expect(about('they bring scab')).toEqual([expect.stringMatching(/^- Potatoes – No wood ash/)]);
  expect(about('The fertilizer has worked when leaves')).toHaveLength(1);
});

test('one piece of ground is not named again, and what holds of all has no name', () => {
  const file = garden();
  const { lawn, potatoes } = file.areas;
  if (!lawn || !potatoes) throw new Error('no beds');
  const one = lines({ ...file, areas: { potatoes } });
  expect(one.filter((line) => line.includes('they bring scab'))).toEqual([
    expect.stringMatching(/^- No wood ash/),
  ]);
  const twin = { ...potatoes, id: 'peppers', order: 4, name: 'North' };
  const two = lines({ ...file, areas: { potatoes, peppers: twin } });
  expect(two.filter((line) => line.includes('they bring scab'))).toEqual([
    expect.stringMatching(/^- No wood ash/),
  ]);
});

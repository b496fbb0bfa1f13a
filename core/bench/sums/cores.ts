import { own } from '../../kernel/typed/own';
import { msg } from '../../kernel/messages/msg';
import type { PlantId } from '../../catalog/plants/plants';
import { asTyped, planSmall } from '../smallCase';
import type { BenchSum } from '../sum';

/** A plant of each use of ground: how it is sampled turns on the use alone. */
const PLANT_OF: Readonly<Record<string, PlantId>> = {
  lawn: 'cool-season-lawn',
  bed: 'mixed-vegetables',
  woody: 'apple',
  plot: 'food-plot',
};

/** How many cores one sample is made of, and how deep. */
export const cores: BenchSum = {
  id: 'cores',
  fields: () => ['use', 'ground'],
  usual: { use: 'lawn', ground: '5000' },
  work: (sheet, today) => {
    const use = sheet.choice('use');
    const planned = planSmall(today, {
      area: {
        plant: own(PLANT_OF, use) ?? 'cool-season-lawn',
        situation: use === 'bed' ? 'tilled' : 'established',
      },
      shape: { kind: 'square-feet', squareFeet: asTyped(sheet.measure('ground')) },
    });
    const { schools, depth, how } = planned.area.sampling;
    const [composite] = schools;
    if (!composite) throw new Error('cores: no way to sample');
    return {
      answers: [
        { label: msg('bench.answer.cores'), figure: composite.coresEach },
        { label: msg('bench.answer.deep'), figure: depth, family: 'deep' },
      ],
      says: how.slice(0, 2),
      ...planned,
    };
  },
};

import { msg } from '../../kernel/messages/msg';
import { MESHES, SCHEME_IDS, schemeOf, type FinenessScheme } from '../../tables/lime/fineness';
import type { BenchSheet } from '../benchSheet';
import { USUAL_LIME } from '../usual';
import { asTyped, planSmall } from '../smallCase';
import type { BenchSum } from '../sum';

/** A finely ground stone passes every sieve. */
const ALL_THROUGH = Object.fromEntries(MESHES.map((mesh) => [`mesh${mesh}`, '100']));

function schemeIn(sheet: BenchSheet): FinenessScheme {
  const chosen = sheet.choice('scheme');
  return schemeOf(SCHEME_IDS.find((id) => id === chosen) ?? '');
}

/** What a limestone is worth by its CCE, what passes its sieves and its water, and product for what was recommended. */
export const quality: BenchSum = {
  id: 'quality',
  fields: (sheet) => [
    'scheme',
    'cce',
    ...schemeIn(sheet).sieves.map((mesh) => `mesh${mesh}` as const),
    ...(['moisture', 'rate', 'ground'] as const),
  ],
  usual: { scheme: 'wisconsin', rate: '50', ground: '1000', ...ALL_THROUGH },
  work: (sheet, today) => {
    const { id, sieves } = schemeIn(sheet);
    const planned = planSmall(today, {
      area: { plant: 'mixed-vegetables', situation: 'tilled' },
      shape: { kind: 'square-feet', squareFeet: asTyped(sheet.measure('ground')) },
      results: {
        'ph-water': { text: '5.5' },
        'lime-rec': { text: asTyped(sheet.measure('rate')), unit: 'lb/1000ft2', method: 'pure' },
      },
      decisions: { 'lime-material': USUAL_LIME },
      label: {
        id: USUAL_LIME,
        says: {
          kind: 'CCE',
          percent: asTyped(sheet.number('cce')),
          scheme: id,
          sieves: Object.fromEntries(
            sieves.map((mesh) => [mesh, asTyped(sheet.number(`mesh${mesh}`))]),
          ),
          moisture: asTyped(sheet.number('moisture')),
        },
      },
    });
    const { lime } = planned.area.treatments;
    const { effectiveness } = lime.chosenMaterial.bag;
    return {
      answers: [
        { label: msg('bench.answer.effective'), figure: effectiveness.figure },
        {
          label: msg('bench.answer.rate'),
          figure: lime.chosenMaterial.rate,
          family: 'rate',
          carries: 'rate',
        },
      ],
      says: [msg('bench.qualityOnce')],
      ...planned,
    };
  },
};

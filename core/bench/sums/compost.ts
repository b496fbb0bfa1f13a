import { SHIPPED_OTHERS } from '../../catalog/materials/others';
import { msg } from '../../kernel/messages/msg';
import { asTyped, planSmall } from '../smallCase';
import type { BenchSum } from '../sum';

/** What most gardens have: no raw manure. */
const MATURE = SHIPPED_OTHERS.bulk.findLast(({ raw }) => !raw);

/** Compost or manure so many inches thick: how much it is and what it brings. */
export const compost: BenchSum = {
  id: 'compost',
  fields: () => ['compost', 'thick', 'ground'],
  usual: { ...(MATURE ? { compost: MATURE.id } : {}), thick: '1', ground: '100' },
  work: (sheet, today) => {
    const planned = planSmall(today, {
      area: { plant: 'mixed-vegetables', situation: 'tilled' },
      shape: { kind: 'square-feet', squareFeet: asTyped(sheet.measure('ground')) },
      load: {
        material: sheet.choice('compost'),
        measure: 'in',
        amount: asTyped(sheet.measure('thick')),
      },
    });
    const [load] = planned.area.loads;
    if (!load) throw new Error('compost: the load of the small case is not read');
    const { yards, pounds, seasonN, holds, material } = load;
    return {
      answers: [
        { label: msg('bench.answer.yards'), figure: yards, family: 'volume' },
        { label: msg('bench.answer.pounds'), figure: pounds, family: 'weight' },
        { label: msg('bench.answer.seasonN'), figure: seasonN, family: 'rate' },
        { label: msg('bench.answer.holdsP'), figure: holds.P2O5, family: 'rate' },
        { label: msg('bench.answer.holdsK'), figure: holds.K2O, family: 'rate' },
      ],
      says: [
        msg('bench.compostInch'),
        ...('raw' in material && material.raw ? [msg('bench.rawManure')] : []),
      ],
      ...planned,
    };
  },
};

import type { ReactNode } from 'react';
import type { Bulk, Liquid, Supplement } from '../../core/catalog/materials/types';
import { ALSO } from '../../core/catalog/materials/types';
import { CUBIC_FEET_PER_CUBIC_YARD, POUNDS_PER_TON } from '../../core/kernel/units/factors';
import { materialNote, materialWords } from '../format/materialWords';
import { text } from '../format/text';
import { Cell, Table } from '../kit/Table';

function Name({ material }: { material: Supplement | Bulk | Liquid }): ReactNode {
  return (
    <Cell>
      {materialWords(material)}
      <span className="block text-small text-ink-2">{materialNote(material)}</span>
    </Cell>
  );
}

/** Carriers of secondary nutrients and micronutrients. */
export function Supplements({ materials }: { materials: readonly Supplement[] }): ReactNode {
  return (
    <Table
      label={text('shed.supplements')}
      heads={[
        { id: 'name', words: text('ph.head.material') },
        { id: 'holds', words: text('shed.head.holds') },
        { id: 'density', words: text('shed.head.density'), number: true },
        { id: 'bags', words: text('shed.head.bags'), number: true },
      ]}
    >
      {materials.map((material) => (
        <tr key={material.id} className="border-b border-rule-2">
          <Name material={material} />
          <Cell>
            {ALSO.flatMap((element) => {
              const percent = material.elements[element];
              return percent === undefined
                ? []
                : [text('shed.holdsOf', { element: text(`element.${element}`), percent })];
            }).join(', ')}
          </Cell>
          <Cell number>{String(material.density)}</Cell>
          <Cell number>{material.bagsLb.join(', ')}</Cell>
        </tr>
      ))}
    </Table>
  );
}

/** Manures and composts, by the ton and the cubic yard. */
export function BulkMaterials({ materials }: { materials: readonly Bulk[] }): ReactNode {
  const perYard = (pounds: number, { lbPerYd3 }: Bulk): string =>
    ((pounds * lbPerYd3) / POUNDS_PER_TON).toFixed(1);
  return (
    <Table
      label={text('shed.bulk')}
      heads={[
        { id: 'name', words: text('ph.head.material') },
        { id: 'water', words: text('shed.head.water'), number: true },
        { id: 'ton', words: text('shed.head.perTon'), number: true },
        { id: 'yard', words: text('shed.head.perYard'), number: true },
        { id: 'first', words: text('shed.head.firstYear'), number: true },
        { id: 'weight', words: text('shed.head.yardWeighs'), number: true },
      ]}
    >
      {materials.map((material) => {
        const { N, P2O5, K2O } = material.perTon;
        return (
          <tr key={material.id} className="border-b border-rule-2">
            <Name material={material} />
            <Cell number>{String(material.water)}</Cell>
            <Cell number>{[N, P2O5, K2O].join(' – ')}</Cell>
            <Cell number>
              {[N, P2O5, K2O].map((pounds) => perYard(pounds, material)).join(' – ')}
            </Cell>
            <Cell number>{text('shed.share', material.firstYear)}</Cell>
            <Cell number>
              {text('shed.yard', {
                pounds: material.lbPerYd3,
                foot: Math.round(material.lbPerYd3 / CUBIC_FEET_PER_CUBIC_YARD),
              })}
            </Cell>
          </tr>
        );
      })}
    </Table>
  );
}

/** Fertilizer solutions. */
export function Liquids({ materials }: { materials: readonly Liquid[] }): ReactNode {
  return (
    <Table
      label={text('shed.liquids')}
      heads={[
        { id: 'name', words: text('ph.head.material') },
        { id: 'gallon', words: text('shed.head.gallon'), number: true },
        { id: 'n', words: text('shed.head.inGallon'), number: true },
      ]}
    >
      {materials.map((material) => {
        const { grade, lbPerGal } = material;
        const inGallon = (percent: number): string => ((percent * lbPerGal) / 100).toFixed(2);
        return (
          <tr key={material.id} className="border-b border-rule-2">
            <Name material={material} />
            <Cell number>{String(lbPerGal)}</Cell>
            <Cell number>{[grade.N, grade.P2O5, grade.K2O].map(inGallon).join(' – ')}</Cell>
          </tr>
        );
      })}
    </Table>
  );
}

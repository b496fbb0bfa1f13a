'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import { NO_STOCK, type Stock } from '../../../core/casefile/parts/stock';
import type { NamedMaterial } from '../../../core/catalog/materials/types';
import { own } from '../../../core/kernel/typed/own';
import { sameValue } from '../../../core/kernel/typed/sameValue';
import { readOffice } from '../../../store/office';
import { materialsForCases } from '../../../store/materials';
import type { Json } from '../../../store/patch';
import { materialWords } from '../../format/materialWords';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { FindField } from '../../kit/FindField';
import { Cell, Table } from '../../kit/Table';
import { useCase } from '../context/caseContext';
import { stockPlace, textPlace } from '../context/places';
import { SelectField, TextField } from '../fields/Fields';

/** The packs of a material in the shops, each with its price. */
function Packs({ material }: { material: NamedMaterial }): ReactNode {
  const { state, session } = useCase();
  const { id } = material;
  const stock = own(state.doc.stock, id) ?? NO_STOCK;
  const name = materialWords(material);
  const at = `stock/${id}/packs`;
  const field = (packId: string, part: 'pounds' | 'price'): ReactNode => {
    const problem = `${at}/${packId}/${part}`;
    return (
      <TextField
        hideLabel
        width="bag"
        label={text(part === 'pounds' ? 'buy.packOf' : 'buy.packPrice', { material: name })}
        place={{ ...textPlace(state.doc, problem), problem }}
      />
    );
  };
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      {Object.keys(stock.packs).map((packId) => (
        <span key={packId} className="inline-flex items-center gap-1">
          {field(packId, 'pounds')}
          <span className="text-small text-ink-2">{text('buy.lbFor')}</span>
          {field(packId, 'price')}
          <Button
            look="quiet"
            aria-label={text('buy.removePack', { material: name })}
            onClick={() =>
              session.edit([{ path: `${at}/${packId}`, value: undefined }], `no-pack:${packId}`)
            }
          >
            {text('buy.less')}
          </Button>
        </span>
      ))}
      <Button
        look="quiet"
        aria-label={text('buy.addPackOf', { material: name })}
        onClick={() => {
          const packId = nanoid(8);
          const pack = { id: packId, pounds: '', price: '' };
          session.edit([{ path: `${at}/${packId}`, value: pack }], `pack:${packId}`);
        }}
      >
        {text('buy.addPack')}
      </Button>
    </div>
  );
}

/** Own materials of the Shed that this case has not, or has in other words: taken with one key. */
function FromShed(): ReactNode {
  const { state, session } = useCase();
  const shed = useLiveQuery(() => materialsForCases()) ?? {};
  const { materials } = state.doc;
  const news = Object.values(shed).filter(
    (material) => !sameValue(own(materials, material.id), material),
  );
  if (news.length === 0) return null;
  return (
    <Button
      onClick={() =>
        session.edit(
          news.map((material) => ({
            path: `materials/${material.id}`,
            value: material as unknown as Json,
          })),
          'shed',
        )
      }
    >
      {text('buy.takeShed', { count: news.length })}
    </Button>
  );
}

/** What the office knows of the shops and this case does not: taken with one key. */
function FromOffice({ materials }: { materials: readonly NamedMaterial[] }): ReactNode {
  const { state, session } = useCase();
  const known = useLiveQuery(() => readOffice())?.stock ?? {};
  const news = materials.flatMap(({ id }) => {
    const stock = own(known, id);
    return stock && !own(state.doc.stock, id) ? [[id, stock] as const] : [];
  });
  if (news.length === 0) return null;
  return (
    <Button
      onClick={() =>
        session.edit(
          news.map(([id, stock]) => ({ path: `stock/${id}`, value: stock as unknown as Json })),
          'shops',
        )
      }
    >
      {text('buy.takeShops', { count: news.length })}
    </Button>
  );
}

/** What lies in the client's shed and what the shops have, of the materials that may go on. */
export function ShopList({ materials }: { materials: readonly NamedMaterial[] }): ReactNode {
  const { state, session } = useCase();
  const listed = Object.keys(state.doc.stock);
  const shown = materials.filter(({ id }) => listed.includes(id));
  const others = materials.filter(({ id }) => !listed.includes(id));
  const put = (id: string, value: Stock | undefined): void =>
    session.edit([{ path: `stock/${id}`, value: value as unknown as Json }], `stock:${id}`);
  return (
    <>
      <p className="mb-2 max-w-2xl text-ink-2">{text('buy.listHelp')}</p>
      {shown.length > 0 && (
        <Table
          label={text('buy.list')}
          heads={[
            { id: 'material', words: text('ph.head.material') },
            { id: 'hand', words: text('buy.onHandLb') },
            { id: 'had', words: text('buy.had') },
            { id: 'packs', words: text('buy.packs') },
            { id: 'less', words: '' },
          ]}
        >
          {shown.map((material) => (
            <tr key={material.id} className="border-b border-rule-2 align-top">
              <Cell>{materialWords(material)}</Cell>
              <Cell>
                <TextField
                  hideLabel
                  width="bag"
                  label={text('buy.onHandOf', { material: materialWords(material) })}
                  place={stockPlace(state.doc, material.id, 'onHand')}
                />
              </Cell>
              <Cell>
                <SelectField
                  hideLabel
                  label={text('buy.hadOf', { material: materialWords(material) })}
                  place={stockPlace(state.doc, material.id, 'had')}
                  options={(['', 'yes', 'no'] as const).map((value) => ({
                    value,
                    words: text(`buy.had.${value || 'unsaid'}`),
                  }))}
                  width="date"
                  stop={false}
                />
              </Cell>
              <Cell>
                <Packs material={material} />
              </Cell>
              <Cell>
                <Button
                  look="quiet"
                  aria-label={text('buy.removeOf', { material: materialWords(material) })}
                  onClick={() => put(material.id, undefined)}
                >
                  {text('buy.off')}
                </Button>
              </Cell>
            </tr>
          ))}
        </Table>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <FindField
          id="buy-add"
          label={text('buy.add')}
          value=""
          placeholder={text('buy.addWhat')}
          options={others.map((material) => ({
            value: material.id,
            words: materialWords(material),
          }))}
          nothing={text('find.nothing')}
          onChoose={(id) => put(id, NO_STOCK)}
          className="w-72"
        />
        <FromShed />
        <FromOffice materials={materials} />
      </div>
    </>
  );
}

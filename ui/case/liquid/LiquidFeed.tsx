'use client';

import type { ReactNode } from 'react';
import { feedsOf, type LiquidFeed as Feed } from '../../../core/treat/liquid/liquidFeed';
import { materialWords } from '../../format/materialWords';
import { text } from '../../format/text';
import { FindField } from '../../kit/FindField';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { useMaterials } from '../context/useMaterials';
import { decisionPlace } from '../context/places';
import { TextField } from '../fields/Fields';

/** What goes into the water, and what that comes to. */
function Mixed({ feed }: { feed: Feed }): ReactNode {
  const { perGallon, measured, stock, salts, product, nitrogen } = feed;
  const columns = [
    ['measured', measured],
    ['perGallon', perGallon],
    ['stock', stock],
    ['salts', salts],
    ['product', product],
    ['nitrogen', nitrogen],
  ] as const;
  const shown = columns.flatMap(([name, figure]) => (figure ? [{ name, figure }] : []));
  return (
    <div className="mt-3">
      <Table
        label={text('liquid.title')}
        heads={shown.map(({ name }) => ({
          id: name,
          words: text(`liquid.${name}`),
          number: true,
        }))}
      >
        <OpenableRow columns={shown.length}>
          <tr className="border-b border-rule-2">
            {shown.map(({ name, figure }) => (
              <Cell key={name} number>
                <Figure id={figure.id} bold={name === 'measured'} />
              </Cell>
            ))}
          </tr>
        </OpenableRow>
      </Table>
    </div>
  );
}

/** A feed in water: the product, how strong, how much water, and what a sprayer draws. */
export function LiquidFeed(): ReactNode {
  const { area, state, session } = useCase();
  const { doc } = state;
  const areaId = area.area.id;
  const materials = useMaterials();
  const place = decisionPlace(doc, areaId, 'liquid');
  const field = (
    what: 'liquid-ppm' | 'liquid-gallons' | 'liquid-ratio',
    label: string,
    usual?: string,
  ): ReactNode => (
    <TextField
      label={label}
      width="bag"
      place={decisionPlace(doc, areaId, what)}
      {...(usual ? { usual } : {})}
    />
  );
  return (
    <>
      <div className="flex flex-wrap items-end gap-4">
        <FindField
          id="liquid-product"
          label={text('liquid.which')}
          value={place.value}
          placeholder={text('buy.addWhat')}
          options={feedsOf(materials).map((material) => ({
            value: material.id,
            words: materialWords(material),
          }))}
          nothing={text('find.nothing')}
          onChoose={(id) =>
            session.edit([{ path: place.path, value: place.write(id) }], `liquid:${id}`)
          }
          className="w-72"
        />
        {field('liquid-ppm', text('liquid.ppm'), '150')}
        {field('liquid-gallons', text('liquid.gallons'))}
        {field('liquid-ratio', text('liquid.ratio'))}
      </div>
      {area.liquid ? (
        <Mixed feed={area.liquid} />
      ) : (
        <p className="mt-2 text-ink-2">{text('liquid.none')}</p>
      )}
      <p className="mt-1.5 max-w-2xl text-small text-ink-2">{text('liquid.note')}</p>
    </>
  );
}

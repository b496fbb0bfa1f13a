'use client';

import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import {
  COVER_ENDS,
  LOAD_MEASURES,
  onGround,
  type Cover,
  type Load,
} from '../../../core/casefile/parts/organic';
import { COVER_CROPS, COVER_CROP_IDS } from '../../../core/catalog/coverCrops';
import { SHIPPED_OTHERS } from '../../../core/catalog/materials/others';
import { NUTRIENTS } from '../../../core/catalog/nutrients';
import type { CoverRead } from '../../../core/site/covers';
import type { LoadRead } from '../../../core/site/loads';
import { named } from '../../format/choices';
import { materialWords } from '../../format/materialWords';
import { nameFrom, text } from '../../format/text';
import { FindField } from '../../kit/FindField';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { textPlace } from '../context/places';
import { SelectField, TextField } from '../fields/Fields';
import { Removable } from '../shared/Removable';

function bulkWords(id: string): string {
  const material = SHIPPED_OTHERS.bulk.find((each) => each.id === id);
  return material ? materialWords(material) : id;
}

/** What a load comes to: yards, weight and depth, then what it brings. */
function LoadFigures({ read }: { read: LoadRead }): ReactNode {
  const { yards, pounds, deep, holds, seasonN, salts } = read;
  return (
    <Table
      label={text('load.comesTo', { material: materialWords(read.material) })}
      heads={[
        { id: 'yards', words: text('load.head.yards'), number: true },
        { id: 'pounds', words: text('load.head.pounds'), number: true },
        { id: 'deep', words: text('load.head.deep'), number: true },
        ...NUTRIENTS.map((nutrient) => ({
          id: nutrient,
          words: text(`nutrient.${nutrient}`),
          number: true,
        })),
        { id: 'season', words: text('load.head.season'), number: true },
        { id: 'salts', words: text('load.head.salts'), number: true },
      ]}
    >
      <OpenableRow columns={8}>
        <tr className="border-b border-rule-2">
          {[yards, pounds, deep, ...NUTRIENTS.map((nutrient) => holds[nutrient])].map((figure) => (
            <Cell key={figure.id} number>
              <Figure id={figure.id} />
            </Cell>
          ))}
          <Cell number>
            <Figure id={seasonN.id} bold />
          </Cell>
          <Cell number>
            <Figure id={salts.id} />
          </Cell>
        </tr>
      </OpenableRow>
    </Table>
  );
}

function LoadRow({ load, read }: { load: Load; read: LoadRead | undefined }): ReactNode {
  const { state, area } = useCase();
  const { doc } = state;
  const isLate = area.comingLoads.some((each) => each.load.id === load.id && !each.inTime);
  const at = `loads/${load.id}`;
  const what = bulkWords(load.material);
  return (
    <Removable at={at} what={what}>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <TextField
          label={text('load.amount')}
          width="number"
          place={textPlace(doc, `${at}/amount`)}
        />
        <SelectField
          label={text('load.measure')}
          place={textPlace(doc, `${at}/measure`)}
          options={named('loadMeasure', LOAD_MEASURES)}
          width="date"
        />
        {load.measure === 'bags' && (
          <TextField
            label={text('load.bagFt3')}
            width="bag"
            usual="1"
            place={textPlace(doc, `${at}/bag`)}
          />
        )}
        <TextField label={text('load.on')} width="date" place={textPlace(doc, `${at}/on`)} />
      </div>
      {read && <LoadFigures read={read} />}
      {isLate && <p className="mt-1 text-small text-ochre">{text('load.late')}</p>}
    </Removable>
  );
}

function CoverRow({ cover, read }: { cover: Cover; read: CoverRead | undefined }): ReactNode {
  const { doc } = useCase().state;
  const at = `covers/${cover.id}`;
  const what = nameFrom('cover', cover.crop);
  const isFormer = COVER_CROPS.some(({ id, kind }) => id === cover.crop && kind === 'former');
  return (
    <Removable at={at} what={what}>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        {!isFormer && (
          <>
            <SelectField
              label={text('cover.ended')}
              place={textPlace(doc, `${at}/ended`)}
              options={named('coverEnd', COVER_ENDS)}
            />
            {(['dry', 'cut', 'percent'] as const).map((part) => (
              <TextField
                key={part}
                label={text(`cover.${part}`)}
                width="bag"
                place={textPlace(doc, `${at}/${part}`)}
              />
            ))}
          </>
        )}
        <TextField label={text('cover.on')} width="date" place={textPlace(doc, `${at}/on`)} />
        {read && (
          <Table
            label={text('cover.comesTo', { crop: what })}
            heads={[
              { id: 'all', words: text('cover.head.all'), number: true },
              { id: 'leaves', words: text('cover.head.leaves'), number: true },
            ]}
          >
            <OpenableRow columns={2}>
              <tr>
                <Cell number>
                  <Figure id={read.inAll.id} />
                </Cell>
                <Cell number>
                  <Figure id={read.leaves.id} bold />
                </Cell>
              </tr>
            </OpenableRow>
          </Table>
        )}
      </div>
    </Removable>
  );
}

/** Compost, manure, cover crops and former crops of this ground, with what they bring. */
export function Organics(): ReactNode {
  const { area, state, session } = useCase();
  const { doc } = state;
  const areaId = area.area.id;
  const loads = onGround(doc.loads, areaId);
  const covers = onGround(doc.covers, areaId);
  const orderAfter = (all: readonly { readonly order: number }[]): number =>
    Math.max(0, ...all.map(({ order }) => order)) + 1;
  const addLoad = (material: string): void => {
    const id = nanoid(8);
    const order = orderAfter(loads);
    const value = {
      id,
      areaId,
      order,
      material,
      measure: 'in',
      amount: '',
      bag: '',
      on: '',
      outcome: '',
    };
    session.edit([{ path: `loads/${id}`, value }], `load:${id}`);
  };
  const addCover = (crop: string): void => {
    const id = nanoid(8);
    const order = orderAfter(covers);
    const value = { id, areaId, order, crop, ended: '', on: '', dry: '', cut: '', percent: '' };
    session.edit([{ path: `covers/${id}`, value }], `cover:${id}`);
  };
  return (
    <>
      <p className="mb-1 max-w-2xl text-ink-2">{text('organics.how')}</p>
      <ul>
        {loads.map((load) => (
          <LoadRow
            key={load.id}
            load={load}
            read={area.loads.find((read) => read.load.id === load.id)}
          />
        ))}
        {covers.map((cover) => (
          <CoverRow
            key={cover.id}
            cover={cover}
            read={area.covers.find((read) => read.cover.id === cover.id)}
          />
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <FindField
          id="add-load"
          label={text('organics.addLoad')}
          value=""
          placeholder={text('organics.whichLoad')}
          options={SHIPPED_OTHERS.bulk.map((material) => ({
            value: material.id,
            words: materialWords(material),
          }))}
          nothing={text('find.nothing')}
          onChoose={addLoad}
          className="w-72"
        />
        <FindField
          id="add-cover"
          label={text('organics.addCover')}
          value=""
          placeholder={text('organics.whichCover')}
          options={named('cover', COVER_CROP_IDS)}
          nothing={text('find.nothing')}
          onChoose={addCover}
          className="w-72"
        />
      </div>
    </>
  );
}

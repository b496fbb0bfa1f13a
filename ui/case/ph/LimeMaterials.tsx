'use client';

import { materialNote, materialWords } from '../../format/materialWords';
import { FindField } from '../../kit/FindField';
import type { NamedMaterial } from '../../../core/catalog/materials/types';
import type { MaterialRow } from '../../../core/treat/lime/types';
import { useId, useState, type ReactNode } from 'react';
import { MESHES, SCHEME_IDS, schemeOf } from '../../../core/tables/lime/fineness';
import { own } from '../../../core/kernel/typed/own';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { FigureText } from '../../working/FigureText';
import { Openable } from '../../working/Openable';
import { BagCells, LabelFields } from '../fields/BagParts';
import { useCase } from '../context/caseContext';
import { ChoiceRow } from '../fields/ChoiceRow';
import { SelectField, TextField } from '../fields/Fields';
import { decisionPlace, labelPlace, sievePlace } from '../context/places';
import { named } from '../../format/choices';

function Material({ row, priced }: { row: MaterialRow; priced: boolean }): ReactNode {
  const { bag, cost, cheapest, refused } = row;
  const { effectiveness } = bag;
  return (
    <ChoiceRow
      what="lime-material"
      value={row.id}
      chosen={row.chosen}
      disabled={row.limit === 'never' && !row.chosen}
      words={materialWords(row)}
      below={refused ? messageText(refused) : materialNote(row)}
      columns={priced ? 5 : 4}
    >
      <Cell number>
        <Figure id={effectiveness.figure.id} />
        {text(`quality.${effectiveness.kind}`)}
      </Cell>
      <BagCells row={row} />
      {priced && (
        <Cell number>
          {cost && <Figure id={cost.id} bold={cheapest} />}
          {cheapest && (
            <span className="block text-small font-semibold text-spruce">
              {text('ph.cheapest')}
            </span>
          )}
        </Cell>
      )}
    </ChoiceRow>
  );
}

/** Its water, and what passes the sieves that a scheme weighs it by. */
function FinenessFields({ material }: { material: string }): ReactNode {
  const { state } = useCase();
  const label = own(state.doc.labels, material);
  const used = schemeOf(label?.scheme ?? '').sieves;
  const typed = MESHES.filter((mesh) => (label?.sieves[mesh] ?? '') !== '');
  const open = typed.length > 0 || (label?.moisture ?? '') !== '';
  return (
    <details className="mt-2" open={open}>
      <summary className="cursor-pointer py-1 text-small font-semibold text-spruce">
        {text('ph.sieves')}
      </summary>
      <div className="mt-1 flex flex-wrap items-start gap-4">
        {used.map((mesh) => (
          <TextField
            key={mesh}
            label={text('ph.passing', { mesh })}
            place={sievePlace(state.doc, material, mesh)}
            unit={text('unit.%')}
          />
        ))}
        <TextField
          label={text('ph.moisture')}
          place={labelPlace(state.doc, material, 'moisture')}
          unit={text('unit.%')}
        />
      </div>
    </details>
  );
}

/** The label of one bag at a time: of the chosen material until another is picked. */
function BagLabel({ chosen, materials }: { chosen: string; materials: readonly NamedMaterial[] }) {
  const { state } = useCase();
  const id = useId();
  const [picked, setPicked] = useState(chosen);
  const material = materials.some((each) => each.id === picked) ? picked : chosen;
  const label = own(state.doc.labels, material);
  const scored = label?.kind === 'ECCE';
  return (
    <div className="mt-3 rounded border border-rule-2 px-3 pt-2 pb-3">
      <div className="flex flex-wrap items-start gap-4">
        <FindField
          id={id}
          label={text('ph.labelOf')}
          value={material}
          options={materials.map((each) => ({ value: each.id, words: materialWords(each) }))}
          nothing={text('find.nothing')}
          onChoose={setPicked}
        />
        <SelectField
          label={text('ph.labelKind')}
          place={labelPlace(state.doc, material, 'kind')}
          options={(['CCE', 'ECCE'] as const).map((value) => ({
            value,
            words: text(`labelKind.${value}`),
          }))}
        />
      </div>
      <LabelFields
        material={material}
        percentUnit={text(scored && schemeOf(label.scheme).poundsPerTon ? 'unit.lb/ton' : 'unit.%')}
      >
        <SelectField
          label={text('ph.scheme')}
          place={labelPlace(state.doc, material, 'scheme')}
          options={named('scheme', ['', ...SCHEME_IDS])}
          width="unit"
        />
      </LabelFields>
      {!scored && <FinenessFields key={material} material={material} />}
    </div>
  );
}

/** Why a material that is advised against is taken all the same. */
function Against(): ReactNode {
  const { area, state } = useCase();
  const { held, passedBy, chosenMaterial } = area.treatments.lime;
  if ((!held && passedBy === undefined) || chosenMaterial.limit === 'never') return null;
  const place = decisionPlace(state.doc, area.area.id, 'lime-material', 'reason');
  return (
    <div className="mt-2">
      <TextField label={text('ph.materialReason')} place={place} width="wide" />
    </div>
  );
}

/** The chosen amount in every material, and the labels of the bags at hand. */
export function LimeMaterials(): ReactNode {
  const { area, state } = useCase();
  const { materials, chosenMaterial, brings } = area.treatments.lime;
  const [all, setAll] = useState(false);
  const priced = materials.some(({ cost }) => cost);
  const shown = materials.filter(
    ({ id, chosen, isUsual }) => all || chosen || isUsual || state.doc.labels[id],
  );
  return (
    <>
      <Table
        label={text('ph.withWhat')}
        heads={[
          { id: 'material', words: text('ph.head.material') },
          { id: 'quality', words: text('ph.head.quality'), number: true },
          {
            id: 'here',
            words: text(area.ground.known ? 'ph.head.here' : 'ph.head.each'),
            number: true,
          },
          { id: 'bags', words: text('ph.head.bags'), number: true },
          ...(priced ? [{ id: 'cost', words: text('ph.head.cost'), number: true }] : []),
        ]}
      >
        {shown.map((row) => (
          <Material key={row.id} row={row} priced={priced} />
        ))}
      </Table>
      {shown.length < materials.length && (
        <div className="mt-1.5">
          <Button look="quiet" onClick={() => setAll(true)}>
            {text('ph.moreMaterials', { count: materials.length - shown.length })}
          </Button>
        </div>
      )}
      {!('absent' in brings.ca) && (
        <Openable>
          <p className="mt-1.5 text-small text-ink-2">
            <FigureText
              message={{
                id: 'ph.brings',
                params: { ca: { working: brings.ca.id }, mg: { working: brings.mg.id } },
              }}
            />
          </p>
        </Openable>
      )}
      <Against />
      <BagLabel key={chosenMaterial.id} chosen={chosenMaterial.id} materials={materials} />
    </>
  );
}

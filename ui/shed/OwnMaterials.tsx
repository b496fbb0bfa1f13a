'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { nanoid } from 'nanoid';
import { useMemo, useState, type ReactNode } from 'react';
import {
  MATERIAL_FLAGS,
  MATERIAL_KINDS,
  newMaterial,
  type MaterialNumber,
  type OwnMaterial,
} from '../../core/casefile/parts/material';
import { explainMaterial } from '../../core/catalog/materials/explain';
import { ownId } from '../../core/catalog/materials/named';
import { ALSO } from '../../core/catalog/materials/types';
import type { Msg } from '../../core/kernel/messages/msg';
import { own as ownOf } from '../../core/kernel/typed/own';
import { PlanContext } from '../../core/kernel/working/context';
import { workingsOf } from '../../core/kernel/working/workings';
import { readMaterial } from '../../core/site/ownMaterials';
import { changeMaterial, putMaterials, removeMaterial, shedMaterials } from '../../store/materials';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { ChoiceField } from '../kit/ChoiceField';
import { DraftField } from '../kit/DraftField';
import { Cell, Table } from '../kit/Table';
import { Sentences } from './Sentences';
import { ShopPacks } from './ShopPacks';
import { WorkingProvider } from '../working/openWorking';

/** What is asked of a bag of each kind. */
const NUMBERS: Readonly<Record<OwnMaterial['kind'], readonly MaterialNumber[]>> = {
  fertilizer: ['grade', 'slowN', 'totalP2O5', 'bag', 'covers', 'cup', 'density', 'labelRate'],
  lime: ['percent', 'bag', 'cup', 'density'],
  sulfur: ['percent', 'bag', 'cup', 'density'],
};
const FLAGS: Readonly<Record<OwnMaterial['kind'], readonly (typeof MATERIAL_FLAGS)[number][]>> = {
  fertilizer: MATERIAL_FLAGS,
  lime: ['retired'],
  sulfur: ['retired'],
};
const ELEMENTS: Readonly<Record<OwnMaterial['kind'], typeof ALSO | readonly ['Ca', 'Mg']>> = {
  fertilizer: ALSO,
  lime: ['Ca', 'Mg'],
  sulfur: ['Ca', 'Mg'],
};

function put(material: OwnMaterial): void {
  void putMaterials([material]);
}

/** A field of a bag with what is wrong with what was typed. */
function Printed({
  label,
  value,
  fault,
  onChange,
  className,
}: {
  label: string;
  value: string;
  fault: Msg | undefined;
  onChange: (value: string) => void;
  className?: string;
}): ReactNode {
  return (
    <div className="min-w-0 max-w-56">
      <DraftField
        label={label}
        value={value}
        onChange={onChange}
        {...(className ? { className } : {})}
      />
      <span aria-live="polite" className="block text-small text-madder">
        {fault && value !== '' && messageText(fault)}
      </span>
    </div>
  );
}

/** What a grade means, and what the bag does to a lawn by its label. */
function Explained({ own }: { own: OwnMaterial }): ReactNode {
  const { workings, sentences } = useMemo(() => {
    const ctx = new PlanContext();
    const { read } = readMaterial(own);
    const covers = Number(own.printed.covers ?? '');
    const said =
      read?.kind === 'fertilizer'
        ? explainMaterial(ctx, read.material, covers > 0 ? covers : undefined)
        : [];
    return { workings: workingsOf(ctx.sheet.workings), sentences: said };
  }, [own]);
  if (sentences.length === 0) return null;
  return (
    <WorkingProvider workings={workings}>
      <Sentences sentences={sentences} />
    </WorkingProvider>
  );
}

/** Everything that is printed on one bag, to be typed from it. */
function BagForm({ own }: { own: OwnMaterial }): ReactNode {
  const { faults } = readMaterial(own);
  const set = (change: (before: OwnMaterial) => Partial<OwnMaterial>): void =>
    void changeMaterial(own.id, change);
  return (
    <div className="my-2 rounded border border-rule-2 px-3 py-2">
      <div className="flex flex-wrap items-start gap-x-5 gap-y-2">
        <DraftField
          label={text('shed.name')}
          value={own.name}
          onChange={(name) => set(() => ({ name }))}
          className="w-64"
        />
        <ChoiceField
          label={text('shed.head.kind')}
          value={own.kind}
          options={MATERIAL_KINDS.map((value) => ({ value, words: text(`shed.own.${value}`) }))}
          onChoose={(kind) => set(() => ({ kind: kind as OwnMaterial['kind'] }))}
        />
        {NUMBERS[own.kind].map((name) => (
          <Printed
            key={name}
            label={text(`shed.printed.${name}`)}
            value={own.printed[name] ?? ''}
            fault={ownOf(faults, `printed/${name}`)}
            onChange={(value) => set(({ printed }) => ({ printed: { ...printed, [name]: value } }))}
            className="w-28"
          />
        ))}
      </div>
      <div className="mt-3 flex flex-wrap items-start gap-x-4 gap-y-2">
        {ELEMENTS[own.kind].map((element) => (
          <Printed
            key={element}
            label={text('shed.elementPercent', { element: text(`element.${element}`) })}
            value={own.also[element] ?? ''}
            fault={ownOf(faults, `also/${element}`)}
            onChange={(value) => set(({ also }) => ({ also: { ...also, [element]: value } }))}
            className="w-20"
          />
        ))}
      </div>
      <div className="mt-3 flex flex-wrap items-start gap-x-5 gap-y-2">
        {FLAGS[own.kind].map((flag) => (
          <ChoiceField
            key={flag}
            label={text(`shed.flag.${flag}`)}
            value={own.flags[flag] ?? ''}
            options={(['', 'yes', 'no'] as const).map((value) => ({
              value,
              words: text(`shed.said.${value || 'unsaid'}`),
            }))}
            onChoose={(value) =>
              set(({ flags }) => ({ flags: { ...flags, [flag]: value as '' | 'yes' | 'no' } }))
            }
          />
        ))}
        <DraftField
          label={text('shed.note')}
          value={own.note}
          onChange={(note) => set(() => ({ note }))}
          className="w-64"
        />
      </div>
      <div className="mt-3">
        <ShopPacks id={ownId(own.id)} name={own.name || text('shed.unnamed')} />
      </div>
      <Explained own={own} />
    </div>
  );
}

interface RowProps {
  readonly own: OwnMaterial;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onRemove: () => void;
  readonly onCopy: () => void;
}

function Row({ own, open, onOpen, onRemove, onCopy }: RowProps): ReactNode {
  const { faults } = readMaterial(own);
  const faulty = Object.keys(faults).length;
  const name = own.name || text('shed.unnamed');
  return (
    <>
      <tr className="border-b border-rule-2">
        <Cell>
          <button
            type="button"
            aria-expanded={open}
            onClick={onOpen}
            className="text-left font-semibold text-spruce hover:underline"
          >
            {name}
          </button>
          {own.flags.retired === 'yes' && (
            <span className="ml-2 text-small text-ink-2">{text('shed.retired')}</span>
          )}
        </Cell>
        <Cell>{text(`shed.own.${own.kind}`)}</Cell>
        <Cell number>{own.printed.grade ?? own.printed.percent ?? ''}</Cell>
        <Cell number>{own.printed.bag ?? ''}</Cell>
        <Cell>
          {faulty > 0 && (
            <span className="text-madder">{text('shed.faults', { count: faulty })}</span>
          )}
        </Cell>
        <Cell>
          <span className="flex justify-end gap-2">
            <Button look="quiet" aria-label={text('shed.copyOf', { name })} onClick={onCopy}>
              {text('shed.copy')}
            </Button>
            <Button look="quiet" aria-label={text('shed.removeOf', { name })} onClick={onRemove}>
              {text('shed.remove')}
            </Button>
          </span>
        </Cell>
      </tr>
      {open && (
        <tr>
          <td colSpan={6}>
            <BagForm own={own} />
          </td>
        </tr>
      )}
    </>
  );
}

/** The office's own materials, typed from their bags. */
export function OwnMaterials({ wanted }: { wanted: (name: string) => boolean }): ReactNode {
  const stored = useLiveQuery(() => shedMaterials());
  const [open, setOpen] = useState<string>();
  const [removed, setRemoved] = useState<OwnMaterial>();
  if (!stored) return null;
  const last = stored.at(-1)?.order ?? 0;
  const add = (from: OwnMaterial): void => {
    const material = { ...from, id: nanoid(12), order: last + 1 };
    put(material);
    setOpen(material.id);
  };
  const shown = stored.filter(({ name }) => wanted(name));
  return (
    <>
      {stored.length === 0 && <p className="mb-2 text-ink-2">{text('shed.noneOwn')}</p>}
      {shown.length > 0 && (
        <Table
          label={text('shed.ownOnes')}
          heads={[
            { id: 'name', words: text('ph.head.material') },
            { id: 'kind', words: text('shed.head.kind') },
            { id: 'grade', words: text('shed.head.grade'), number: true },
            { id: 'bag', words: text('shed.head.bags'), number: true },
            { id: 'faults', words: '' },
            { id: 'acts', words: '' },
          ]}
        >
          {shown.map((own) => (
            <Row
              key={own.id}
              own={own}
              open={open === own.id}
              onOpen={() => setOpen(open === own.id ? undefined : own.id)}
              onCopy={() => add({ ...own, name: text('shed.copyName', { name: own.name }) })}
              onRemove={() => void removeMaterial(own.id).then(setRemoved)}
            />
          ))}
        </Table>
      )}
      <div className="mt-2 flex items-center gap-3" aria-live="polite">
        <Button onClick={() => add(newMaterial('', 0))}>{text('shed.addOwn')}</Button>
        {removed && (
          <span>
            {text('shed.removed', { name: removed.name || text('shed.unnamed') })}{' '}
            <Button
              look="quiet"
              onClick={() => {
                put(removed);
                setRemoved(undefined);
              }}
            >
              {text('shed.undoRemove')}
            </Button>
          </span>
        )}
      </div>
    </>
  );
}

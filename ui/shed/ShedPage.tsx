'use client';

import '../format/placesWords';
import { materialNote, materialWords } from '../format/materialWords';
import { workingsOf } from '../../core/kernel/working/workings';
import { useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { explainMaterial } from '../../core/catalog/materials/explain';
import { SHIPPED_MATERIALS } from '../../core/catalog/materials/materials';
import { SHIPPED_OTHERS } from '../../core/catalog/materials/others';
import { CsvButtons } from './CsvButtons';
import { ShopPacks } from './ShopPacks';
import { BulkMaterials, Liquids, Supplements } from './Others';
import { KeptSpreaders } from './KeptSpreaders';
import { OwnMaterials } from './OwnMaterials';
import { Sentences } from './Sentences';
import type { Grade } from '../../core/kernel/typed/grade';
import { ChoiceField } from '../kit/ChoiceField';
import type { Fertilizer, NamedMaterial } from '../../core/catalog/materials/types';
import type { Standing } from '../../core/kernel/sources';
import { PlanContext } from '../../core/kernel/working/context';
import type { Msg } from '../../core/kernel/messages/msg';
import { text } from '../format/text';
import { Section } from '../kit/Section';
import { Cell, Table } from '../kit/Table';
import { WorkingProvider } from '../working/openWorking';

const NUMBERS = ['N', 'P2O5', 'K2O'] as const;

interface RowProps {
  readonly material: Fertilizer;
  readonly open: boolean;
  readonly toggle: () => void;
  readonly sentences: readonly Msg[];
}

function FertilizerRow({ material, open, toggle, sentences }: RowProps): ReactNode {
  const { grade, release, organic, density, bagsLb, standing, pesticide } = material;
  const row = useRef<HTMLTableRowElement>(null);
  useEffect(() => {
    if (open) void row.current?.scrollIntoView({ block: 'center' });
  }, [open]);
  return (
    <>
      <tr ref={row} className="border-b border-rule-2">
        <Cell>
          <button
            type="button"
            aria-expanded={open}
            onClick={toggle}
            className="text-left font-semibold text-spruce hover:underline"
          >
            {materialWords(material)}
          </button>
        </Cell>
        {NUMBERS.map((nutrient) => (
          <Cell key={nutrient} number>
            {pesticide ? text('figure.dash') : String(grade[nutrient])}
          </Cell>
        ))}
        <Cell>{text(organic ? 'shed.kind.organic' : `shed.kind.${release}`)}</Cell>
        <Cell number>{String(density)}</Cell>
        <Cell number>{bagsLb.join(', ')}</Cell>
        <Cell>{text(`standing.${standing}`)}</Cell>
      </tr>
      {open && (
        <tr>
          <td colSpan={8}>
            <ShopPacks id={material.id} name={materialWords(material)} />
            <Sentences sentences={sentences} />
          </td>
        </tr>
      )}
    </>
  );
}

/** The fertilizers by grade; a name opens what the grade means. */
function Fertilizers({ fertilizers }: { fertilizers: readonly Fertilizer[] }): ReactNode {
  const asked = useSearchParams().get('material');
  const [open, setOpen] = useState<string | null>(asked);
  const { workings, sentences } = useMemo(() => {
    const ctx = new PlanContext();
    const all = new Map(fertilizers.map((each) => [each.id, explainMaterial(ctx, each)]));
    return { workings: workingsOf(ctx.sheet.workings), sentences: all };
  }, [fertilizers]);
  return (
    <WorkingProvider workings={workings}>
      <Table
        label={text('shed.fertilizers')}
        heads={[
          { id: 'name', words: text('ph.head.material') },
          ...NUMBERS.map((nutrient) => ({ id: nutrient, words: `${nutrient} %`, number: true })),
          { id: 'kind', words: text('shed.head.kind') },
          { id: 'density', words: text('shed.head.density'), number: true },
          { id: 'bags', words: text('shed.head.bags'), number: true },
          { id: 'standing', words: text('shed.head.standing') },
        ]}
      >
        {fertilizers.map((material) => (
          <FertilizerRow
            key={material.id}
            material={material}
            open={open === material.id}
            toggle={() => setOpen(open === material.id ? null : material.id)}
            sentences={sentences.get(material.id) ?? []}
          />
        ))}
      </Table>
    </WorkingProvider>
  );
}

interface Plain extends NamedMaterial {
  readonly density: number;
  readonly bagsLb: readonly number[];
  readonly standing: Standing;
}

/** Materials that are told by one percentage. */
function ByPercent<M extends Plain>({
  label,
  head,
  materials,
  percent,
}: {
  label: string;
  head: string;
  materials: readonly M[];
  percent: (material: M) => string;
}): ReactNode {
  return (
    <Table
      label={label}
      heads={[
        { id: 'name', words: text('ph.head.material') },
        { id: 'percent', words: head, number: true },
        { id: 'density', words: text('shed.head.density'), number: true },
        { id: 'bags', words: text('shed.head.bags'), number: true },
        { id: 'standing', words: text('shed.head.standing') },
      ]}
    >
      {materials.map((material) => (
        <tr key={material.id} className="border-b border-rule-2">
          <Cell>
            {materialWords(material)}
            <span className="block text-small text-ink-2">{materialNote(material)}</span>
          </Cell>
          <Cell number>{percent(material)}</Cell>
          <Cell number>{String(material.density)}</Cell>
          <Cell number>{material.bagsLb.join(', ')}</Cell>
          <Cell>{text(`standing.${material.standing}`)}</Cell>
        </tr>
      ))}
    </Table>
  );
}

const SORTS = ['listed', 'name', 'N', 'P2O5', 'K2O'] as const;
type Sort = (typeof SORTS)[number];

/** Materials as they are listed, by name, or those first that hold most of a nutrient. */
function sorted<M extends NamedMaterial & { readonly grade?: Grade }>(
  materials: readonly M[],
  sort: Sort,
): readonly M[] {
  if (sort === 'listed') return materials;
  if (sort === 'name') {
    return materials.toSorted((a, b) => materialWords(a).localeCompare(materialWords(b)));
  }
  return materials.toSorted((a, b) => (b.grade?.[sort] ?? 0) - (a.grade?.[sort] ?? 0));
}

/** The materials that the plans are made with: the office's own, and what ships with the program. */
export function ShedPage(): ReactNode {
  const [typed, setTyped] = useState('');
  const wanted = (name: string): boolean => name.toLowerCase().includes(typed.trim().toLowerCase());
  const [sort, setSort] = useState<Sort>('listed');
  const of = <M extends NamedMaterial>(materials: readonly M[]): readonly M[] =>
    sorted(
      materials.filter((material) => wanted(materialWords(material))),
      sort,
    );
  const { fertilizers, lime, sulfur } = SHIPPED_MATERIALS;
  const { supplements, bulk, liquids } = SHIPPED_OTHERS;
  const shown = <M extends NamedMaterial>(
    title: string,
    materials: readonly M[],
    table: (materials: readonly M[]) => ReactNode,
  ): ReactNode => {
    const found = of(materials);
    return found.length > 0 && <Section title={title}>{table(found)}</Section>;
  };
  const all = [...fertilizers, ...lime, ...sulfur, ...supplements, ...bulk, ...liquids];
  return (
    <main className="min-h-[calc(100vh-2.75rem)] bg-sheet px-6 py-4">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <div>
          <h1 className="font-serif text-decision font-semibold">{text('shed.title')}</h1>
          <p className="mt-1 mb-3 max-w-2xl text-ink-2">{text('shed.help')}</p>
        </div>
        <CsvButtons />
      </div>
      <div className="mb-3 flex flex-wrap items-end gap-5">
        <label className="block">
          <span className="block text-label font-semibold text-ink-2">{text('shed.find')}</span>
          <input
            type="search"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            className="field w-72"
          />
        </label>
        <ChoiceField
          label={text('shed.sort')}
          value={sort}
          options={SORTS.map((value) => ({ value, words: text(`shed.sort.${value}`) }))}
          onChoose={(value) => setSort(value as Sort)}
        />
      </div>
      <Section title={text('shed.ownOnes')}>
        <OwnMaterials wanted={wanted} />
      </Section>
      {of(all).length === 0 && <p className="py-3 text-ink-2">{text('find.nothing')}</p>}
      {shown(text('shed.fertilizers'), fertilizers, (found) => (
        <Fertilizers fertilizers={found} />
      ))}
      {shown(text('shed.limes'), lime, (found) => (
        <ByPercent
          label={text('shed.limes')}
          head={text('shed.head.cce')}
          materials={found}
          percent={({ typicalCce }) => String(typicalCce)}
        />
      ))}
      {shown(text('shed.sulfur'), sulfur, (found) => (
        <ByPercent
          label={text('shed.sulfur')}
          head={text('shed.head.sulfur')}
          materials={found}
          percent={({ typicalS, forPound }) =>
            forPound === undefined ? String(typicalS) : text('shed.forPound', { pounds: forPound })
          }
        />
      ))}
      {shown(text('shed.supplements'), supplements, (found) => (
        <Supplements materials={found} />
      ))}
      {shown(text('shed.bulk'), bulk, (found) => (
        <BulkMaterials materials={found} />
      ))}
      {shown(text('shed.liquids'), liquids, (found) => (
        <Liquids materials={found} />
      ))}
      <Section title={text('shed.spreaders')}>
        <KeptSpreaders />
      </Section>
    </main>
  );
}

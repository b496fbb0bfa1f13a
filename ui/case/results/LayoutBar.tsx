'use client';

import type { Report } from '../../../core/casefile/parts/report';
import { ChoiceField } from '../../kit/ChoiceField';
import type { Analyte } from '../../../core/catalog/analytes';
import { nanoid } from 'nanoid';
import { useId, useState, type ReactNode } from 'react';
import {
  applyLayout,
  GENERIC_LAYOUTS,
  layoutFrom,
  layoutOf,
  LINE_ANALYTES,
  type Layout,
} from '../../../core/casefile/layouts';
import { own } from '../../../core/kernel/typed/own';
import { changeOffice } from '../../../store/office';
import type { Json } from '../../../store/patch';
import { useCase } from '../context/caseContext';
import { nameFrom, text } from '../../format/text';
import { Button } from '../../kit/Button';
import { FieldLabel } from '../../kit/FieldLabel';

interface SaveProps {
  readonly onSave: (name: string) => void;
  readonly onLeave: () => void;
}

/** Asks for the name under which the lines, units and methods as they stand are saved. */
function SaveAs({ onSave, onLeave }: SaveProps): ReactNode {
  const id = useId();
  const [name, setName] = useState('');
  return (
    <form
      className="flex items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== '') onSave(name.trim());
      }}
    >
      <div>
        <FieldLabel of={id}>{text('grid.saveAs')}</FieldLabel>
        <input
          id={id}
          autoFocus
          autoComplete="off"
          maxLength={80}
          className="field w-52"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <Button type="submit" disabled={name.trim() === ''}>
        {text('grid.saveIt')}
      </Button>
      <Button look="quiet" onClick={onLeave}>
        {text('grid.leave')}
      </Button>
    </form>
  );
}

interface LayoutBarProps {
  readonly report: Report;
  /** The layouts that this office has saved. */
  readonly named: Readonly<Record<string, Layout>>;
  readonly lines: readonly Analyte[];
  readonly chosen: string;
  readonly onAdd: (analyte: Analyte) => void;
}

/** Which paper it is: its lines in their order, and the units and methods that it prints. */
export function LayoutBar({ report, named, lines, chosen, onAdd }: LayoutBarProps): ReactNode {
  const { session } = useCase();
  const [saving, setSaving] = useState(false);
  const [saved, setSaved] = useState(false);
  const choose = (layout: Layout): void => {
    const edits = applyLayout(report, layout).map(({ path, value }) => ({
      path,
      value: value as unknown as Json,
    }));
    session.edit(edits, `layout:${report.id}:${layout.id}`);
  };
  const save = (name: string): void => {
    const layout = layoutFrom(nanoid(8), name, lines, own(report.results, chosen) ?? {});
    void changeOffice(({ layouts }) => ({ layouts: { ...layouts, [layout.id]: layout } }));
    choose(layout);
    setSaving(false);
    setSaved(true);
  };
  const others = LINE_ANALYTES.filter((analyte) => !lines.includes(analyte));
  return (
    <div className="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2">
      <ChoiceField
        label={text('grid.layout')}
        value={layoutOf(report.layout, named).id}
        options={[
          ...GENERIC_LAYOUTS.map(({ id }) => ({ value: id, words: nameFrom('layout', id) })),
          ...Object.values(named).map(({ id, name }) => ({ value: id, words: name })),
        ]}
        onChoose={(id) => choose(layoutOf(id, named))}
      />
      <ChoiceField
        label={text('grid.addLabel')}
        value=""
        options={[
          { value: '', words: text('grid.add') },
          ...others.map((analyte) => ({ value: analyte, words: text(`analyte.${analyte}`) })),
        ]}
        onChoose={(analyte) => onAdd(analyte as Analyte)}
      />
      {saving ? (
        <SaveAs onSave={save} onLeave={() => setSaving(false)} />
      ) : (
        <Button look="quiet" className="mb-1" onClick={() => setSaving(true)}>
          {text('grid.save')}
        </Button>
      )}
      {saved && !saving && (
        <span role="status" className="pb-1.5 text-small text-ink-2">
          {text('grid.saved')}
        </span>
      )}
    </div>
  );
}

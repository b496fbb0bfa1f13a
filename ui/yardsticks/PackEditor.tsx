'use client';

import { useId, useState, type ReactNode } from 'react';
import { own } from '../../core/kernel/typed/own';
import { nextVersion } from '../../core/catalog/packs/house';
import { valuesOf, type PackCell, type PackRow as ValueRow } from '../../core/catalog/packs/values';
import { validatePack } from '../../files/schemas/pack';
import type { PackRow } from '../../store/db';
import { keepDraft, storeVersion } from '../../store/packs';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { packName } from '../packs/packName';
import { packTitle } from '../packs/packs';
import { cellName, PackValues } from './PackValues';

type Faults = Readonly<Record<string, string>>;

/** What stands against a draft, in words by place; nothing where it can be stored. */
function faultsOfDraft({ pack, draft }: PackRow): Faults {
  const next = nextVersion(pack, draft);
  if (next.kind === 'problems') {
    return Object.fromEntries(
      next.problems.map(({ path, reason }) => [path, messageText(reason)] as const),
    );
  }
  const checked = validatePack(next.pack);
  if (checked.kind === 'valid') return {};
  return Object.fromEntries(
    checked.faults.map(({ path, got, expected }) => [
      path,
      text('yardsticks.fault', { got, expected: messageText(expected) }),
    ]),
  );
}

/** The fault of a place, or of a part of which it is the first value. */
function faultAt(faults: Faults, path: string): string | undefined {
  const above = Object.keys(faults).find((each) => path === each || path === `${each}/0`);
  return above === undefined ? undefined : own(faults, above);
}

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly fault: string | undefined;
  readonly wide?: boolean;
  readonly onType: (typed: string) => void;
}

/** One value of the pack as it is typed, with what stands against it. */
function DraftField({ label, value, fault, wide = false, onType }: FieldProps): ReactNode {
  const id = useId();
  return (
    <>
      <input
        aria-label={label}
        aria-invalid={fault !== undefined}
        aria-describedby={`${id}-fault`}
        autoComplete="off"
        spellCheck={false}
        maxLength={120}
        value={value}
        onChange={(event) => onType(event.target.value)}
        className={`field ${wide ? 'w-80' : 'w-20'}`}
      />
      <span
        id={`${id}-fault`}
        aria-live="polite"
        className="block max-w-56 text-small whitespace-normal text-madder"
      >
        {fault}
      </span>
    </>
  );
}

function plain({ value }: PackCell): string {
  return typeof value === 'string' ? value : String(value.value);
}

/** A house pack open to be changed. What is typed is kept as a draft until it is stored as the next version. */
export function PackEditor({
  row,
  onStored,
}: {
  row: PackRow;
  onStored: (key: PackRow['pack']) => void;
}): ReactNode {
  const { pack } = row;
  const [draft, setDraft] = useState(row.draft);
  const [stale, setStale] = useState(false);
  const faults = faultsOfDraft({ ...row, draft });
  const changed = Object.keys(draft).length > 0;
  const change = (next: PackRow['draft']): void => {
    setDraft(next);
    void keepDraft(pack.id, next);
  };
  const type = (path: string, before: string) => (typed: string) => {
    const { [path]: _was, ...rest } = draft;
    change(typed === before ? rest : { ...rest, [path]: typed });
  };
  const store = async (): Promise<void> => {
    const next = nextVersion(pack, draft);
    if (next.kind !== 'pack') return;
    if (await storeVersion(next.pack)) onStored(next.pack);
    else setStale(true);
  };
  const field = (value: ValueRow, cell: PackCell): ReactNode => (
    <DraftField
      label={cellName(value, cell)}
      value={own(draft, cell.path) ?? plain(cell)}
      fault={faultAt(faults, cell.path)}
      onType={type(cell.path, plain(cell))}
    />
  );
  const many = Object.keys(faults).length;
  return (
    <>
      <div className="sticky top-0 z-10 flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule bg-sheet py-2">
        <DraftField
          label={text('yardsticks.name')}
          value={draft['name'] ?? packName(pack)}
          fault={faultAt(faults, 'name')}
          wide
          onType={type('name', packName(pack))}
        />
        <Button look="primary" disabled={!changed || many > 0} onClick={() => void store()}>
          {text('yardsticks.store', { version: pack.version + 1 })}
        </Button>
        <Button look="quiet" disabled={!changed} onClick={() => change({})}>
          {text('yardsticks.discard')}
        </Button>
        <p role="status" className="text-small text-ink-2">
          {many > 0 && (
            <span className="text-madder">{text('yardsticks.faults', { n: many })}</span>
          )}
          {stale && text('yardsticks.stale')}
        </p>
      </div>
      <p className="py-2 text-small text-ink-2">{text('yardsticks.editHelp')}</p>
      <PackValues columns={[{ title: packTitle(pack), rows: valuesOf(pack) }]} field={field} />
    </>
  );
}

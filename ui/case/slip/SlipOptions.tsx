'use client';

import type { Paragraph } from '../../../core/casefile/parts/paragraph';
import { LANGUAGES } from '../../../core/casefile/parts/language';
import { decisionKey } from '../../../core/casefile/decisions';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { nanoid } from 'nanoid';
import { useId, useMemo, type ReactNode } from 'react';
import { paragraphsOf, type CaseFile } from '../../../core/casefile/casefile';
import { isUnnamed } from '../../../core/tell/slip/unnamed';
import { stockOf } from '../../../core/casefile/office';
import { readOffice } from '../../../store/office';
import type { Edit } from '../../../store/session';
import { useCase } from '../context/caseContext';
import { SelectField, TextArea } from '../fields/Fields';
import { decisionPlace, textPlace } from '../context/places';
import { useCommands, type Command } from '../../commands/registry';
import { named } from '../../format/choices';
import { text } from '../../format/text';
import { setPaperOptions, usePaperOptions } from '../../slip/paperOptions';
import { Button } from '../../kit/Button';

/** The edits that put a copy of an office paragraph at the end of the client's page. */
function insertion(doc: CaseFile, { name, text: words, spanish }: Paragraph): readonly Edit[] {
  const id = nanoid(8);
  const order = (paragraphsOf(doc).at(-1)?.order ?? 0) + 1;
  return [{ path: `paragraphs/${id}`, value: { id, order, name, text: words, spanish } }];
}

/** The language of this client's page. */
function PageLanguage(): ReactNode {
  const { state } = useCase();
  return (
    <span className="flex flex-wrap items-end gap-x-3">
      <SelectField
        label={text('page.language')}
        place={textPlace(state.doc, 'client/language')}
        options={named('language', LANGUAGES)}
      />
      {state.doc.client.language !== 'en' && (
        <span className="pb-1.5 text-small text-ink-2">{text('page.ownWords')}</span>
      )}
    </span>
  );
}

/** How the page goes onto paper. */
function OnPaper(): ReactNode {
  const { large, sums } = usePaperOptions();
  return (
    <>
      <Check
        label={text('page.large')}
        on={large}
        onChange={(on) => setPaperOptions({ large: on })}
      />
      <Check label={text('page.sums')} on={sums} onChange={(on) => setPaperOptions({ sums: on })} />
    </>
  );
}

interface CheckProps {
  readonly label: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}

function Check({ label, on, onChange }: CheckProps): ReactNode {
  const id = useId();
  return (
    <span className="flex h-8 items-center gap-2">
      <input
        id={id}
        type="checkbox"
        className="size-4 accent-spruce"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      <label htmlFor={id} className="py-1">
        {label}
      </label>
    </span>
  );
}

function Unnamed(): ReactNode {
  const { session, state } = useCase();
  const toggle = (on: boolean): void => {
    const at = new Date().toISOString();
    const value = on ? { what: 'slip-unnamed', value: 'yes', reason: '', at } : undefined;
    session.edit(
      [{ path: `decisions/${decisionKey('case', 'slip-unnamed')}`, value }],
      `name:${at}`,
    );
  };
  return <Check label={text('slip.withoutName')} on={isUnnamed(state.doc)} onChange={toggle} />;
}

/** A sheet on which the client tries the spreader, where one is known. */
function SpreaderSheet(): ReactNode {
  const { session, state, plan } = useCase();
  if (!plan.areas.some(({ spreading }) => spreading)) return null;
  const place = decisionPlace(state.doc, 'case', 'slip-spreader');
  return (
    <Check
      label={text('slip.withSpreader')}
      on={place.value === 'yes'}
      onChange={(on) =>
        session.edit(
          [{ path: place.path, value: place.write(on ? 'yes' : '') }],
          `spreader-sheet:${on}`,
        )
      }
    />
  );
}

/** The office's paragraphs, each a command of its own and an entry of the list. */
function Insert(): ReactNode {
  const { session, state } = useCase();
  const stock = useLiveQuery(async () => stockOf(await readOffice()));
  const usable = useMemo(
    () => (stock ?? []).filter(({ name, text: words }) => name.trim() && words.trim()),
    [stock],
  );
  const commands = useMemo<readonly Command[]>(
    () =>
      usable.map((paragraph) => ({
        id: `insert-${paragraph.id}`,
        label: text('command.insert', { name: paragraph.name }),
        keys: [],
        run: () =>
          session.edit(insertion(session.getState().doc, paragraph), `insert:${nanoid(4)}`),
      })),
    [usable, session],
  );
  useCommands(commands);
  if (usable.length === 0) {
    return (
      <span className="text-ink-2">
        {text('slip.noStock')}{' '}
        <Link
          href="/office"
          prefetch={false}
          className="inline-block py-1 font-semibold text-spruce hover:underline"
        >
          {text('slip.toOffice')}
        </Link>
      </span>
    );
  }
  return (
    <select
      aria-label={text('slip.insert')}
      value=""
      className="field w-60"
      onChange={(event) => {
        const paragraph = usable.find(({ id }) => id === event.target.value);
        if (paragraph) session.edit(insertion(state.doc, paragraph), `insert:${nanoid(4)}`);
      }}
    >
      <option value="">{text('slip.insert')}</option>
      {usable.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  );
}

/** What the advisor adds to the page, or leaves out of it. */
export function SlipOptions(): ReactNode {
  const { session, state } = useCase();
  const { doc } = state;
  return (
    <div className="mb-4 grid max-w-180 gap-3 print:hidden">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <PageLanguage />
        <OnPaper />
        <Unnamed />
        <SpreaderSheet />
        <Insert />
      </div>
      {doc.client.question.trim() !== '' && (
        <div>
          <TextArea label={text('slip.answer')} place={decisionPlace(doc, 'case', 'slip-answer')} />
          <p className="mt-1 text-small text-ink-2">
            {text('slip.asked', { question: doc.client.question })} {text('slip.answerHelp')}
          </p>
        </div>
      )}
      {paragraphsOf(doc).map(({ id, name }) => (
        <div key={id} className="flex items-start gap-3">
          <TextArea label={name} place={textPlace(doc, `paragraphs/${id}/text`)} />
          <Button
            look="quiet"
            className="mt-4"
            aria-label={text('past.removeThis', { what: name })}
            onClick={() =>
              session.edit([{ path: `paragraphs/${id}`, value: undefined }], `remove:${id}`)
            }
          >
            {text('past.remove')}
          </Button>
        </div>
      ))}
    </div>
  );
}

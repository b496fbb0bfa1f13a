'use client';

import '../format/desksWords';
import { useMemo, useState, type ReactNode } from 'react';
import { isCase } from '../../core/casefile/isCase';
import type { Compared } from '../../store/compare';
import type { Choice, Decided } from '../../store/merge';
import { lastChange, usually, type DecidedAll, type Looked } from '../files/bringIn';
import { formatDate, localDay } from '../format/date';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { Dialog } from '../kit/Dialog';
import { Clashes } from './Clashes';

/** In the order in which they are looked through: what asks for most first. */
const ASKING = ['both', 'deletedThere', 'deletedHere', 'away', 'newerThere', 'new'] as const;
const SETTLED = ['newerHere', 'same'] as const;
type Asking = (typeof ASKING)[number];

/** So many of a kind are shown; what is not shown is taken as is usual. */
const SHOWN = 100;

function choicesFor(compared: Compared): readonly Choice[] {
  switch (compared.kind) {
    case 'both':
      return isCase(compared.together.document) ? ['take', 'leave', 'beside'] : ['beside', 'leave'];
    case 'newerThere':
      return ['take', 'leave', 'beside'];
    default:
      return ['take', 'leave'];
  }
}

function titleOf(compared: Compared): string {
  const there = 'arriving' in compared ? compared.arriving.file.title : '';
  return ('gone' in compared ? compared.title : there) || text('case.untitled');
}

/** Who changed it there, and when. */
function whoOf(compared: Compared): string {
  const there = 'arriving' in compared ? lastChange(compared.arriving) : undefined;
  const last = 'gone' in compared ? compared.gone : there;
  if (!last) return '';
  const date = formatDate(localDay(new Date(last.at)));
  return last.by === '' ? date : text('merge.who', { who: last.by, date });
}

interface RowProps {
  readonly decided: Decided;
  readonly kind: Asking;
  readonly onDecide: (decided: Decided) => void;
}

function Row({ decided, kind, onDecide }: RowProps): ReactNode {
  const { compared, choice, theirs = [] } = decided;
  const title = titleOf(compared);
  const both = compared.kind === 'both' && choice === 'take' ? compared : undefined;
  return (
    <li className="border-b border-rule-2 py-1">
      <div className="flex flex-wrap items-center gap-x-3">
        <span className="min-w-0 flex-1 truncate font-semibold">{title}</span>
        <span className="text-small text-ink-2">{whoOf(compared)}</span>
        <select
          aria-label={text('merge.choiceOf', { title })}
          value={choice}
          onChange={({ target }) => {
            const next = choicesFor(compared).find((each) => each === target.value);
            if (next) onDecide({ ...decided, choice: next });
          }}
          className="field w-60"
        >
          {choicesFor(compared).map((each) => (
            <option key={each} value={each}>
              {each === 'beside' ? text('merge.beside') : text(`merge.${kind}.${each}`)}
            </option>
          ))}
        </select>
      </div>
      {'changed' in compared && compared.changed && (
        <p className="text-small text-ochre">{text(`merge.${compared.kind}.changed`)}</p>
      )}
      {both && (
        <>
          <p className="text-small text-ink-2">
            {text('merge.places', {
              n: both.together.taken.length,
              clashes: both.together.clashes.length,
            })}
            {!both.grounded && ` ${text('merge.noGround')}`}
          </p>
          <Clashes
            clashes={both.together.clashes}
            documents={[both.together.document, both.arriving.file]}
            theirs={theirs}
            onChoose={(chosen) => onDecide({ ...decided, theirs: chosen })}
          />
        </>
      )}
    </li>
  );
}

interface LookThroughProps {
  readonly looked: Looked;
  readonly onTake: (decided: DecidedAll) => void;
  readonly onClose: () => void;
}

/** What a file brings, case by case, before anything of it is taken. */
export function LookThrough({ looked, onTake, onClose }: LookThroughProps): ReactNode {
  const [decided, setDecided] = useState(() => usually(looked));
  const { office } = looked;
  const groups = useMemo(() => {
    const all = decided.cases.map((each, at) => [each, at] as const);
    return ASKING.map(
      (kind) => [kind, all.filter(([{ compared }]) => compared.kind === kind)] as const,
    );
  }, [decided]);
  const count = (kind: Compared['kind']): number =>
    looked.compared.filter((each) => each.kind === kind).length;
  const wanted = decided.cases.filter(({ choice }) => choice !== 'leave').length;
  const { packs = [], materials = [] } = looked.beside;
  const nothing = groups.every(([, entries]) => entries.length === 0);
  return (
    <Dialog wide title={text('merge.title', { name: looked.name })} onClose={onClose}>
      <div className="max-h-[60vh] overflow-y-auto">
        {groups.map(([kind, entries]) =>
          entries.length === 0 ? null : (
            <section key={kind} className="mb-3">
              <h3 className="font-semibold">{text(`merge.kind.${kind}`, { n: entries.length })}</h3>
              <ul>
                {entries.slice(0, SHOWN).map(([each, at]) => (
                  <Row
                    key={at}
                    decided={each}
                    kind={kind}
                    onDecide={(next) =>
                      setDecided({ ...decided, cases: decided.cases.with(at, next) })
                    }
                  />
                ))}
              </ul>
              {entries.length > SHOWN && (
                <p className="text-small text-ink-2">
                  {text('merge.more', { n: entries.length - SHOWN })}
                </p>
              )}
            </section>
          ),
        )}
        {office && (
          <section className="mb-3">
            <h3 className="font-semibold">{text('merge.office')}</h3>
            <p className="text-small text-ink-2">
              {text('merge.places', { n: office.taken.length, clashes: office.clashes.length })}
            </p>
            <Clashes
              clashes={office.clashes}
              documents={[office.document]}
              theirs={decided.office}
              onChoose={(chosen) => setDecided({ ...decided, office: chosen })}
            />
          </section>
        )}
        {packs.length + materials.length > 0 && (
          <p>{text('merge.alongside', { packs: packs.length, materials: materials.length })}</p>
        )}
        {nothing && <p>{text('merge.nothing')}</p>}
        {SETTLED.map((kind) =>
          count(kind) === 0 ? null : (
            <p key={kind} className="text-ink-2">
              {text(`merge.kind.${kind}`, { n: count(kind) })}
            </p>
          ),
        )}
      </div>
      <div className="mt-4 flex items-center gap-3">
        {(wanted > 0 || office || packs.length + materials.length > 0) && (
          <Button look="primary" onClick={() => onTake(decided)}>
            {text('merge.take', { n: wanted })}
          </Button>
        )}
        <Button look="quiet" onClick={onClose}>
          {text('merge.cancel')}
        </Button>
      </div>
    </Dialog>
  );
}

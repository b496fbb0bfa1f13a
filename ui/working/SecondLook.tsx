'use client';

import '../format/benchWords';
import { useId, useMemo, useState, type ReactNode } from 'react';
import type { Beside, Misstep } from '../../core/look/missteps';
import { secondLook, type Explanation, type Look } from '../../core/look/secondLook';
import type { Msg } from '../../core/kernel/messages/msg';
import type { PresentWorking } from '../../core/kernel/working/working';
import type { Workings } from '../../core/kernel/working/workings';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Options } from '../kit/ChoiceField';
import { FieldLabel } from '../kit/FieldLabel';
import { WorkingSteps } from './WorkingSteps';

/** An amount that may be held against what somebody says. */
export interface Checkable {
  readonly id: string;
  readonly label: Msg;
}

function misstepWords({ id, counted = { said: 0, right: 0 } }: Misstep): string {
  return text(`misstep.${id}`, { ...counted });
}

function explanationWords({ missteps }: Explanation): string {
  const [first = '', second] = missteps.map(misstepWords);
  return second === undefined ? first : text('look.and', { first, second });
}

/** What explains an amount that is not right, what it would do, and how to say so. */
export function Explained({ look }: { look: Look }): ReactNode {
  const { explanations, subject, direction } = look;
  const [best] = explanations;
  return (
    <dl className="mt-2 grid max-w-2xl grid-cols-[9rem_minmax(0,1fr)] gap-x-3 gap-y-1.5 max-phone:grid-cols-1">
      {best && (
        <>
          <dt className="text-ink-2">
            {text(explanations.length > 1 ? 'look.misstepMany' : 'look.misstepOne')}
          </dt>
          <dd>
            <ul>
              {explanations.map((each) => (
                <li key={each.missteps.map(({ id, factor }) => `${id}${factor}`).join()}>
                  {explanationWords(each)}
                </li>
              ))}
            </ul>
          </dd>
        </>
      )}
      {subject !== 'other' && (
        <>
          <dt className="text-ink-2">{text('look.does')}</dt>
          <dd>{text(`look.${direction}.${subject}`)}</dd>
        </>
      )}
      {best && (
        <>
          <dt className="text-ink-2">{text('look.kindly')}</dt>
          <dd className="italic">
            {best.missteps.map(({ id }) => text(`misstepKind.${id}`)).join(' ')}
          </dd>
        </>
      )}
    </dl>
  );
}

/** The one step that holds what was said against what is right. */
function stepOf({ workings }: Look, id: string): PresentWorking[] {
  const step = workings.get(id);
  return step && !('absent' in step) ? [step] : [];
}

function Verdict({ look }: { look: Look }): ReactNode {
  const { verdict, problem, more, direction } = look;
  if (verdict === 'unread') {
    return problem && problem.id !== 'look.nothingSaid' ? (
      <p className="mt-1 text-small text-madder">{messageText(problem)}</p>
    ) : null;
  }
  if (verdict === 'right') return <p className="mt-2 font-semibold">{text('look.right')}</p>;
  return (
    <>
      <p className="mt-2 font-semibold">{text(`look.is.${direction}`)}</p>
      {more && (
        <div className="max-w-md text-small">
          <WorkingSteps id={more.id} workings={look.workings} steps={stepOf(look, more.id)} />
        </div>
      )}
      {verdict === 'unexplained' && <p className="mt-1">{text('look.unexplained')}</p>}
      <Explained look={look} />
    </>
  );
}

interface SecondLookProps {
  readonly workings: Workings;
  /** What may be meant, the likeliest first. */
  readonly of: readonly [Checkable, ...Checkable[]];
  /** What is known of it that no step says; asked for once somebody has said something. */
  readonly beside?: () => Beside;
}

/** What somebody says of an amount, held against what is right. */
export function SecondLook({ workings, of, beside }: SecondLookProps): ReactNode {
  const [typed, setTyped] = useState('');
  const [chosen, setChosen] = useState('');
  const inputId = useId();
  const meant = of.find(({ id }) => id === chosen) ?? of[0];
  const look = useMemo(
    () => secondLook(workings, meant.id, typed, typed.trim() === '' ? {} : beside?.()),
    [workings, meant.id, typed, beside],
  );
  return (
    <section aria-label={text('look.title')}>
      <h2 className="text-small font-semibold text-ink-2">{text('look.title')}</h2>
      <p className="max-w-2xl text-ink-2">{text('look.lead')}</p>
      <div className="mt-1.5 flex flex-wrap items-end gap-3">
        <div>
          <FieldLabel of={inputId}>{text('look.they')}</FieldLabel>
          <input
            id={inputId}
            autoComplete="off"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            aria-invalid={look.verdict === 'unread' && typed.trim() !== ''}
            className="field num w-32 text-right"
          />
        </div>
        {of.length > 1 && (
          <div>
            <FieldLabel of={`${inputId}-of`}>{text('look.of')}</FieldLabel>
            <select
              id={`${inputId}-of`}
              value={meant.id}
              onChange={(event) => setChosen(event.target.value)}
              className="field w-auto max-w-64"
            >
              <Options
                options={of.map(({ id, label }) => ({ value: id, words: messageText(label) }))}
              />
            </select>
          </div>
        )}
      </div>
      <div aria-live="polite">
        <Verdict look={look} />
      </div>
    </section>
  );
}

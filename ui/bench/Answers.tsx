'use client';

import type { ReactNode } from 'react';
import { answerUnitKey, type Ran, type ShownAnswer } from '../../core/bench/runSum';
import { unitsOf } from '../../core/kernel/units/families';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Options } from '../kit/ChoiceField';
import { FigureText } from '../working/FigureText';
import { Figure } from '../working/Figure';
import { Openable, OpenableRow } from '../working/Openable';
import { unitOptions } from './BenchField';

interface AnswersProps {
  readonly ran: Ran;
  readonly change: (key: string, value: string) => void;
}

/** Another unit to read an answer in. */
function ShownIn({
  answer,
  at,
  change,
}: {
  answer: ShownAnswer;
  at: number;
  change: AnswersProps['change'];
}): ReactNode {
  const { family, shown, label } = answer;
  if (!family || 'absent' in shown) return null;
  return (
    <select
      aria-label={text('bench.shownIn', { answer: messageText(label) })}
      value={shown.value.unit}
      onChange={(event) => change(answerUnitKey(at), event.target.value)}
      className="field h-7 w-auto py-0 text-small text-ink-2"
    >
      <Options options={unitOptions(unitsOf(family))} />
    </select>
  );
}

/** What a sum comes to: the answer, what else comes of it, and what has to be said with it. */
export function Answers({ ran, change }: AnswersProps): ReactNode {
  const [first, ...rest] = ran.answers;
  const { shown, label } = first;
  return (
    <div aria-live="polite">
      <Openable>
        <div data-answer="" className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
          <span className="text-ink-2">{messageText(label)}</span>
          {'absent' in shown ? (
            <span className="text-ink-2">
              {shown.absent.id === 'absent.notTyped'
                ? text('bench.nothingYet')
                : messageText(shown.absent, ran.workings)}
            </span>
          ) : (
            <>
              <span className="font-serif text-decision">
                <Figure id={shown.id} bold bare={first.family !== undefined} />
              </span>
              <ShownIn answer={first} at={0} change={change} />
            </>
          )}
        </div>
      </Openable>
      {rest.length > 0 && (
        <table className="mt-2" aria-label={text('bench.sums')}>
          <tbody>
            {rest.map((answer, at) => (
              <OpenableRow key={answer.figure.id} columns={3}>
                <tr className="border-b border-rule-2">
                  <th scope="row" className="py-0.5 pr-6 text-left font-normal text-ink-2">
                    {messageText(answer.label)}
                  </th>
                  <td className="num py-0.5 pr-3 text-right whitespace-nowrap">
                    <Figure id={answer.shown.id} bare={answer.family !== undefined} />
                  </td>
                  <td className="py-0.5">
                    <ShownIn answer={answer} at={at + 1} change={change} />
                  </td>
                </tr>
              </OpenableRow>
            ))}
          </tbody>
        </table>
      )}
      {ran.says.length > 0 && !('absent' in shown && shown.absent.id === 'absent.notTyped') && (
        <Openable>
          <ul className="mt-3 max-w-2xl list-disc pl-5">
            {ran.says.map((message) => (
              <li key={`${message.id}`}>
                <FigureText message={message} />
              </li>
            ))}
          </ul>
        </Openable>
      )}
    </div>
  );
}

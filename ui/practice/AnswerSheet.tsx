'use client';

import Link from 'next/link';
import { useMemo, type ReactNode } from 'react';
import { practiceCase, type PracticeCase } from '../../core/practice/practiceCase';
import { rightAmounts } from '../../core/practice/judge';
import type { Task } from '../../core/practice/task';
import { quantityText } from '../format/quantity';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { Report } from './Report';
import { setAddress, type PracticeSet } from './setAddress';

/** What is right, in words: of an amount each school's. */
function rightWords(task: Task): string {
  if (task.kind === 'choice') {
    return task.options
      .filter(({ id }) => task.right.includes(id))
      .map(({ words }) => messageText(words))
      .join(', ');
  }
  const amounts = rightAmounts(task).map((amount) => quantityText(amount));
  return [...new Set(amounts)].join(', ');
}

function Questions({
  made,
  at,
  count,
}: {
  made: PracticeCase;
  at: number;
  count: number;
}): ReactNode {
  return (
    <section className="mb-6 print:break-inside-avoid">
      <h2 className="mb-2 font-serif text-case font-semibold">
        {text('practice.case', { n: at + 1, count })}
      </h2>
      <Report made={made} />
      <ol className="mt-3 list-decimal pl-5">
        {made.tasks.map((task) => (
          <li key={task.id} className="py-1.5">
            {messageText(task.ask)}
            <span className="block text-ink-2">
              {task.kind === 'choice'
                ? task.options.map(({ words }) => messageText(words)).join(' · ')
                : text('practice.blank', { unit: text(`unit.${task.unit}`, { n: 2 }) })}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** A set on paper: the cases with room for answers, and on a page of its own what is right. */
export function AnswerSheet({ set }: { set: PracticeSet }): ReactNode {
  const cases = useMemo(
    () => Array.from({ length: set.count }, (_, at) => practiceCase(set.seed + at, set.level)),
    [set],
  );
  return (
    <article>
      <div className="mb-4 flex items-center gap-5 print:hidden">
        <Link href={setAddress(set)} className="py-1 font-semibold text-spruce underline">
          {text('practice.sheetBack')}
        </Link>
        <Button look="primary" onClick={() => window.print()}>
          {text('sheet.print')}
        </Button>
      </div>
      <h1 className="mb-4 font-serif text-decision font-semibold">
        {text('practice.sheetTitle', { level: set.level, seed: set.seed })}
      </h1>
      {cases.map((made, at) => (
        <Questions key={made.seed} made={made} at={at} count={set.count} />
      ))}
      <section className="border-t border-rule pt-4 print:break-before-page print:border-0">
        <h1 className="mb-3 font-serif text-decision font-semibold">{text('practice.answers')}</h1>
        {cases.map(({ seed, tasks }, at) => (
          <div key={seed} className="mb-4 print:break-inside-avoid">
            <h2 className="font-semibold">
              {text('practice.case', { n: at + 1, count: set.count })}
            </h2>
            <ol className="list-decimal pl-5">
              {tasks.map((task) => (
                <li key={task.id}>
                  <span className="text-ink-2">{messageText(task.ask)}</span> {rightWords(task)}
                </li>
              ))}
            </ol>
          </div>
        ))}
      </section>
    </article>
  );
}

'use client';

import Link from 'next/link';
import { useEffect, useId, useMemo, useRef, useState, type FormEvent, type ReactNode } from 'react';
import { judge, rightAmounts, type Judged } from '../../core/practice/judge';
import type { Task } from '../../core/practice/task';
import { messageText } from '../format/message';
import { quantityText } from '../format/quantity';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { Explained } from '../working/SecondLook';
import { WorkingSteps } from '../working/WorkingSteps';

interface TaskCardProps {
  readonly task: Task;
  /** Its place among the steps of the case. */
  readonly at: number;
  readonly isCurrent: boolean;
  /** Called when it is right or was shown, with whether the first answer was right. */
  readonly onDone: (first: boolean) => void;
}

/** The way to the right answer. */
function Right({ task }: { task: Task }): ReactNode {
  if (task.kind === 'choice') {
    const right = task.options.find(({ id }) => id === task.right[0]);
    return (
      <p className="mt-1">
        {text('practice.rightIs', {
          right: right ? messageText(right.words) : '',
          because: messageText(task.because, task.workings),
        })}
      </p>
    );
  }
  const [own] = task.right();
  const [amount] = rightAmounts(task);
  return (
    <div className="mt-1 max-w-xl rounded bg-spruce-wash px-3 py-1.5 text-small">
      <p className="font-semibold">
        {text('practice.working', { right: amount ? quantityText(amount) : '' })}
      </p>
      <WorkingSteps id={own.id} workings={own.workings} />
    </div>
  );
}

/** What is said of an answer: right, right by another school, or what went wrong in it. */
function Said({ task, judged }: { task: Task; judged: Judged }): ReactNode {
  const { verdict, look } = judged;
  if (verdict === 'unread') {
    const problem = look?.problem;
    return (
      <p className="mt-1 text-small text-madder">
        {problem && problem.id !== 'look.nothingSaid'
          ? messageText(problem)
          : text('practice.nothingSaid')}
      </p>
    );
  }
  if (verdict !== 'wrong') {
    const words = verdict === 'right' ? 'practice.right' : 'practice.otherSchool';
    return <p className="mt-1 font-semibold text-spruce">{text(words)}</p>;
  }
  return (
    <div className="mt-1">
      <p className="font-semibold">
        {text('practice.wrong')} {look && text(`look.is.${look.direction}`)}
      </p>
      {look && look.verdict === 'unexplained' && <p>{text('practice.unexplained')}</p>}
      {look && <Explained look={look} />}
      <Link
        href={`/practice?lesson=${task.lesson}`}
        target="_blank"
        className="mt-1 inline-block py-1 font-semibold text-spruce underline"
      >
        {text('practice.lesson', { lesson: text(`lesson.${task.lesson}`) })}
      </Link>
    </div>
  );
}

/** The field or the choices of a step. */
function Answer({
  task,
  said,
  onSay,
  disabled,
}: {
  task: Task;
  said: string;
  onSay: (said: string) => void;
  disabled: boolean;
}): ReactNode {
  const id = useId();
  if (task.kind === 'amount') {
    return (
      <span className="flex items-center gap-1.5">
        <input
          id={id}
          aria-label={text('practice.answer')}
          autoComplete="off"
          value={said}
          disabled={disabled}
          onChange={(event) => onSay(event.target.value)}
          className="field num w-28 text-right"
        />
        <span className="text-ink-2">{text(`unit.${task.unit}`, { n: 2 })}</span>
      </span>
    );
  }
  return (
    <fieldset className="flex flex-wrap gap-x-5 gap-y-1" disabled={disabled}>
      <legend className="sr-only">{messageText(task.ask)}</legend>
      {task.options.map((option) => (
        <label key={option.id} className="flex min-h-6 items-center gap-1.5">
          <input
            type="radio"
            name={id}
            value={option.id}
            checked={said === option.id}
            onChange={() => onSay(option.id)}
            className="size-4 accent-spruce"
          />
          {messageText(option.words)}
        </label>
      ))}
    </fieldset>
  );
}

/** One step of a practice case: asked, answered, judged, and opened. */
export function TaskCard({ task, at, isCurrent, onDone }: TaskCardProps): ReactNode {
  const [said, setSaid] = useState('');
  const [judged, setJudged] = useState<Judged>();
  const [tries, setTries] = useState(0);
  const [shown, setShown] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const over = shown || judged?.verdict === 'right' || judged?.verdict === 'otherSchool';
  useEffect(() => {
    if (isCurrent) form.current?.querySelector<HTMLElement>('input')?.focus();
  }, [isCurrent]);
  const ask = useMemo(() => messageText(task.ask), [task]);
  const check = (event: FormEvent): void => {
    event.preventDefault();
    if (over) return;
    const result = judge(task, said);
    setJudged(result);
    if (result.verdict === 'unread') return;
    setTries(tries + 1);
    if (result.verdict !== 'wrong') onDone(tries === 0);
  };
  const show = (): void => {
    setShown(true);
    onDone(false);
  };
  return (
    <li className="border-t border-rule py-3">
      <form ref={form} onSubmit={check}>
        <p className="mb-1 font-semibold">
          <span className="num mr-2 text-ink-2">{text('practice.nth', { n: at + 1 })}</span>
          {ask}
        </p>
        <div className="flex flex-wrap items-center gap-3">
          <Answer task={task} said={said} onSay={setSaid} disabled={over} />
          {!over && (
            <>
              <Button type="submit">{text('practice.judge')}</Button>
              {judged?.verdict === 'wrong' && (
                <Button look="quiet" onClick={show}>
                  {text('practice.show')}
                </Button>
              )}
            </>
          )}
        </div>
      </form>
      <div aria-live="polite">
        {judged && <Said task={task} judged={judged} />}
        {over && <Right task={task} />}
      </div>
    </li>
  );
}

'use client';

import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { PracticeCase } from '../../core/practice/practiceCase';
import { keepPractised } from '../../store/practice';
import { createCase } from '../desk/createCase';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { Report } from './Report';
import { TaskCard } from './TaskCard';

interface CaseToDoProps {
  readonly made: PracticeCase;
  /** Its place in the set. */
  readonly at: number;
  readonly count: number;
  /** Goes to the next case of the set; nothing after the last. */
  readonly onNext: (() => void) | undefined;
}

/** A practice case, step after step: the next one is asked when one is right or was shown. */
export function CaseToDo({ made, at, count, onNext }: CaseToDoProps): ReactNode {
  const { tasks, seed, level, file } = made;
  const router = useRouter();
  const [done, setDone] = useState<readonly boolean[]>([]);
  const isOver = done.length === tasks.length;
  const finish = (task: string, first: boolean): void => {
    setDone((before) => [...before, first]);
    void keepPractised({ seed, level, task, first });
  };
  const open = async (): Promise<void> => {
    const { areas, reports, labels, decisions, planFrom } = file;
    const title = text('practice.caseTitle', { level, seed });
    const id = await createCase((begun) => ({
      ...begun,
      ...{ title, areas, reports, labels, decisions, planFrom },
    }));
    router.push(`/case?id=${id}`);
  };
  return (
    <article aria-label={text('practice.case', { n: at + 1, count })}>
      <h2 className="mb-2 font-serif text-case font-semibold">
        {text('practice.case', { n: at + 1, count })}
      </h2>
      <Report made={made} />
      <ol className="mt-4">
        {tasks.slice(0, done.length + 1).map((task, index) => (
          <TaskCard
            key={task.id}
            task={task}
            at={index}
            isCurrent={index === done.length}
            onDone={(first) => finish(task.id, first)}
          />
        ))}
      </ol>
      {isOver && (
        <div role="status" className="border-t border-rule pt-3">
          <p className="font-semibold">
            {text('practice.done', { right: done.filter(Boolean).length, count: tasks.length })}
          </p>
          <div className="mt-2 flex gap-2">
            {onNext && (
              <Button look="primary" autoFocus onClick={onNext}>
                {text('practice.next')}
              </Button>
            )}
            <Button onClick={() => void open()}>{text('practice.openCase')}</Button>
          </div>
        </div>
      )}
    </article>
  );
}

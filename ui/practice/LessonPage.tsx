'use client';

import Link from 'next/link';
import { useMemo, type ReactNode } from 'react';
import { LESSONS, type Lesson } from '../../core/practice/lessons';
import { secondLook } from '../../core/look/secondLook';
import { localDay } from '../format/date';
import { text } from '../format/text';
import { Explained } from '../working/SecondLook';
import { WorkingSteps } from '../working/WorkingSteps';

function Example({ example }: { example: NonNullable<Lesson['example']> }): ReactNode {
  const { right, look } = useMemo(() => {
    const made = example.right(localDay(new Date()));
    return { right: made, look: secondLook(made.workings, made.id, example.said) };
  }, [example]);
  const working = right.workings.get(right.id);
  const unit = working && !('absent' in working) ? working.value.unit : '';
  return (
    <>
      <h2 className="mt-5 text-small font-semibold text-ink-2">{text('practice.lessonRight')}</h2>
      <div className="mt-1 max-w-xl rounded bg-spruce-wash px-3 py-1.5 text-small">
        <WorkingSteps id={right.id} workings={right.workings} />
      </div>
      <h2 className="mt-5 text-small font-semibold text-ink-2">{text('practice.lessonWrong')}</h2>
      <p className="mt-1">
        {text('practice.lessonSaid', {
          said: example.said,
          unit: unit && text(`unit.${unit}`, { n: 2 }),
        })}
      </p>
      <Explained look={look} />
      {example.sum && (
        <Link
          href={`/bench?sum=${example.sum.id}`}
          className="mt-4 inline-block py-1 font-semibold text-spruce underline"
        >
          {text('practice.tryIt')}
        </Link>
      )}
    </>
  );
}

/** One of the ideas that go wrong most, on one screen: in words, as a sum, and as it goes wrong. */
export function LessonPage({ lesson }: { lesson: Lesson }): ReactNode {
  const at = LESSONS.indexOf(lesson);
  const next = LESSONS[at + 1];
  return (
    <article className="max-w-2xl">
      <h1 className="font-serif text-decision font-semibold">{text(`lesson.${lesson.id}`)}</h1>
      <p className="mt-2 font-serif text-slip">{text(`lessonText.${lesson.id}`)}</p>
      {lesson.example && <Example example={lesson.example} />}
      <p className="mt-6 flex gap-5">
        <Link href="/practice" className="py-1 font-semibold text-spruce underline">
          {text('practice.back')}
        </Link>
        {next && (
          <Link
            href={`/practice?lesson=${next.id}`}
            className="py-1 font-semibold text-spruce underline"
          >
            {text('practice.nextLesson', { lesson: text(`lesson.${next.id}`) })}
          </Link>
        )}
      </p>
    </article>
  );
}

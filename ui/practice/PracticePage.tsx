'use client';

import '../format/benchWords';
import '../format/learnWords';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState, type FormEvent, type ReactNode } from 'react';
import { LESSONS } from '../../core/practice/lessons';
import { practiceCase } from '../../core/practice/practiceCase';
import { LEVELS, type Level } from '../../core/practice/task';
import { forgetPractised, practised } from '../../store/practice';
import { download } from '../files/download';
import { localDay } from '../format/date';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { ChoiceField } from '../kit/ChoiceField';
import { DraftField } from '../kit/DraftField';
import { AnswerSheet } from './AnswerSheet';
import { CaseToDo } from './CaseToDo';
import { LessonPage } from './LessonPage';
import { MOST_COUNT, MOST_SEED, setAddress, setOf, type PracticeSet } from './setAddress';

/** A seed that nobody has chosen. */
function anySeed(): number {
  return 1 + Math.floor(Math.random() * MOST_SEED);
}

/** Which cases: how far they go, which number, and how many; the same address gives the same set to everybody. */
function Chooser({ set }: { set: PracticeSet | undefined }): ReactNode {
  const router = useRouter();
  const [level, setLevel] = useState<Level>(set?.level ?? 1);
  const [seed, setSeed] = useState(set ? String(set.seed) : '');
  const [count, setCount] = useState(set ? String(set.count) : '3');
  const [told, setTold] = useState('');
  const wanted = (fresh: boolean): PracticeSet => {
    const named = Number(seed);
    const isNamed = !fresh && Number.isInteger(named) && named >= 1 && named <= MOST_SEED;
    const many = Number(count);
    return {
      level,
      seed: isNamed ? named : anySeed(),
      count: Number.isInteger(many) && many >= 1 ? Math.min(many, MOST_COUNT) : 1,
    };
  };
  const go = (fresh: boolean): void => {
    const chosen = wanted(fresh);
    setSeed(String(chosen.seed));
    router.push(setAddress(chosen));
  };
  const begin = (event: FormEvent): void => {
    event.preventDefault();
    go(seed.trim() === '');
  };
  const copy = (): void => {
    if (!set) return;
    navigator.clipboard.writeText(new URL(setAddress(set), location.origin).href).then(
      () => setTold(text('practice.copied')),
      () => setTold(setAddress(set)),
    );
  };
  return (
    <form onSubmit={begin} className="grid content-start gap-y-2.5">
      <ChoiceField
        label={text('practice.level')}
        value={String(level)}
        options={LEVELS.map((each) => ({
          value: String(each),
          words: text(`practice.level.${each}`),
        }))}
        onChoose={(value) => setLevel(LEVELS.find((each) => String(each) === value) ?? 1)}
      />
      <div className="flex gap-3">
        <DraftField
          label={text('practice.seed')}
          value={seed}
          onChange={setSeed}
          className="w-28"
        />
        <DraftField
          label={text('practice.count')}
          value={count}
          onChange={setCount}
          className="w-20"
        />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button look="primary" type="submit">
          {text('practice.start')}
        </Button>
        <Button onClick={() => go(true)}>{text('practice.another')}</Button>
      </div>
      {set && (
        <div className="mt-2 border-t border-rule pt-2">
          <p className="text-small font-semibold text-ink-2">{text('practice.link')}</p>
          <p className="text-small text-ink-2">{text('practice.linkHelp')}</p>
          <div className="flex flex-wrap items-center gap-3">
            <Button look="quiet" onClick={copy}>
              {text('practice.copy')}
            </Button>
            <Link
              href={`${setAddress(set)}&sheet=1`}
              className="py-1 font-semibold text-spruce hover:underline"
            >
              {text('practice.sheet')}
            </Link>
            <span role="status" className="text-small">
              {told}
            </span>
          </div>
        </div>
      )}
    </form>
  );
}

/** What was done in this browser, and the way out of it. */
function Progress(): ReactNode {
  const entries = useLiveQuery(() => practised());
  if (!entries) return null;
  const cases = new Set(entries.map(({ level, seed }) => `${level}:${seed}`)).size;
  const save = async (): Promise<void> => {
    const { practiceCsv } = await import('../../files/practiceCsv');
    download(`practice-${localDay(new Date())}.csv`, [practiceCsv(entries)], 'text/csv');
  };
  return (
    <section className="mt-5 border-t border-rule pt-2">
      <h2 className="text-small font-semibold text-ink-2">{text('practice.progress')}</h2>
      {entries.length === 0 ? (
        <p className="text-small text-ink-2">{text('practice.none')}</p>
      ) : (
        <>
          <p>
            {text('practice.at', {
              right: entries.filter(({ first }) => first).length,
              count: entries.length,
              cases,
            })}
          </p>
          <div className="flex gap-3">
            <Button look="quiet" onClick={() => void save()}>
              {text('practice.export')}
            </Button>
            <Button look="quiet" onClick={() => void forgetPractised()}>
              {text('practice.forget')}
            </Button>
          </div>
        </>
      )}
    </section>
  );
}

function Lessons(): ReactNode {
  return (
    <nav aria-label={text('practice.lessons')} className="mt-5 border-t border-rule pt-2">
      <h2 className="text-small font-semibold text-ink-2">{text('practice.lessons')}</h2>
      <ol className="mt-1">
        {LESSONS.map(({ id }) => (
          <li key={id}>
            <Link
              href={`/practice?lesson=${id}`}
              prefetch={false}
              className="block rounded px-1 py-1 hover:bg-spruce-wash"
            >
              {text(`lesson.${id}`)}
            </Link>
          </li>
        ))}
      </ol>
    </nav>
  );
}

/** The cases of a set, one after the other. */
function Cases({ set }: { set: PracticeSet }): ReactNode {
  const [at, setAt] = useState(0);
  const made = useMemo(() => practiceCase(set.seed + at, set.level), [set.seed, set.level, at]);
  const onNext = at + 1 < set.count ? () => setAt(at + 1) : undefined;
  return <CaseToDo key={at} made={made} at={at} count={set.count} onNext={onNext} />;
}

/** Cases to learn on, lessons, and sets for a class. */
export function PracticePage(): ReactNode {
  const params = useSearchParams();
  const lesson = LESSONS.find(({ id }) => id === params.get('lesson'));
  const set = setOf(params);
  const address = set && setAddress(set);
  return (
    <main className="min-h-[calc(100vh-2.75rem)] bg-sheet px-6 py-4 print:p-0">
      {lesson && <LessonPage key={lesson.id} lesson={lesson} />}
      {!lesson && set && params.get('sheet') && <AnswerSheet set={set} />}
      {!lesson && !(set && params.get('sheet')) && (
        <>
          <h1 className="font-serif text-decision font-semibold">{text('practice.title')}</h1>
          <p className="mt-1 mb-3 max-w-2xl text-ink-2">{text('practice.lead')}</p>
          <div className="grid grid-cols-[16rem_minmax(0,1fr)] gap-x-8 gap-y-6 max-phone:grid-cols-1">
            <div>
              <Chooser key={address} set={set} />
              <Progress />
              <Lessons />
            </div>
            <div className="min-w-0">{set && <Cases key={address} set={set} />}</div>
          </div>
        </>
      )}
    </main>
  );
}

'use client';

import '../format/benchWords';
import { nanoid } from 'nanoid';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { asCase } from '../../core/bench/asCase';
import type { Typed } from '../../core/bench/benchSheet';
import { carriedInto, runSum, type Ran } from '../../core/bench/runSum';
import type { BenchSum, SumId } from '../../core/bench/sum';
import { SUMS } from '../../core/bench/sums';
import { keepSum, type BenchEntry } from '../../store/bench';
import { createCase } from '../desk/createCase';
import { localDay } from '../format/date';
import { find } from '../format/find';
import { quantityText } from '../format/quantity';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { SecondLook, type Checkable } from '../working/SecondLook';
import { WorkingProvider } from '../working/openWorking';
import { Answers } from './Answers';
import { BenchField } from './BenchField';
import { LastSums } from './LastSums';

/** One go at a sum: what is typed into it is kept together. */
interface Go {
  readonly key: string;
  readonly sum: BenchSum;
  readonly typed: Typed;
}

/** What was typed a moment ago is kept. */
const KEEP_AFTER_MS = 700;

function sumNamed(id: string | null): BenchSum | undefined {
  return SUMS.find((sum) => sum.id === id);
}

/** The sum of the address, else none. */
function useGo(): [
  Go | undefined,
  (sum: BenchSum, typed?: Typed) => void,
  (key: string, value: string) => void,
] {
  const asked = useSearchParams().get('sum');
  const [go, setGo] = useState<Go | undefined>(() => {
    const sum = sumNamed(asked);
    return sum && { key: nanoid(8), sum, typed: {} };
  });
  const begin = (sum: BenchSum, typed: Typed = {}): void => {
    setGo({ key: nanoid(8), sum, typed });
    window.history.replaceState(null, '', `?sum=${sum.id}`);
  };
  const change = (key: string, value: string): void =>
    setGo((before) => before && { ...before, typed: { ...before.typed, [key]: value } });
  return [go, begin, change];
}

/** Keeps the sum among the last ones once it has an answer. */
function useKept(go: Go | undefined, ran: Ran | undefined): void {
  const shown = ran?.answers[0].shown;
  const answer = shown && !('absent' in shown) ? quantityText(shown.value) : undefined;
  useEffect(() => {
    if (!go || answer === undefined || Object.keys(go.typed).length === 0) return undefined;
    const entry: BenchEntry = { id: go.key, sum: go.sum.id, typed: go.typed, answer };
    const timer = setTimeout(() => void keepSum(entry), KEEP_AFTER_MS);
    return () => clearTimeout(timer);
  }, [go, answer]);
}

interface AskProps {
  readonly current: SumId | undefined;
  readonly choose: (sum: BenchSum) => void;
}

/** The sums, found by typing what one wants to know; Enter takes the first that is found. */
function Ask({ current, choose }: AskProps): ReactNode {
  const [typed, setTyped] = useState('');
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (!current) input.current?.focus();
    // Only where the page opens without a sum.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const options = useMemo(
    () =>
      SUMS.map((sum) => ({
        sum,
        words: text(`bench.sum.${sum.id}`),
        also: text(`bench.find.${sum.id}`),
      })),
    [],
  );
  const found = find(options, typed);
  const take = (sum: BenchSum): void => {
    setTyped('');
    choose(sum);
  };
  return (
    <nav aria-label={text('bench.sums')} className="max-margin:row-span-2 max-phone:row-span-1">
      <label htmlFor="bench-ask" className="block text-label font-semibold text-ink-2">
        {text('bench.ask')}
      </label>
      <input
        ref={input}
        id="bench-ask"
        autoComplete="off"
        spellCheck={false}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => {
          const [first] = found;
          if (event.key === 'Enter' && first) take(first.sum);
        }}
        className="field w-full"
      />
      <p className="mt-0.5 text-small text-ink-2">{text('bench.askHelp')}</p>
      {/* On a phone the list makes room for the sum that was chosen. */}
      <ul className={`mt-2 ${current && typed === '' ? 'max-phone:hidden' : ''}`}>
        {found.map(({ sum, words }) => (
          <li key={sum.id}>
            <button
              type="button"
              aria-current={sum.id === current ? 'true' : undefined}
              onClick={() => take(sum)}
              className="w-full rounded px-2 py-0.5 text-left hover:bg-spruce-wash aria-current:bg-spruce-wash aria-current:font-semibold"
            >
              {words}
            </button>
          </li>
        ))}
        {found.length === 0 && <li className="px-2 text-ink-2">{text('find.nothing')}</li>}
      </ul>
    </nav>
  );
}

/** Sums that take what this one gives. */
function GoOn({
  ran,
  begin,
}: {
  ran: Ran;
  begin: (sum: BenchSum, typed: Typed) => void;
}): ReactNode {
  const given = new Set(
    ran.answers.flatMap(({ carries, figure }) => (carries && !('absent' in figure) ? carries : [])),
  );
  const next = SUMS.map((sum) => ({ sum, typed: carriedInto(ran, sum) })).filter(
    ({ sum, typed }) =>
      sum.id !== ran.sum.id &&
      Object.keys(typed).some((id) => [...given].some((each) => each === id)),
  );
  if (next.length === 0) return null;
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="text-ink-2">{text('bench.next')}</span>
      {next.map(({ sum, typed }) => (
        <Button key={sum.id} onClick={() => begin(sum, typed)}>
          {text(`bench.sum.${sum.id}`)}
        </Button>
      ))}
    </div>
  );
}

interface SumProps {
  readonly ran: Ran;
  readonly begin: (sum: BenchSum, typed?: Typed) => void;
  readonly change: (key: string, value: string) => void;
}

function checkables({ answers, inAll }: Ran): [Checkable, ...Checkable[]] {
  const [first, ...rest] = answers;
  const of = (answer: (typeof answers)[number] | NonNullable<typeof inAll>): Checkable => ({
    id: answer.figure.id,
    label: answer.label,
  });
  return [of(first), ...(inAll ? [of(inAll)] : []), ...rest.map(of)];
}

/** One sum: its line of fields, what it comes to, and what can be done with that. */
function Sum({ ran, begin, change }: SumProps): ReactNode {
  const router = useRouter();
  const line = useRef<HTMLDivElement>(null);
  const { sum, file } = ran;
  useEffect(() => {
    line.current?.querySelector<HTMLElement>('[data-stop]')?.focus();
  }, []);
  const onEnter = (event: KeyboardEvent<HTMLElement>): void => {
    event.preventDefault();
    const stops = [...(line.current?.querySelectorAll<HTMLElement>('[data-stop]') ?? [])];
    const next = stops[stops.indexOf(event.target as HTMLElement) + 1];
    (next ?? document.getElementById('bench-ask'))?.focus();
  };
  const makeCase = async (): Promise<void> => {
    if (!file) return;
    const title = text('bench.caseTitle', { sum: text(`bench.sum.${sum.id}`) });
    const id = await createCase((begun) => asCase(file, begun, title));
    router.push(`/case?id=${id}`);
  };
  return (
    <WorkingProvider workings={ran.workings}>
      <h2 className="font-serif text-case font-semibold">{text(`bench.sum.${sum.id}`)}</h2>
      <div ref={line} className="mt-2 flex flex-wrap items-start gap-x-5 gap-y-2">
        {ran.fields.map((id) => (
          <BenchField key={id} id={id} ran={ran} change={change} onEnter={onEnter} />
        ))}
      </div>
      <div className="mt-4 border-t border-rule pt-3">
        <Answers ran={ran} change={change} />
      </div>
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <GoOn ran={ran} begin={begin} />
        {file && <Button onClick={() => void makeCase()}>{text('bench.toCase')}</Button>}
      </div>
      <div className="mt-5 border-t border-rule pt-3">
        <SecondLook workings={ran.workings} of={checkables(ran)} beside={ran.beside} />
      </div>
    </WorkingProvider>
  );
}

/** Sums without a case: what is asked on the telephone, and a second look at what somebody else says. */
export function BenchPage(): ReactNode {
  const [go, begin, change] = useGo();
  const ran = useMemo(() => go && runSum(go.sum, go.typed, localDay(new Date())), [go]);
  useKept(go, ran);
  return (
    <main className="min-h-[calc(100vh-2.75rem)] bg-sheet px-6 py-4">
      <h1 className="font-serif text-decision font-semibold">{text('bench.title')}</h1>
      <p className="mt-1 mb-3 max-w-2xl text-ink-2">{text('bench.lead')}</p>
      <div className="grid grid-cols-[14rem_minmax(0,1fr)_17rem] gap-x-6 gap-y-6 max-margin:grid-cols-[14rem_minmax(0,1fr)] max-phone:grid-cols-1">
        <Ask current={go?.sum.id} choose={(sum) => begin(sum, ran ? carriedInto(ran, sum) : {})} />
        <div className="min-w-0">
          {go && ran && <Sum key={go.key} ran={ran} begin={begin} change={change} />}
        </div>
        <div className="max-margin:col-start-2 max-phone:col-start-1">
          <LastSums
            open={({ sum, typed }) => {
              const known = sumNamed(sum);
              if (known) begin(known, typed);
            }}
          />
        </div>
      </div>
    </main>
  );
}

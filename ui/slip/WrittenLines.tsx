import type { ReactNode } from 'react';
import type { WrittenLine } from '../../core/casefile/parts/issued';
import { CELL } from '../../files/slip/writtenPage';

const LOOKS: Readonly<Record<WrittenLine['kind'], string>> = {
  hazard: 'mt-2 border-l-3 border-madder bg-madder-wash px-2.5 py-1.5 font-sans text-small',
  heading: 'mt-5 text-case font-semibold first:mt-0',
  section: 'mt-5 border-t border-rule pt-3 text-case font-semibold',
  lead: 'mt-2.5 text-title font-semibold',
  sentence: 'mt-1.5',
  dated: 'mt-1.5',
  paragraph: 'mt-2.5',
  table: 'mt-2 font-sans text-small text-ink-2',
  row: 'border-b border-rule-2',
  caution: 'mt-2 border-l-3 border-control bg-sheet px-2.5 py-1.5 font-sans text-small',
  sign: 'mt-2 whitespace-pre-line',
  footer: 'mt-6 border-t border-rule pt-2 font-sans text-label text-ink-2',
};

/** The day of a line, and whose, before the first colon. */
function Dated({ words }: { words: string }): ReactNode {
  const at = words.indexOf(':') + 1;
  return (
    <>
      <strong>{words.slice(0, at)}</strong>
      {words.slice(at)}
    </>
  );
}

function Cells({ row }: { row: string }): ReactNode {
  const [first, ...rest] = row.split(CELL);
  if (rest.length === 0) return first;
  return (
    <span className="grid grid-cols-[2fr_1fr_1fr] gap-x-4">
      {[first, ...rest].map((cell, at) => (
        <span key={at}>{cell}</span>
      ))}
    </span>
  );
}

/** A page in its words, as it was given out: nothing in it opens, since its figures may be no more. */
export function WrittenLines({ lines }: { lines: readonly WrittenLine[] }): ReactNode {
  return (
    <div className="font-serif text-slip">
      {lines.map(({ kind, text }, index) => (
        <p key={index} className={LOOKS[kind]}>
          {kind === 'dated' ? <Dated words={text} /> : <Cells row={text} />}
        </p>
      ))}
    </div>
  );
}

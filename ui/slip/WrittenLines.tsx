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

/** A page in its words, as it was given out: nothing in it opens, since its figures may be no more. */
export function WrittenLines({ lines }: { lines: readonly WrittenLine[] }): ReactNode {
  return (
    <div className="font-serif text-slip">
      {lines.map(({ kind, text }, index) => (
        <p key={index} className={LOOKS[kind]}>
          {text.split(CELL).map((cell, at) => (
            <span key={at} className={at === 0 ? 'inline-block min-w-60' : 'ml-4'}>
              {cell}
            </span>
          ))}
        </p>
      ))}
    </div>
  );
}

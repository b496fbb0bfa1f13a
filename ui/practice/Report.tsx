'use client';

import type { ReactNode } from 'react';
import type { Analyte } from '../../core/catalog/analytes';
import type { PracticeCase } from '../../core/practice/practiceCase';
import { messageText } from '../format/message';
import { nameFrom, text } from '../format/text';

/** What the client says, and what the report says, as it would lie on the desk. */
export function Report({ made }: { made: PracticeCase }): ReactNode {
  const results = Object.values(Object.values(made.file.reports)[0]?.results ?? {})[0] ?? {};
  return (
    <>
      <blockquote className="max-w-2xl border-l-2 border-spruce pl-3 font-serif text-slip">
        <span className="sr-only">{text('practice.caller')} </span>
        {messageText(made.voice)}
      </blockquote>
      <table className="mt-3" aria-label={text('practice.report')}>
        <tbody>
          {Object.entries(results).map(([analyte, { text: said, unit, method }]) => (
            <tr key={analyte} className="border-b border-rule-2">
              <th scope="row" className="py-0.5 pr-6 text-left font-normal text-ink-2">
                {text(`analyte.${analyte as Analyte}`)}
              </th>
              <td className="num py-0.5 pr-2 text-right">
                {analyte === 'texture' ? nameFrom('texture', said) : said}
              </td>
              <td className="py-0.5 text-ink-2">
                {[unit === 'pH' ? '' : unit, method && nameFrom('extractant', method)]
                  .filter(Boolean)
                  .join(', ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

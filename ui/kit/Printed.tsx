import type { ReactNode } from 'react';
import type { Standing } from '../../core/kernel/sources';
import { text } from '../format/text';

interface PrintedProps {
  readonly citation: string;
  readonly standing: Standing;
  readonly locator?: string | undefined;
  readonly year?: number | undefined;
}

/** Where a value is printed: its standing in a word, which opens the source. */
export function Printed({ citation, standing, locator, year }: PrintedProps): ReactNode {
  return (
    <details className="text-small text-ink-2">
      <summary className="min-h-6 cursor-pointer py-1 whitespace-nowrap text-spruce">
        {text(`standing.${standing}`)}
      </summary>
      <p className="max-w-md pb-1">
        {text('reading.printedIn', {
          citation,
          locator: locator ? `; ${locator}` : '',
          year: year ? `, ${year}` : '',
        })}
      </p>
    </details>
  );
}

'use client';

import type { ReactNode } from 'react';
import { text } from '../format/shell';
import { Button } from '../kit/Button';
import { TellUs } from './TellUs';

/** Names of errors by which the browser says that it gives no storage. */
const STORAGE = /OpenFailed|MissingAPI|Quota|Unknown|Database|InvalidState|Security|Version/;

interface BrokenProps {
  readonly error: Error;
  readonly reset: () => void;
}

/** A page that could not go on says why in words. */
export function Broken({ error, reset }: BrokenProps): ReactNode {
  const why = STORAGE.test(error.name) ? 'broken.storage' : 'broken.other';
  return (
    <main className="px-6 py-16">
      <h1 className="font-serif text-decision font-semibold">{text('broken.title')}</h1>
      <p className="mt-2 max-w-xl font-serif text-slip text-ink-2">{text(why)}</p>
      <Button className="mt-5" onClick={reset}>
        {text('broken.again')}
      </Button>
      <TellUs where={text('broken.title')} fault={`${error.name}: ${error.message}`} />
    </main>
  );
}

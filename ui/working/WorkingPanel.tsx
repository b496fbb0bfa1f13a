'use client';

import dynamic from 'next/dynamic';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { Workings } from '../../core/kernel/working/workings';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { useWorkings } from './openWorking';
import { WorkingSteps } from './WorkingSteps';

/** Fetched when somebody says another amount. */
const SecondLook = dynamic(() => import('./SecondLook').then((file) => file.SecondLook), {
  ssr: false,
});

/** A second look at what somebody else says of an amount that is spread or bought. */
function AnothersAmount({ id, workings }: { id: string; workings: Workings }): ReactNode {
  const [asked, setAsked] = useState(false);
  const working = workings.get(id);
  const isSum = working && !('absent' in working) && working.inputs.length > 0;
  if (!isSum) return null;
  return asked ? (
    <div className="mt-1 border-t border-sheet pt-2">
      <SecondLook workings={workings} of={[{ id, label: working.label }]} />
    </div>
  ) : (
    <Button look="quiet" className="h-6 print:hidden" onClick={() => setAsked(true)}>
      {text('look.check')}
    </Button>
  );
}

/** The open working under its row. Esc closes it and gives the focus back. */
export function WorkingPanel({ id }: { id: string }): ReactNode {
  const { workings, close } = useWorkings();
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape' || event.defaultPrevented) return;
      event.preventDefault();
      close();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [close]);
  useEffect(() => {
    // Newer browsers return a promise here, which an effect must not.
    void panel.current?.scrollIntoView({ block: 'nearest' });
  }, [id]);
  return (
    <div
      ref={panel}
      role="region"
      aria-label={text('working.title')}
      data-working-panel={id}
      className="my-1 rounded bg-spruce-wash px-3 py-1.5 text-left font-sans text-small text-ink"
    >
      <WorkingSteps id={id} workings={workings} />
      <AnothersAmount key={id} id={id} workings={workings} />
    </div>
  );
}

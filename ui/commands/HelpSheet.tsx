'use client';

import { Switch } from '@headlessui/react';
import type { ReactNode } from 'react';
import { text } from '../format/shell';
import { Dialog } from '../kit/Dialog';
import { Kbd } from '../kit/Kbd';
import { useRegistry } from './registry';

/** What can be done here, with its keys, and the switch for single letters. */
export default function HelpSheet({ onClose }: { onClose: () => void }): ReactNode {
  const { commands, letterKeys, setLetterKeys } = useRegistry();
  return (
    <Dialog title={text('help.title')} onClose={onClose}>
      <ul>
        {commands
          .filter(({ keys }) => keys.length > 0)
          .map(({ id, label, keys }) => (
            <li key={id} className="flex justify-between gap-4 border-b border-rule-2 py-1.5">
              <span>{label}</span>
              <span className="flex gap-1.5">
                {keys.map((key) => (
                  <Kbd key={key}>{key}</Kbd>
                ))}
              </span>
            </li>
          ))}
      </ul>
      <p className="mt-3 text-ink-2">{text('help.fields')}</p>
      <div className="mt-4 flex items-center gap-3">
        <Switch
          checked={letterKeys}
          onChange={setLetterKeys}
          aria-label={text('help.letterKeys')}
          className="inline-flex h-6 w-10 items-center rounded-full border border-control bg-sheet p-0.5 data-checked:border-spruce data-checked:bg-spruce"
        >
          <span
            aria-hidden="true"
            className={`size-4.5 rounded-full ${letterKeys ? 'translate-x-4 bg-sheet' : 'bg-control'}`}
          />
        </Switch>
        <span>{text('help.letterKeys')}</span>
        <span className="text-ink-2">{text(letterKeys ? 'help.on' : 'help.off')}</span>
      </div>
    </Dialog>
  );
}

'use client';

import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogPanel,
} from '@headlessui/react';
import { useState, type ReactNode } from 'react';
import { text } from '../format/shell';
import { Kbd } from '../kit/Kbd';
import { useRegistry, type Command } from './registry';

function matches(command: Command, typed: string): boolean {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const label = command.label.toLowerCase();
  return words.every((word) => label.includes(word));
}

interface CommandFieldProps {
  /** What was typed before the field had come. */
  readonly typedAhead: string;
  readonly onClose: () => void;
}

/** The field that runs any command by its words. */
export default function CommandField({ typedAhead, onClose }: CommandFieldProps): ReactNode {
  const { commands } = useRegistry();
  const [typed, setTyped] = useState(typedAhead);
  const found = commands.filter((command) => matches(command, typed));
  const run = (command: Command | null): void => {
    if (!command) return;
    onClose();
    // After the dialog has given the focus back, so that the command may move it on.
    setTimeout(command.run, 0);
  };
  return (
    <Dialog open onClose={onClose} className="relative z-20 print:hidden">
      <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
      <div className="fixed inset-0 flex items-start justify-center p-4 pt-16">
        <DialogPanel className="w-full max-w-lg overflow-hidden rounded bg-sheet shadow-xl">
          <Combobox<Command | null> value={null} onChange={run} immediate>
            <ComboboxInput
              autoFocus
              displayValue={() => typed}
              aria-label={text('command.field')}
              placeholder={text('command.field')}
              className="h-12 w-full border-b border-rule px-4 text-title"
              onChange={(event) => setTyped(event.target.value)}
            />
            <ComboboxOptions static className="max-h-80 overflow-y-auto py-1">
              {found.map((command) => (
                <ComboboxOption
                  key={command.id}
                  value={command}
                  className="flex justify-between gap-4 px-4 py-1.5 data-focus:bg-spruce-wash"
                >
                  <span>{command.label}</span>
                  <span className="flex gap-1.5">
                    {command.keys.map((key) => (
                      <Kbd key={key}>{key}</Kbd>
                    ))}
                  </span>
                </ComboboxOption>
              ))}
            </ComboboxOptions>
            {found.length === 0 && (
              <p className="px-4 py-3 text-ink-2">{text('command.nothing')}</p>
            )}
          </Combobox>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

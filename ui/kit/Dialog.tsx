'use client';

import { Dialog as HeadlessDialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';
import { text } from '../format/shell';
import { Button } from './Button';

interface DialogProps {
  readonly title: string;
  readonly onClose: () => void;
  /** For what has two columns. */
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/** A dialog over the page; Esc and its button close it. */
export function Dialog({ title, onClose, wide = false, children }: DialogProps): ReactNode {
  return (
    <HeadlessDialog open onClose={onClose} className="relative z-20 print:hidden">
      <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
      <div className="fixed inset-0 flex items-start justify-center overflow-y-auto p-4 pt-20">
        <DialogPanel
          className={`w-full rounded bg-sheet p-5 shadow-xl ${wide ? 'max-w-3xl' : 'max-w-lg'}`}
        >
          <div className="mb-3 flex items-center justify-between gap-4">
            <DialogTitle className="font-serif text-case font-semibold">{title}</DialogTitle>
            <Button look="quiet" onClick={onClose}>
              {text('dialog.close')}
            </Button>
          </div>
          {children}
        </DialogPanel>
      </div>
    </HeadlessDialog>
  );
}

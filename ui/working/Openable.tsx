'use client';

import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { WorkingScope } from './openWorking';

/** Fetched when a first figure is opened: the Desk has figures, and stays small. */
const WorkingPanel = dynamic(() => import('./WorkingPanel').then((file) => file.WorkingPanel), {
  ssr: false,
});

/** A block whose figures open their workings under it. */
export function Openable({ children }: { children: ReactNode }): ReactNode {
  return (
    <WorkingScope>
      {(open) => (
        <>
          {children}
          {open && <WorkingPanel id={open} />}
        </>
      )}
    </WorkingScope>
  );
}

interface OpenableRowProps {
  /** The row of the table. */
  readonly children: ReactNode;
  readonly columns: number;
  /** Look of the cell that the working opens in. */
  readonly className?: string;
}

/** A row of a table whose figures open their workings in a row under it. */
export function OpenableRow({ children, columns, className = '' }: OpenableRowProps): ReactNode {
  return (
    <WorkingScope>
      {(open) => (
        <>
          {children}
          {open && (
            <tr>
              <td colSpan={columns} className={className}>
                <WorkingPanel id={open} />
              </td>
            </tr>
          )}
        </>
      )}
    </WorkingScope>
  );
}

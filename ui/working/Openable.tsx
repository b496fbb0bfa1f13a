'use client';

import type { ReactNode } from 'react';
import { WorkingScope } from './openWorking';
import { WorkingPanel } from './WorkingPanel';

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

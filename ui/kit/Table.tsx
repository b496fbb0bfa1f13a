import type { ReactNode } from 'react';

interface Head {
  readonly id: string;
  readonly words: string;
  readonly number?: boolean;
}

interface TableProps {
  readonly heads: readonly Head[];
  readonly label: string;
  readonly children: ReactNode;
}

/** A table of the worksheet: a light head, a line under each row. */
export function Table({ heads, label, children }: TableProps): ReactNode {
  return (
    <table className="w-full" aria-label={label}>
      <thead>
        <tr className="border-b border-rule text-label font-semibold text-ink-2">
          {heads.map(({ id, words, number }) => (
            <th
              key={id}
              className={`px-1.5 pb-1.5 first:pl-0 ${number ? 'text-right' : 'text-left'}`}
            >
              {words}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}

/** A cell of such a table. */
export function Cell({
  number = false,
  children,
}: {
  number?: boolean;
  children: ReactNode;
}): ReactNode {
  return (
    <td className={`px-1.5 py-0.5 first:pl-0 ${number ? 'num text-right whitespace-nowrap' : ''}`}>
      {children}
    </td>
  );
}

import type { ReactNode } from 'react';

interface FieldLabelProps {
  readonly of: string;
  /** For those who do not see the table that the field stands in. */
  readonly hidden?: boolean;
  readonly children: ReactNode;
}

/** The label over a field. */
export function FieldLabel({ of, hidden = false, children }: FieldLabelProps): ReactNode {
  return (
    <label
      htmlFor={of}
      className={hidden ? 'sr-only' : 'block text-label font-semibold text-ink-2'}
    >
      {children}
    </label>
  );
}

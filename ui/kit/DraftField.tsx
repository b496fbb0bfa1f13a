'use client';

import { useId, useState, type ReactNode } from 'react';
import { FieldLabel } from './FieldLabel';

interface DraftFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Lines of a field for several of them. */
  readonly lines?: number;
  readonly placeholder?: string;
  readonly className?: string;
}

/** A text of the office. While it is typed the draft shows; what is stored may come a moment later. */
export function DraftField({
  label,
  value,
  onChange,
  lines,
  placeholder,
  className = 'w-52',
}: DraftFieldProps): ReactNode {
  const id = useId();
  const [draft, setDraft] = useState<string>();
  const shared = {
    id,
    placeholder,
    value: draft ?? value,
    onChange: (event: { target: { value: string } }) => {
      setDraft(event.target.value);
      onChange(event.target.value);
    },
    onBlur: () => setDraft(undefined),
  };
  return (
    <div className="min-w-0">
      <FieldLabel of={id}>{label}</FieldLabel>
      {lines ? (
        <textarea
          {...shared}
          rows={lines}
          maxLength={4000}
          className={`field h-auto py-1.5 ${className}`}
        />
      ) : (
        <input {...shared} autoComplete="off" maxLength={200} className={`field ${className}`} />
      )}
    </div>
  );
}

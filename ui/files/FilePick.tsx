'use client';

import { useRef, type ReactNode } from 'react';
import { Button } from '../kit/Button';

interface FilePickProps {
  readonly label: string;
  readonly accept: string;
  readonly look?: 'plain' | 'quiet';
  readonly disabled?: boolean;
  readonly onFile: (file: File) => void;
}

/** A button that asks for a file; the same file can be given again. */
export function FilePick({
  label,
  accept,
  look = 'plain',
  disabled = false,
  onFile,
}: FilePickProps): ReactNode {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button look={look} disabled={disabled} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={label}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
    </>
  );
}

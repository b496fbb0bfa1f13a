import type { ButtonHTMLAttributes, ReactNode } from 'react';

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly look?: 'primary' | 'plain' | 'quiet';
}

const LOOKS = {
  // The border shows where the system paints in colours of its own.
  primary:
    'border border-transparent bg-spruce px-3.5 font-semibold text-sheet hover:bg-spruce-deep disabled:border-control disabled:bg-paper disabled:text-ink-2',
  plain:
    'border border-control bg-sheet px-3 hover:bg-spruce-wash disabled:border-rule disabled:bg-paper disabled:text-ink-2',
  quiet: 'min-w-6 justify-center px-1 font-semibold text-spruce hover:underline',
} as const;

/** A push button in one of the three looks. */
export function Button({ look = 'plain', className = '', ...rest }: ButtonProps): ReactNode {
  return (
    <button
      type="button"
      className={`inline-flex h-8 items-center gap-2 rounded whitespace-nowrap ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}

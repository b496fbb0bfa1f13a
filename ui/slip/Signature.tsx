import type { ReactNode } from 'react';
import { useOffice } from './useOffice';

/** Who signs, and how to reach the office. */
export function Signature(): ReactNode {
  const { signature, contact } = useOffice();
  if (signature.trim() === '' && contact.trim() === '') return null;
  return (
    <div className="mt-5 grid grid-cols-2 gap-6 font-serif text-slip whitespace-pre-line print:break-inside-avoid">
      <p>{signature.trim()}</p>
      <p>{contact.trim()}</p>
    </div>
  );
}

import type { ReactNode } from 'react';
import { useVoice } from '../format/voiceContext';
import { useOffice } from './useOffice';

/** Who signs, and how to reach the office. */
export function Signature(): ReactNode {
  const voice = useVoice();
  const { signature, contact } = useOffice();
  if (signature.trim() === '' && contact.trim() === '') return null;
  return (
    <div className="mt-5 border-t border-rule pt-3 font-serif text-slip print:break-inside-avoid">
      <h3 className="text-case font-semibold">{voice.text('slip.section.ask')}</h3>
      <div className="mt-1.5 grid grid-cols-2 gap-6 whitespace-pre-line">
        <p>{signature.trim()}</p>
        <p>{contact.trim()}</p>
      </div>
    </div>
  );
}

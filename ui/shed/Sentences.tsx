import type { ReactNode } from 'react';
import type { Msg } from '../../core/kernel/messages/msg';
import { FigureText } from '../working/FigureText';
import { Openable } from '../working/Openable';

/** What there is to say of a material; its figures open. */
export function Sentences({ sentences }: { sentences: readonly Msg[] }): ReactNode {
  return (
    <ul className="mb-2 max-w-2xl rounded bg-paper px-3 py-2">
      {sentences.map((sentence, index) => (
        <li key={index} className="py-0.5">
          <Openable>
            <FigureText message={sentence} />
          </Openable>
        </li>
      ))}
    </ul>
  );
}

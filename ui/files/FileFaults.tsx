import type { ReactNode } from 'react';
import type { LocatedFault } from '../../files/located';
import { messageText } from '../format/message';
import { text } from '../format/text';

/** What a file was refused for, at its lines. */
export function FileFaults({
  name,
  faults,
}: {
  name: string;
  faults: readonly LocatedFault[];
}): ReactNode {
  return (
    <div className="border-l-3 border-madder bg-madder-wash px-3 py-1.5">
      <p className="font-semibold">{text('desk.refused', { name })}</p>
      <ul>
        {faults.map((fault, index) => (
          <li key={index}>
            {text('file.at', { line: fault.line, column: fault.column })}{' '}
            {messageText(fault.reason)}
          </li>
        ))}
      </ul>
    </div>
  );
}

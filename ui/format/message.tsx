import { Fragment, isValidElement, type ReactNode } from 'react';
import type { Msg } from '../../core/kernel/messages/msg';
import type { Workings } from '../../core/kernel/working/workings';
import type { Voice } from '../../words/voice';
import { voice } from './text';

/** A message as plain text. */
export function messageText(message: Msg, workings?: Workings, plain = false): string {
  return voice.message(message, { ...(workings ? { workings } : {}), plain });
}

const GRADE = /(\d{1,2}(?:\.\d)?-\d{1,2}(?:\.\d)?-\d{1,2}(?:\.\d)?)/;

/** A grade is one word: it must not part at its hyphens. */
function unbroken(words: string): ReactNode {
  return words.split(GRADE).map((piece, index) =>
    index % 2 === 0 ? (
      piece
    ) : (
      <span key={index} className="whitespace-nowrap">
        {piece}
      </span>
    ),
  );
}

/** Begins the key of a node that is a figure. */
const FIGURE = 'figure:';

function isFigure(part: ReactNode): boolean {
  return isValidElement(part) && (part.key ?? '').startsWith(FIGURE);
}

const SIGN = /^[,.;:)]+/;

/** A figure keeps the sign that follows it on its own line; words let go of what a figure took. */
function besideItsSign(parts: readonly ReactNode[], part: ReactNode, index: number): ReactNode {
  if (typeof part === 'string') {
    return unbroken(isFigure(parts[index - 1]) ? part.replace(SIGN, '') : part);
  }
  const next = parts[index + 1];
  const sign = typeof next === 'string' && isFigure(part) ? SIGN.exec(next)?.[0] : undefined;
  if (!sign) return part;
  return (
    <span className="whitespace-nowrap">
      {part}
      {sign}
    </span>
  );
}

interface RichOptions {
  /** The voice that it is written in. */
  readonly voice: Voice;
  readonly workings: Workings;
  /** Renders the figure of a working inside the sentence. */
  readonly figure: (workingId: string) => ReactNode;
  readonly plain?: boolean;
}

/** A message as nodes, its figures openable. */
export function richMessage(message: Msg, options: RichOptions): ReactNode {
  const { voice } = options;
  const params = Object.fromEntries(
    Object.entries(message.params ?? {}).map(([key, param]): [string, ReactNode] => {
      if (typeof param === 'object' && 'working' in param) {
        return [key, <Fragment key={`${FIGURE}${key}`}>{options.figure(param.working)}</Fragment>];
      }
      if (typeof param === 'object' && 'id' in param) {
        return [key, <Fragment key={key}>{richMessage(param, options)}</Fragment>];
      }
      return [key, voice.param(param, options)];
    }),
  );
  const bold = (parts: ReactNode[]): ReactNode => <strong key="b">{parts}</strong>;
  const parts = [
    voice.format(message.id).format<ReactNode>({
      units: voice.units,
      ...params,
      b: bold,
    }),
  ].flat();
  return parts.map((part, index) => (
    <Fragment key={index}>{besideItsSign(parts, part, index)}</Fragment>
  ));
}

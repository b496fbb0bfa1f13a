'use client';

import type { ReactNode } from 'react';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { useVoice } from '../format/voiceContext';
import { useScope, useWorkings } from './openWorking';

interface FigureProps {
  /** Id of the working. */
  readonly id: string;
  readonly bold?: boolean;
  /** The client's words for units. */
  readonly plain?: boolean;
  /** The unit stands in the column's head. */
  readonly bare?: boolean;
  /** A difference: more has its plus sign. */
  readonly signed?: boolean;
}

/** A number of the plan; pressing it opens the sum that made it. A dash where there is none. */
export function Figure({
  id,
  bold = false,
  plain = false,
  bare = false,
  signed = false,
}: FigureProps): ReactNode {
  const { workings, open, toggle } = useWorkings();
  const scope = useScope();
  const voice = useVoice();
  const working = workings.get(id);
  if (!working || 'absent' in working) {
    const why = working ? messageText(working.absent, workings) : text('figure.none');
    return (
      <span title={why} className="text-ink-2">
        {text('figure.dash')}
        <span className="sr-only">{why}</span>
      </span>
    );
  }
  const { before, number, after } = voice.parts(working.value, plain);
  // On the client's page the unit is part of the sentence; elsewhere it steps back.
  const quiet = plain ? '' : 'text-[0.93em] font-normal text-ink-2';
  const unitLook = bare ? 'sr-only' : quiet;
  const expanded = open?.id === id && open.scope === scope;
  return (
    <button
      type="button"
      data-working={id}
      aria-expanded={expanded}
      title={text('figure.open')}
      onClick={(event) => toggle(id, scope, event.currentTarget)}
      className={`num inline-block min-h-6 min-w-6 rounded text-left whitespace-nowrap hover:bg-spruce-wash ${bold ? 'font-semibold' : ''}`}
    >
      <span className="border-b border-dotted border-spruce pb-px print:border-0">
        {before && <span className={bare ? 'sr-only' : ''}>{before} </span>}
        {signed && working.value.value > 0 && text('figure.plus')}
        {number}
      </span>
      {after && <span className={unitLook}> {after}</span>}
    </button>
  );
}

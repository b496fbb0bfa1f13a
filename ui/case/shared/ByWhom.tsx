'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import type { ReactNode } from 'react';
import { db } from '../../../store/db';
import { lastAt, revisionsOf } from '../../../store/history';
import { formatDate, localDay } from '../../format/date';
import { text } from '../../format/text';
import { useCase } from '../context/caseContext';

interface ByWhomProps {
  readonly place: string;
  /** What was done stands beside it. */
  readonly short?: boolean;
}

/** By whom and when a record of the case was last changed, where the desk knows. */
export function ByWhom({ place, short = false }: ByWhomProps): ReactNode {
  const { id } = useCase().state.doc;
  const last = useLiveQuery(async () => lastAt(await revisionsOf(db, id), place), [id, place]);
  if (!last || last.at === 0) return null;
  const date = formatDate(localDay(new Date(last.at)));
  return (
    <span
      className={`max-w-80 truncate text-small text-ink-2 ${short ? '' : 'self-center'}`}
      data-by-whom=""
    >
      {last.by === ''
        ? text(short ? 'byWhom.on' : 'byWhom.changedOn', { date })
        : text(short ? 'byWhom.who' : 'byWhom.changedBy', { who: last.by, date })}
    </span>
  );
}

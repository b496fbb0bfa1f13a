'use client';

import '../../format/desksWords';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState, type ReactNode } from 'react';
import { db } from '../../../store/db';
import { revisionsOf } from '../../../store/history';
import { formatDate, formatTime, localDay } from '../../format/date';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { placeName, placeValue } from '../../merge/placeName';
import { useCase } from '../context/caseContext';

/** So many are shown at first, and so many places of each. */
const FIRST = 20;
const PLACES = 12;

/** What was changed of the case, by whom and when, the newest first. */
export function Changes(): ReactNode {
  const { doc } = useCase().state;
  const revisions = useLiveQuery(() => revisionsOf(db, doc.id), [doc.id]);
  const [all, setAll] = useState(false);
  if (!revisions) return null;
  const newest = [...revisions].reverse();
  const shown = all ? newest : newest.slice(0, FIRST);
  if (shown.length === 0) return <p className="text-ink-2">{text('changes.none')}</p>;
  return (
    <>
      <ol className="max-w-3xl">
        {shown.map(({ seq, at, by, patches }) => {
          const moment = new Date(at);
          return (
            <li key={seq} className="border-b border-rule-2 py-1">
              <p>
                <span className="font-semibold">{by || text('changes.nobody')}</span>{' '}
                <span className="text-ink-2">
                  {at > 0
                    ? text('changes.when', {
                        date: formatDate(localDay(moment)),
                        time: formatTime(moment),
                      })
                    : text('changes.unknown')}
                </span>
              </p>
              <ul className="text-small text-ink-2">
                {patches.slice(0, PLACES).map(({ path, was, value }, at) => (
                  <li key={at} className="break-words">
                    {text('changes.place', {
                      place: placeName(path, [doc]),
                      was: placeValue(was),
                      value: placeValue(value),
                    })}
                  </li>
                ))}
                {patches.length > PLACES && (
                  <li>{text('changes.places', { n: patches.length - PLACES })}</li>
                )}
                {patches.length === 0 && <li>{text('changes.came')}</li>}
              </ul>
            </li>
          );
        })}
      </ol>
      {newest.length > shown.length && (
        <Button look="quiet" onClick={() => setAll(true)}>
          {text('changes.all', { n: newest.length })}
        </Button>
      )}
    </>
  );
}

'use client';

import type { Paragraph } from '../../core/casefile/parts/paragraph';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import { stockOf, type Office } from '../../core/casefile/office';
import { changeOffice } from '../../store/office';
import { text } from '../format/text';
import { pageVoice } from '../slip/usePageVoice';
import { Button } from '../kit/Button';
import { DraftField } from '../kit/DraftField';

/** Paragraphs that most offices want, to begin with. */
const USUAL = ['watering', 'spreader', 'sampling'] as const;

function put(paragraph: Paragraph): void {
  void changeOffice(({ paragraphs }) => ({
    paragraphs: { ...paragraphs, [paragraph.id]: paragraph },
  }));
}

function remove(id: string): void {
  void changeOffice(({ paragraphs }) => {
    const { [id]: _gone, ...rest } = paragraphs;
    return { paragraphs: rest };
  });
}

function lastOrder(office: Office): number {
  return stockOf(office).at(-1)?.order ?? 0;
}

/** Puts the usual paragraphs there, in the words of both languages. */
async function addUsual(office: Office): Promise<void> {
  const spanish = await pageVoice('es');
  USUAL.forEach((name, index) =>
    put({
      id: nanoid(8),
      order: lastOrder(office) + index + 1,
      name: text(`stock.${name}.name`),
      text: text(`stock.${name}.text`),
      spanish: spanish.text(`stock.${name}.text`),
    }),
  );
}

/** The paragraphs that the office inserts into its slips, each under a name. */
export function Stock({ office }: { office: Office }): ReactNode {
  const [removed, setRemoved] = useState<Paragraph>();
  const stock = stockOf(office);
  const add = (): void =>
    put({ id: nanoid(8), order: lastOrder(office) + 1, name: '', text: '', spanish: '' });
  return (
    <>
      {stock.length === 0 && <p className="max-w-xl text-ink-2">{text('office.noStock')}</p>}
      <ul>
        {stock.map((paragraph) => (
          <li
            key={paragraph.id}
            className="flex flex-wrap items-start gap-x-5 gap-y-2 border-b border-rule-2 py-3 first:pt-0"
          >
            <DraftField
              label={text('office.stockName')}
              value={paragraph.name}
              onChange={(name) => put({ ...paragraph, name })}
            />
            <div className="min-w-64 flex-1">
              <DraftField
                label={text('office.stockText')}
                value={paragraph.text}
                lines={3}
                className="w-full"
                onChange={(words) => put({ ...paragraph, text: words })}
              />
            </div>
            <div className="min-w-64 flex-1">
              <DraftField
                label={text('office.stockSpanish')}
                value={paragraph.spanish}
                lines={3}
                className="w-full"
                onChange={(words) => put({ ...paragraph, spanish: words })}
              />
            </div>
            <Button
              look="quiet"
              className="mt-4"
              aria-label={text('office.removeStock', { name: paragraph.name })}
              onClick={() => {
                remove(paragraph.id);
                setRemoved(paragraph);
              }}
            >
              {text('past.remove')}
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <Button onClick={add}>{text('office.addStock')}</Button>
        {stock.length === 0 && (
          <Button look="quiet" onClick={() => void addUsual(office)}>
            {text('office.addUsual')}
          </Button>
        )}
        {removed && (
          <span role="status" className="flex items-center gap-2">
            {text('desk.deleted', { name: removed.name })}
            <Button
              look="quiet"
              onClick={() => {
                put(removed);
                setRemoved(undefined);
              }}
            >
              {text('desk.undo')}
            </Button>
          </span>
        )}
      </div>
    </>
  );
}

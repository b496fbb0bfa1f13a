'use client';

import { useId, type ReactNode } from 'react';
import type { FeedSource, NeedRow } from '../../core/feeding/need';
import { NUTRIENTS } from '../../core/feeding/nutrients';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Cell, Table } from '../parts/Table';
import { Figure } from '../working/Figure';
import { OpenableRow } from '../working/Openable';
import { useCase } from './caseContext';
import { decisionPlace } from './places';

function Source({ source }: { source: FeedSource }): ReactNode {
  const { session, state, area } = useCase();
  const id = useId();
  const place = decisionPlace(state.doc, area.area.id, 'feed-source');
  return (
    <span className="flex items-center gap-2">
      <input
        id={id}
        type="radio"
        name={`${area.area.id}-feed-source`}
        checked={area.feed.needs.source === source}
        onChange={() =>
          session.edit([{ path: place.path, value: place.write(source) }], `choose:feed:${source}`)
        }
        className="size-4 accent-spruce"
      />
      <label htmlFor={id}>{text(`feed.source.${source}`)}</label>
    </span>
  );
}

/** A rate, or in few words why there is none. */
function Rate({ figure, bold }: { figure: NeedRow['pack']; bold: boolean }): ReactNode {
  const { plan } = useCase();
  if (!('absent' in figure)) return <Figure id={figure.id} bold={bold} />;
  return (
    <span className="text-small whitespace-normal text-ink-2">
      {messageText(figure.absent, plan.workings)}
    </span>
  );
}

function Row({ row, compared }: { row: NeedRow; compared: boolean }): ReactNode {
  const { source } = useCase().area.feed.needs;
  return (
    <OpenableRow columns={6}>
      <tr className="border-b border-rule-2">
        <Cell>{text(`nutrient.${row.nutrient}`)}</Cell>
        <Cell number>
          <Rate figure={row.pack} bold={source === 'pack'} />
        </Cell>
        {compared && (
          <>
            <Cell number>
              <Rate figure={row.laboratory} bold={source === 'laboratory'} />
            </Cell>
            <Cell number>
              <Figure id={row.difference.id} signed />
            </Cell>
          </>
        )}
        <Cell number>{row.given && <Figure id={row.given.id} />}</Cell>
        <Cell number>{'absent' in row.need ? '' : <Figure id={row.need.id} bold />}</Cell>
      </tr>
    </OpenableRow>
  );
}

/** N, P2O5 and K2O by the pack and by the laboratory, side by side; one of the two is followed. */
export function NeedTable(): ReactNode {
  const { area } = useCase();
  const { rows } = area.feed.needs;
  const list: readonly NeedRow[] = NUTRIENTS.map((nutrient) => rows[nutrient] as NeedRow);
  const compared = list.some(({ laboratory }) => !('absent' in laboratory));
  return (
    <>
      {compared && (
        <fieldset className="mb-2 flex flex-wrap gap-x-6 gap-y-1">
          <legend className="sr-only">{text('feed.follow')}</legend>
          <Source source="pack" />
          <Source source="laboratory" />
        </fieldset>
      )}
      <Table
        label={text('ph.howMuch')}
        heads={[
          { id: 'nutrient', words: text('feed.head.nutrient') },
          { id: 'pack', words: text('feed.head.pack'), number: true },
          ...(compared
            ? [
                { id: 'laboratory', words: text('feed.head.laboratory'), number: true },
                { id: 'difference', words: text('feed.head.difference'), number: true },
              ]
            : []),
          { id: 'given', words: text('feed.head.given'), number: true },
          { id: 'need', words: text('feed.head.need'), number: true },
        ]}
      >
        {list.map((row) => (
          <Row key={row.nutrient} row={row} compared={compared} />
        ))}
      </Table>
      <p className="mt-1.5 text-small text-ink-2">{text('feed.perYear')}</p>
    </>
  );
}

'use client';

import type { ReactNode } from 'react';
import type { CautionId } from '../../core/tell/cautions';
import type { SlipBlock, SlipDocument } from '../../core/tell/slip/document';
import { FigureText } from '../working/FigureText';
import { Openable } from '../working/Openable';

/** Cautions that can hurt a body; the others are about water and the law. */
const HAZARDS: ReadonlySet<CautionId> = new Set([
  'lead',
  'salts',
  'caustic',
  'dust',
  'oxidizer',
  'pets',
  'burn',
]);

function Table({ block }: { block: Extract<SlipBlock, { kind: 'table' }> }): ReactNode {
  return (
    <table className="my-2 w-full max-w-md">
      <thead>
        <tr className="border-b border-rule text-left font-sans text-small text-ink-2">
          {block.head.map((head) => (
            <th key={head.id} className="py-1">
              <FigureText message={head} plain />
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {block.rows.map((row, index) => (
          <tr key={index} className="border-b border-rule-2">
            {row.map((cell) => (
              <td key={cell.id} className="num py-0.5">
                <FigureText message={cell} plain />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Block({ block }: { block: SlipBlock }): ReactNode {
  switch (block.kind) {
    case 'heading':
      return (
        <h3 className="text-case font-semibold">
          <FigureText message={block.text} plain />
        </h3>
      );
    case 'section':
      return (
        <h3 className="mt-5 border-t border-rule pt-3 text-case font-semibold">
          <FigureText message={block.text} plain />
        </h3>
      );
    case 'lead':
      return (
        <p className="mt-2.5 text-title font-semibold">
          <FigureText message={block.text} plain />
        </p>
      );
    case 'sentence':
      return (
        <p className="mt-1.5">
          <FigureText message={block.text} plain bold />
        </p>
      );
    case 'paragraph':
      return (
        <p className="mt-2.5">
          <FigureText message={block.text} plain />
        </p>
      );
    case 'table':
      return <Table block={block} />;
    case 'caution':
      return (
        <p
          className={`mt-2 border-l-3 px-2.5 py-1.5 font-sans text-small print:break-inside-avoid ${HAZARDS.has(block.caution) ? 'border-madder bg-madder-wash' : 'border-control bg-sheet'}`}
        >
          <strong>
            <FigureText message={block.title} plain />
          </strong>{' '}
          <FigureText message={block.text} plain />
        </p>
      );
  }
}

/** One block of the client's page; its figures open under it. */
export function SlipLine({ block }: { block: SlipBlock }): ReactNode {
  return (
    <div
      className={
        block.kind === 'heading'
          ? 'not-first:mt-5 not-first:border-t not-first:border-rule not-first:pt-3'
          : ''
      }
    >
      <Openable>
        <Block block={block} />
      </Openable>
    </div>
  );
}

/** The blocks of the client's page. */
export function SlipBlocks({ blocks }: { blocks: SlipDocument['blocks'] }): ReactNode {
  return (
    <div className="font-serif text-slip">
      {blocks.map((block, index) => (
        <SlipLine key={index} block={block} />
      ))}
    </div>
  );
}

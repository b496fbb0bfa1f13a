'use client';

import { outlineText } from '../../../core/casefile/parts/attachment';
import type { ReactNode } from 'react';
import { text } from '../../format/text';
import { Figure } from '../../working/Figure';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { ShapeFields } from './ShapeFields';
import { ShapeFigure } from './ShapeFigure';

/** Both rules for irregular ground stand beside one another; the smaller counts. */
function Rules({ id }: { id: string }): ReactNode {
  return (
    <p className="flex flex-wrap gap-x-5 text-small text-ink-2">
      {(['trapezoids', 'simpson'] as const).map((rule) => (
        <span key={rule}>
          {text(`ground.offsets-${rule}`)} <Figure id={`${id}/ground/${rule}`} />
        </span>
      ))}
    </p>
  );
}

function Result(): ReactNode {
  const { area } = useCase();
  const { ground } = area;
  const { id, shape } = area.area;
  if (ground.rows) {
    return (
      <div>
        <Openable>
          <Figure id={`${id}/ground/row-length`} bold />
        </Openable>
        <p className="max-w-md text-small text-ink-2">{text('ground.rowsHelp')}</p>
      </div>
    );
  }
  if (!ground.known) return <p className="text-ink-2">{text('ground.unknownHelp')}</p>;
  return (
    <div>
      <Openable>
        <span className="flex flex-wrap items-baseline gap-x-5">
          <Figure id={ground.area.id} bold />
          {ground.volume && (
            <span>
              <Figure id={ground.volume.id} />{' '}
              <Figure
                id={`${ground.volume.id}/${ground.parts?.kind === 'bed' ? 'yards' : 'gallons'}`}
              />
            </span>
          )}
        </span>
        {shape.kind === 'offsets' && <Rules id={id} />}
      </Openable>
    </div>
  );
}

/** The shape of the ground, its measures, a figure of it, and what it comes to. */
export function Size(): ReactNode {
  const { area, state } = useCase();
  const { id, shape } = area.area;
  return (
    <>
      <ShapeFields shape={shape} at={`areas/${id}/shape`} />
      <div className="mt-3 flex items-center gap-5">
        <ShapeFigure
          shape={shape}
          outline={outlineText(state.doc, shape.outline)}
          className="h-36 w-54 shrink-0"
          named
        />
        <Result />
      </div>
    </>
  );
}

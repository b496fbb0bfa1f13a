'use client';

import type { ReactNode } from 'react';
import { text } from '../format/text';
import { Figure } from '../working/Figure';
import { Openable } from '../working/Openable';
import { useCase } from './caseContext';
import { ShapeFigure } from './ShapeFigure';

/** The case's ground as small shapes, with what the figures rest on. */
export function GroundRail(): ReactNode {
  const { area, state } = useCase();
  const { ground } = area;
  const report = Object.values(state.doc.reports)[0];
  return (
    <>
      <h2 className="mb-2 text-label font-semibold text-ink-2">{text('rail.ground')}</h2>
      <div className="-mx-2 rounded border-l-3 border-spruce bg-spruce-wash p-2">
        <Openable>
          <div className="flex items-center gap-3">
            <ShapeFigure shape={area.area.shape} className="h-10 w-14 shrink-0" />
            <div className="min-w-0">
              <p className="truncate font-semibold">
                {area.area.name.trim() || text('area.unnamed')}
              </p>
              <p className="truncate text-small text-ink-2">{text(`plant.${area.plant.id}`)}</p>
              <p className="text-small">
                {ground.known ? <Figure id={ground.area.id} /> : text('rail.unknown')}
              </p>
            </div>
          </div>
        </Openable>
      </div>
      <h2 className="mt-5 mb-1 text-label font-semibold text-ink-2">{text('rail.restsOn')}</h2>
      <p className="text-small text-ink-2">
        {area.readings.begun
          ? text('rail.report', {
              laboratory: report?.laboratory.trim() || text('rail.noLaboratory'),
            })
          : text('rail.noReport')}
      </p>
      {report && report.date.trim() !== '' && (
        <p className="text-small text-ink-2">{report.date}</p>
      )}
    </>
  );
}

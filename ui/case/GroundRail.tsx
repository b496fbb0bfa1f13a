'use client';

import { outlineText } from '../../core/casefile/parts/attachment';
import type { AreaPlan, BrokenArea } from '../../core/area/areaPlan';
import type { ReactNode } from 'react';
import { reportFor } from '../../core/site/report/reports';
import { parseDate } from '../../core/kernel/typed/date';
import { formatDate } from '../format/date';
import { text } from '../format/text';
import { StepMark } from '../kit/StepMark';
import { Figure } from '../working/Figure';
import { Openable } from '../working/Openable';
import { useCase } from './context/caseContext';
import { areaName } from '../format/areaName';
import { brokenName } from './BrokenGround';
import { sampleName } from './context/groundEdits';
import { ShapeFigure } from './ground/ShapeFigure';

const CHOSEN = 'border-spruce bg-spruce-wash';
const OTHER = 'border-transparent hover:bg-spruce-wash/60 forced-colors:border-[Canvas]';

function Size({ each }: { each: AreaPlan }): ReactNode {
  const { ground, area } = each;
  if (!ground.known && !ground.rows) return text('rail.unknown');
  return <Figure id={ground.rows ? `${area.id}/ground/row-length` : ground.area.id} />;
}

function RailEntry({ each }: { each: AreaPlan }): ReactNode {
  const { area, broken, all, plan, go, step, state } = useCase();
  const { id } = each.area;
  const chosen = !all && !broken && id === area.area.id;
  const open = plan.findings.some(
    (finding) => finding.severity !== 'note' && finding.areaId === id,
  );
  return (
    <li className={`rounded border-l-3 p-2 ${chosen ? CHOSEN : OTHER}`}>
      <Openable>
        <div className="flex items-center gap-3">
          <ShapeFigure
            shape={each.area.shape}
            outline={outlineText(state.doc, each.area.shape.outline)}
            className="h-10 w-14 shrink-0"
          />
          <div className="min-w-0 flex-1">
            <button
              type="button"
              aria-current={chosen ? 'true' : undefined}
              onClick={() => go(step, id)}
              className="block w-full text-left"
            >
              <span className="block truncate font-semibold">{areaName(each)}</span>
              <span className="block truncate text-small text-ink-2">
                {text(`plant.${each.plant.id}`)}
              </span>
            </button>
            <div className="text-small">
              <Size each={each} />
            </div>
          </div>
          {open && <StepMark state="decide" />}
        </div>
      </Openable>
    </li>
  );
}

/** Ground that could not be worked out: it is listed all the same. */
function BrokenEntry({ each }: { each: BrokenArea }): ReactNode {
  const { broken, go, step } = useCase();
  const chosen = broken?.area.id === each.area.id;
  return (
    <li className={`rounded border-l-3 p-2 ${chosen ? CHOSEN : OTHER}`}>
      <button
        type="button"
        aria-current={chosen ? 'true' : undefined}
        onClick={() => go(step, each.area.id)}
        className="block w-full text-left"
      >
        <span className="block truncate font-semibold">{brokenName(each)}</span>
        <span className="block truncate text-small text-madder">{text('broken.short')}</span>
      </button>
    </li>
  );
}

/** What the chosen ground rests on. */
function RestsOn(): ReactNode {
  const { area, state } = useCase();
  const { doc } = state;
  const found = reportFor(doc, area.area.id);
  const sample = found?.sample;
  const by = area.readings.phFromField;
  const report = by?.report ?? found?.report;
  const unnamed = by ? text(`source.${by.source}`) : text('rail.noLaboratory');
  const reported = parseDate(report?.date ?? '');
  const words = area.readings.begun
    ? text('rail.report', {
        sample: sample ? sampleName(doc, sample.id) : '',
        laboratory: report?.laboratory.trim() || unnamed,
      })
    : text(sample ? 'rail.noReport' : 'rail.untested');
  return (
    <>
      <h2 className="mt-4 mb-1 text-label font-semibold text-ink-2">{text('rail.restsOn')}</h2>
      <p className="text-small text-ink-2">{words}</p>
      {report && sample && reported.kind === 'value' && (
        <p className="text-small text-ink-2">{formatDate(reported.value)}</p>
      )}
    </>
  );
}

/** The case's ground as small shapes, with what the figures rest on; "all ground" comes first. */
export function GroundRail(): ReactNode {
  const { plan, broken, all, go, step } = useCase();
  return (
    <>
      <h2 className="mb-2 text-label font-semibold text-ink-2">{text('rail.ground')}</h2>
      <ul className="-mx-2 grid grid-cols-[minmax(0,1fr)] gap-1">
        {plan.areas.length > 1 && (
          <li>
            <button
              type="button"
              aria-current={all ? 'true' : undefined}
              onClick={() => go(step, 'all')}
              className={`w-full rounded border-l-3 p-2 text-left font-semibold ${all ? CHOSEN : OTHER}`}
            >
              {text('rail.all')}
            </button>
          </li>
        )}
        {plan.areas.map((each) => (
          <RailEntry key={each.area.id} each={each} />
        ))}
        {plan.broken.map((each) => (
          <BrokenEntry key={each.area.id} each={each} />
        ))}
      </ul>
      {!all && !broken && <RestsOn />}
    </>
  );
}

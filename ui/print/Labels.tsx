import { sampleOf } from '../../core/casefile/parts/sample';
import type { ReactNode } from 'react';
import { type CaseFile } from '../../core/casefile/casefile';
import type { Plan } from '../../core/plan/types';
import { isUnnamed } from '../../core/tell/slip/unnamed';
import { dateAsTyped } from '../format/date';
import { quantityText } from '../format/quantity';
import { text } from '../format/text';
import { areaName } from '../format/areaName';
import { sampleName } from '../case/context/groundEdits';
import { QrCode } from './QrCode';

/** A label for each bag: its name, large and as a code, its ground, its depth, and lead where wanted. */
export function Labels({ file, plan }: { file: CaseFile; plan: Plan }): ReactNode {
  const samples = Object.values(file.samples);
  if (samples.length === 0) return <p>{text('sheet.noSamples')}</p>;
  return (
    <ul className="grid max-w-3xl grid-cols-2 gap-4">
      {samples.map((sample) => {
        const areas = plan.areas.filter(({ area }) => sampleOf(file, area.id)?.id === sample.id);
        const depth = areas[0]?.sampling.depth;
        const name = sampleName(file, sample.id);
        return (
          <li
            key={sample.id}
            className="flex min-h-36 gap-3 rounded border border-ink p-3 print:break-inside-avoid"
          >
            <QrCode value={name} className="size-28 shrink-0" />
            <div className="min-w-0">
              <p className="font-serif text-decision font-semibold break-words">{name}</p>
              <p className="break-words">{areas.map(areaName).join(', ')}</p>
              {depth && !('absent' in depth) && (
                <p>{text('sheet.depth', { depth: quantityText(depth.value, true) })}</p>
              )}
              {!isUnnamed(file) && (
                <p className="text-ink-2">
                  {[file.title, file.client.name].filter((part) => part.trim() !== '').join(', ')}
                </p>
              )}
              <p className="mt-2 border-b border-control text-small text-ink-2">
                {text('sheet.taken')} {dateAsTyped(sample.takenOn)}
              </p>
              {sample.lead === 'yes' && <p className="mt-1 font-semibold">{text('sheet.lead')}</p>}
            </div>
          </li>
        );
      })}
    </ul>
  );
}

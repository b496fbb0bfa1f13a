'use client';

import { useState, type ReactNode } from 'react';
import { outlineText } from '../../../core/casefile/parts/attachment';
import type { Outline } from '../../../files/geojson';
import type { LocatedFault } from '../../../files/located';
import { download } from '../../files/download';
import { FilePick } from '../../files/FilePick';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { useCase } from '../context/caseContext';
import { areaName } from '../../format/areaName';
import { readMapFile } from './readMapFile';

type Outcome =
  | { readonly kind: 'reading' }
  | { readonly kind: 'read'; readonly name: string; readonly outline: Outline }
  | { readonly kind: 'choose'; readonly outlines: readonly Outline[] }
  | { readonly kind: 'refused'; readonly name: string; readonly fault: LocatedFault };

function called({ name }: Outline, index: number): string {
  return name || text('ground.mapFeature', { n: index + 1 });
}

/** An outline from a GeoJSON file, and the case's outlines into one. */
export function OutlineFile({ at }: { at: string }): ReactNode {
  const { session, plan, state } = useCase();
  const [outcome, setOutcome] = useState<Outcome>();
  const take = async (outline: Outline, index: number): Promise<void> => {
    const id = await session.attach({ kind: 'outline', text: outline.outline });
    session.edit([{ path: `${at}/outline`, value: id }], `outline:${id}`);
    setOutcome({ kind: 'read', name: called(outline, index), outline });
  };
  const read = async (file: File): Promise<void> => {
    setOutcome({ kind: 'reading' });
    const result = await readMapFile(file);
    if (result.kind === 'refused') {
      setOutcome({ kind: 'refused', name: file.name, fault: result.fault });
      return;
    }
    const [only, ...more] = result.outlines;
    if (only && more.length === 0) await take(only, 0);
    else setOutcome({ kind: 'choose', outlines: result.outlines });
  };
  const save = async (): Promise<void> => {
    const { writeGeoJson } = await import('../../../files/geojson');
    const grounds = plan.areas.map((each) => ({
      name: areaName(each),
      squareFeet: 'absent' in each.ground.area ? null : each.ground.area.value.value,
      outline:
        each.area.shape.kind === 'outline' ? outlineText(state.doc, each.area.shape.outline) : '',
    }));
    download('ground.geojson', [writeGeoJson(grounds)], 'application/geo+json');
  };
  return (
    <div className="mt-2 grid gap-2">
      <div className="flex flex-wrap items-center gap-4">
        <FilePick
          label={text('ground.mapFile')}
          accept=".geojson,.json,application/geo+json"
          onFile={(file) => void read(file)}
        />
        <Button look="quiet" onClick={() => void save()}>
          {text('ground.mapOut')}
        </Button>
      </div>
      <p className="text-small text-ink-2">{text('ground.mapHelp')}</p>
      <div role="status">
        {outcome?.kind === 'reading' && <p>{text('ground.mapReading')}</p>}
        {outcome?.kind === 'read' && (
          <p>
            {text('ground.mapRead', { name: outcome.name, n: outcome.outline.corners })}
            {outcome.outline.reversed && ` ${text('geojson.reversed')}`}
          </p>
        )}
        {outcome?.kind === 'refused' && (
          <p className="border-l-3 border-madder bg-madder-wash px-3 py-1.5">
            <strong>{text('desk.refused', { name: outcome.name })}</strong>{' '}
            {text('file.at', { line: outcome.fault.line, column: outcome.fault.column })}{' '}
            {messageText(outcome.fault.reason)}
          </p>
        )}
        {outcome?.kind === 'choose' && (
          <>
            <p>{text('ground.mapSeveral', { n: outcome.outlines.length })}</p>
            <ul className="flex max-h-40 flex-wrap gap-2 overflow-y-auto py-1">
              {outcome.outlines.map((outline, index) => (
                <li key={index}>
                  <Button onClick={() => void take(outline, index)}>
                    {called(outline, index)}
                  </Button>
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
    </div>
  );
}

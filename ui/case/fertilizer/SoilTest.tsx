'use client';

import type { ReactNode } from 'react';
import type { SoilReading } from '../../../core/reading/soilTest';
import { text } from '../../format/text';
import { Track, type Scale } from '../../kit/Track';
import { FigureText } from '../../working/FigureText';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';

/** A scale that holds all bands and the value. */
function scaleFor(ends: readonly number[], value: number): Scale {
  const last = ends[ends.length - 1] ?? 1;
  return { from: 0, to: Math.max(last * 1.5, value * 1.1), ticks: [0, ...ends] };
}

/** A nutrient on the pack's track, with its one sentence. */
function Reading({ reading }: { reading: SoilReading }): ReactNode {
  const { value, rating, ends, sentence } = reading;
  const [, medium = 0, high = 0] = ends;
  return (
    <Openable>
      <p>
        <FigureText message={sentence} bold />
      </p>
      {rating && !('absent' in value) && (
        <Track
          window={{ low: medium, high }}
          scale={scaleFor(ends, value.value.value)}
          value={value.value.value}
          whisker={value.range}
          width={260}
          label={text(`reading.track.${reading.analyte}`)}
        />
      )}
    </Openable>
  );
}

/** What the report says of phosphorus and potassium, each on its track. */
export function SoilTest(): ReactNode {
  const { area } = useCase();
  const { soilTest, readings } = area;
  if (readings.untested) return <p>{text('reading.untested')}</p>;
  return (
    <div className="grid gap-x-8 gap-y-3 margin:grid-cols-2">
      {[soilTest.p, soilTest.k].map((reading) => (
        <div key={reading.analyte}>
          <Reading reading={reading} />
        </div>
      ))}
      <p className="text-small text-ink-2 margin:col-span-2">{text('reading.trackHelp')}</p>
    </div>
  );
}

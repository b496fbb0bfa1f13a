'use client';

import {
  SHAPE_MEASURES,
  SHAPES,
  type Measure,
  type Shape,
} from '../../../core/casefile/parts/shape';
import type { ReactNode } from 'react';
import { text } from '../../format/text';
import { useCase } from '../context/caseContext';
import { SelectField, TextArea, TextField } from '../fields/Fields';
import { measureName } from './measureNames';
import { OutlineFile } from './OutlineFile';
import { textPlace } from '../context/places';
import { named } from '../../format/choices';

/** Measures that nobody needs: Enter passes them by. */
const CHECKS: ReadonlySet<Measure> = new Set(['perimeter', 'depth', 'strip']);

/** Units that stand behind the fields; lengths are in feet. */
const UNITS = { squareFeet: 'unit.ft2', number: '', offsets: '', points: '' } as const;

/** The unit behind a measure's field; '' is none. */
function unitOf(measure: Measure): 'unit.ft' | (typeof UNITS)[keyof typeof UNITS] {
  return measure in UNITS ? UNITS[measure as keyof typeof UNITS] : 'unit.ft';
}

interface ShapeFieldsProps {
  readonly shape: Shape;
  /** Its place in the case file. */
  readonly at: string;
  /** Whether its kind may be one that has no size, or is counted in rows. */
  readonly whole?: boolean;
}

/** The kind of a shape and the measures of that kind. */
export function ShapeFields({ shape, at, whole = true }: ShapeFieldsProps): ReactNode {
  const { doc } = useCase().state;
  const { kind } = shape;
  const kinds = SHAPES.filter((each) => whole || (each !== 'unknown' && each !== 'rows'));
  const lengths = whole && SHAPE_MEASURES[kind].some((measure) => unitOf(measure) === 'unit.ft');
  return (
    <>
      <div className="flex flex-wrap items-start gap-3">
        <SelectField
          label={text('ground.shape')}
          place={textPlace(doc, `${at}/kind`)}
          options={named('shape', kinds)}
        />
        {SHAPE_MEASURES[kind].map((measure) => {
          const place = textPlace(doc, `${at}/${measure}`);
          const label = measureName(kind, measure);
          if (measure === 'points') return <TextArea key={measure} label={label} place={place} />;
          const unit = unitOf(measure);
          return (
            <TextField
              key={measure}
              label={label}
              place={place}
              width={measure === 'offsets' ? 'wide' : 'number'}
              stop={!CHECKS.has(measure)}
              {...(unit ? { unit: text(unit) } : {})}
            />
          );
        })}
      </div>
      {lengths && <p className="mt-1.5 text-small text-ink-2">{text('ground.howTyped')}</p>}
      {kind === 'outline' && <OutlineFile at={at} />}
    </>
  );
}

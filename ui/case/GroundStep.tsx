'use client';

import type { ReactNode } from 'react';
import { CLIPPINGS, SHAPES, SITUATIONS, type ShapeKind } from '../../core/casefile/casefile';
import { text } from '../format/text';
import { Section, StepHead } from '../parts/Section';
import { Figure } from '../working/Figure';
import { Openable } from '../working/Openable';
import { useCase } from './caseContext';
import { SelectField, TextField } from './Fields';
import { NextButton } from './NextButton';
import { textPlace } from './places';
import { ShapeFigure } from './ShapeFigure';

function options(prefix: string, values: readonly string[]): { value: string; words: string }[] {
  return values.map((value) => ({ value, words: text(`${prefix}.${value}`) }));
}

const MEASURES: Readonly<
  Record<ShapeKind, readonly ('length' | 'width' | 'diameter' | 'squareFeet')[]>
> = {
  rectangle: ['length', 'width'],
  circle: ['diameter'],
  'square-feet': ['squareFeet'],
  unknown: [],
};

function Result(): ReactNode {
  const { area } = useCase();
  const { ground } = area;
  if (!ground.known) return <p className="text-ink-2">{text('ground.unknownHelp')}</p>;
  return (
    <div>
      <Openable>
        <Figure id={ground.area.id} bold />
      </Openable>
    </div>
  );
}

/** Who asks, and what the ground is. */
export function GroundStep(): ReactNode {
  const { state, area } = useCase();
  const { doc } = state;
  const at = `areas/${area.area.id}`;
  const { kind } = area.area.shape;
  return (
    <>
      <StepHead title={text('ground.title')} act={<NextButton />} />
      <Section title={text('ground.who')}>
        <div className="grid gap-3">
          <TextField label={text('case.title')} place={textPlace(doc, 'title')} width="wide" />
          <div className="flex flex-wrap gap-3">
            <TextField
              label={text('case.client')}
              place={textPlace(doc, 'client/name')}
              width="words"
            />
            <TextField
              label={text('case.place')}
              place={textPlace(doc, 'client/place')}
              width="words"
            />
          </div>
          <TextField
            label={text('case.question')}
            place={textPlace(doc, 'client/question')}
            width="wide"
          />
        </div>
      </Section>
      <Section title={text('ground.what')}>
        <div className="flex flex-wrap gap-3">
          <TextField
            label={text('ground.name')}
            place={textPlace(doc, `${at}/name`)}
            width="words"
          />
          <SelectField
            label={text('ground.situation')}
            place={textPlace(doc, `${at}/situation`)}
            options={options('situation', SITUATIONS)}
          />
          <SelectField
            label={text('ground.clippings')}
            place={textPlace(doc, `${at}/clippings`)}
            options={options('clippings', CLIPPINGS)}
          />
        </div>
        <p className="mt-2 text-small text-ink-2">
          {text('ground.plant', { plant: text(`plant.${area.plant.id}`) })}
        </p>
      </Section>
      <Section title={text('ground.size')}>
        <div className="flex flex-wrap items-start gap-3">
          <SelectField
            label={text('ground.shape')}
            place={textPlace(doc, `${at}/shape/kind`)}
            options={options('shape', SHAPES)}
          />
          {MEASURES[kind].map((measure) => (
            <TextField
              key={measure}
              label={text(`ground.${measure}`)}
              place={textPlace(doc, `${at}/shape/${measure}`)}
              unit={text(measure === 'squareFeet' ? 'unit.ft2' : 'unit.ft')}
            />
          ))}
        </div>
        <div className="mt-3 flex items-center gap-4">
          <ShapeFigure shape={area.area.shape} className="h-16 w-24" />
          <Result />
        </div>
      </Section>
    </>
  );
}

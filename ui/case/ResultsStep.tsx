'use client';

import type { ReactNode } from 'react';
import { sampleOf, type Analyte } from '../../core/casefile/casefile';
import { RATE_UNITS } from '../../core/report/recommendation';
import { TEXTURES } from '../../core/tables/limeByTexture';
import { text } from '../format/text';
import { Button } from '../parts/Button';
import { Section, StepHead } from '../parts/Section';
import { useCase } from './caseContext';
import { SelectField, TextField } from './Fields';
import { Findings } from './Findings';
import { NextButton } from './NextButton';
import { giveSample } from './ground';
import { MoreValues } from './MoreValues';
import { Past } from './Past';
import { ReportFile } from './ReportFile';
import { decisionPlace, resultPlace, textPlace } from './places';
import {
  CHARGED_UNITS,
  EXTRACTANTS,
  LAB_BASES,
  LAB_UNITS,
  named,
  SOIL_UNITS,
  withUnknown,
} from './reportChoices';

const NUMBERS: readonly { readonly analyte: Analyte; readonly unit?: string }[] = [
  { analyte: 'ph-water' },
  { analyte: 'ph-smp' },
  { analyte: 'om', unit: 'unit.%' },
  { analyte: 'cec', unit: 'unit.meq/100g' },
];

const EXTRACTED = ['p', 'k'] as const;

const RECOMMENDED = [
  { analyte: 'rec-n', forms: [] },
  { analyte: 'rec-p', forms: ['P2O5', 'P'] },
  { analyte: 'rec-k', forms: ['K2O', 'K'] },
  { analyte: 'rec-product', forms: [] },
] as const;

/** The paper's own rows, in its order. */
function Values({ base }: { base: string }): ReactNode {
  const { doc } = useCase().state;
  const typed = (analyte: Analyte): boolean => resultPlace(doc, base, analyte).value !== '';
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      {NUMBERS.map(({ analyte, unit }) => (
        <TextField
          key={analyte}
          label={text(`analyte.${analyte}`)}
          place={resultPlace(doc, base, analyte)}
          {...(unit ? { unit: text(unit) } : {})}
        />
      ))}
      <SelectField
        label={text('analyte.texture')}
        place={resultPlace(doc, base, 'texture')}
        options={[{ value: '', words: text('texture.none') }, ...named('texture', TEXTURES)]}
        width="date"
      />
      {EXTRACTED.map((analyte) => (
        <div key={analyte} className="flex items-start gap-2">
          <TextField label={text(`analyte.${analyte}`)} place={resultPlace(doc, base, analyte)} />
          <SelectField
            label={text('results.labUnit')}
            place={resultPlace(doc, base, analyte, 'unit')}
            stop={typed(analyte)}
            options={named('soilUnit', analyte === 'k' ? CHARGED_UNITS : SOIL_UNITS)}
            width="date"
          />
          <SelectField
            label={text('results.extractant')}
            place={resultPlace(doc, base, analyte, 'method')}
            stop={typed(analyte)}
            options={withUnknown(named('extractant', EXTRACTANTS[analyte]))}
            width="unit"
          />
        </div>
      ))}
    </div>
  );
}

/** The laboratory's own nitrogen, phosphate and potash, or so much of a product. */
function LaboratoryFeed({ base }: { base: string }): ReactNode {
  const { doc } = useCase().state;
  const typed = (analyte: Analyte): boolean => resultPlace(doc, base, analyte).value !== '';
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      {RECOMMENDED.map(({ analyte, forms }) => (
        <div key={analyte} className="flex items-start gap-2">
          <TextField label={text(`results.${analyte}`)} place={resultPlace(doc, base, analyte)} />
          <SelectField
            label={text('results.labUnit')}
            place={resultPlace(doc, base, analyte, 'unit')}
            stop={typed(analyte)}
            options={named('rateUnit', RATE_UNITS)}
            width="date"
          />
          {forms.length > 0 && (
            <SelectField
              label={text('results.form')}
              place={resultPlace(doc, base, analyte, 'method')}
              stop={typed(analyte)}
              options={named('form', forms)}
              width="date"
            />
          )}
          {analyte === 'rec-product' && (
            <TextField
              label={text('results.grade')}
              place={resultPlace(doc, base, analyte, 'method')}
            />
          )}
        </div>
      ))}
    </div>
  );
}

function LaboratoryLime({ base, report }: { base: string; report: string }): ReactNode {
  const { state, area } = useCase();
  const { doc } = state;
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      <TextField
        label={text('results.labAmount')}
        place={resultPlace(doc, base, 'lime-rec', 'text')}
      />
      <SelectField
        label={text('results.labUnit')}
        place={resultPlace(doc, base, 'lime-rec', 'unit')}
        options={named('labUnit', LAB_UNITS)}
        width="unit"
      />
      <SelectField
        label={text('results.labBasis')}
        place={resultPlace(doc, base, 'lime-rec', 'method')}
        options={named('labBasis', LAB_BASES)}
      />
      <TextField
        label={text('report.depth')}
        place={textPlace(doc, `${report}/depth`)}
        unit={text('unit.in')}
      />
      <SelectField
        label={text('results.rescale')}
        place={decisionPlace(doc, area.area.id, 'lab-rescale')}
        options={named('rescale', ['', 'yes'])}
      />
    </div>
  );
}

/** Ground without a sample: it is fed without a test until it has one. */
function Untested(): ReactNode {
  const { state, area, session } = useCase();
  const give = (): void =>
    session.edit(giveSample(state.doc, area.area.id, 'new'), `sample:${area.area.id}:new`);
  return (
    <>
      <StepHead title={text('results.untested')} act={<NextButton />} />
      <p className="max-w-xl text-ink-2">{text('results.untestedHelp')}</p>
      <Button className="mt-4" onClick={give}>
        {text('results.giveSample')}
      </Button>
    </>
  );
}

/** The laboratory's paper, typed in its own order. */
export function ResultsStep(): ReactNode {
  const { state, area } = useCase();
  const { doc } = state;
  const report = Object.values(doc.reports)[0];
  const sample = sampleOf(doc, area.area.id);
  if (!report) return <p>{text('results.none')}</p>;
  if (!sample) return <Untested />;
  const at = `reports/${report.id}`;
  const base = `${at}/results/${sample.id}`;
  return (
    <>
      <StepHead title={text('results.title')} act={<NextButton />} />
      <Findings step="results" />
      <Section title={text('results.values')}>
        <Values base={base} />
      </Section>
      <Section title={text('results.more')}>
        <MoreValues base={base} />
      </Section>
      <Section title={text('results.dates')}>
        <div className="flex flex-wrap gap-x-5 gap-y-3">
          <TextField
            label={text('results.sampleName')}
            place={textPlace(doc, `samples/${sample.id}/name`)}
            width="date"
          />
          <TextField
            label={text('results.takenOn')}
            place={textPlace(doc, `samples/${sample.id}/takenOn`)}
            width="date"
          />
          <TextField
            label={text('results.reportDate')}
            place={textPlace(doc, `${at}/date`)}
            width="date"
          />
          <TextField
            label={text('results.planFrom')}
            place={textPlace(doc, 'planFrom')}
            width="date"
          />
          <TextField
            label={text('results.laboratory')}
            place={textPlace(doc, `${at}/laboratory`)}
            width="words"
          />
        </div>
      </Section>
      <Section title={text('results.labLime')}>
        <LaboratoryLime base={base} report={at} />
      </Section>
      <Section title={text('results.labFeed')}>
        <LaboratoryFeed base={base} />
      </Section>
      <Section title={text('results.file')}>
        <ReportFile reportId={report.id} />
      </Section>
      <Section title={text('results.past')}>
        <Past />
      </Section>
    </>
  );
}

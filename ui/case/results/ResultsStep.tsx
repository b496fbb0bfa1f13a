'use client';

import '../../format/resultsWords';
import { useState, type ReactNode } from 'react';
import { ANALYTE_FACTS, type Analyte } from '../../../core/catalog/analytes';
import { layoutOf, linesOf } from '../../../core/casefile/layouts';
import { RATE_UNITS, RECOMMENDED_PER } from '../../../core/site/report/recommendation';
import { reportFor } from '../../../core/site/report/reports';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Section, StepHead } from '../../kit/Section';
import { Comparison } from './Comparison';
import { EarlierReports } from './Earlier';
import { FieldTests } from './FieldTests';
import { LayoutBar } from './LayoutBar';
import { ReportGrid } from './ReportGrid';
import { useOffice } from '../../slip/useOffice';
import { useCase } from '../context/caseContext';
import { SelectField, TextField } from '../fields/Fields';
import { ByWhom } from '../shared/ByWhom';
import { Findings } from '../shared/Findings';
import { NextButton } from '../shared/NextButton';
import { giveSample } from '../context/groundEdits';
import { Past } from '../shared/Past';
import { ReportFile } from './ReportFile';
import { ClimateFields } from './ClimateFields';
import { decisionPlace, resultPlace, textPlace } from '../context/places';
import { named } from '../../format/choices';

const RECOMMENDED = [
  { analyte: 'rec-n', forms: [] },
  { analyte: 'rec-p', forms: ['P2O5', 'P'] },
  { analyte: 'rec-k', forms: ['K2O', 'K'] },
  { analyte: 'rec-product', forms: [] },
] as const;

/** The laboratory's own nitrogen, phosphate and potash, or so much of a product. */
function LaboratoryFertilizer({ base }: { base: string }): ReactNode {
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
      <div className="flex items-start gap-2">
        <TextField
          label={text('results.rec-crop')}
          place={resultPlace(doc, base, 'rec-crop')}
          width="date"
        />
        <SelectField
          label={text('results.rec-per')}
          place={resultPlace(doc, base, 'rec-per')}
          options={named('recPer', RECOMMENDED_PER)}
          width="unit"
        />
        {resultPlace(doc, base, 'rec-per').value === 'application' && (
          <TextField
            label={text('results.rec-times')}
            place={resultPlace(doc, base, 'rec-times')}
          />
        )}
      </div>
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
        options={named('labUnit', ANALYTE_FACTS['lime-rec'].units)}
        width="unit"
      />
      <SelectField
        label={text('results.labBasis')}
        place={resultPlace(doc, base, 'lime-rec', 'method')}
        options={named('labBasis', ANALYTE_FACTS['lime-rec'].methods)}
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
  const { layouts } = useOffice();
  const [added, setAdded] = useState<readonly Analyte[]>([]);
  const found = reportFor(doc, area.area.id);
  if (!found) return <Untested />;
  const { sample, report } = found;
  if (!report) return <p>{text('results.none')}</p>;
  const at = `reports/${report.id}`;
  const base = `${at}/results/${sample.id}`;
  const lines = [...new Set([...linesOf(layoutOf(report.layout, layouts), report), ...added])];
  return (
    <>
      <StepHead title={text('results.title')} act={<NextButton />} />
      <Findings step="results" />
      <Section title={text('results.values')} wide>
        <LayoutBar
          report={report}
          named={layouts}
          lines={lines}
          chosen={sample.id}
          onAdd={(analyte) => setAdded((before) => [...before, analyte])}
        />
        <ReportGrid key={sample.id} report={report} lines={lines} chosen={sample.id} />
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
        <p className="mt-2">
          <ByWhom place={at} />
        </p>
      </Section>
      <Section title={text('results.year')}>
        <ClimateFields />
      </Section>
      <Section title={text('results.labLime')}>
        <LaboratoryLime base={base} report={at} />
      </Section>
      <Section title={text('results.labFeed')}>
        <LaboratoryFertilizer base={base} />
      </Section>
      <Section title={text('results.field')} wide>
        <FieldTests sampleId={sample.id} />
        <Comparison />
      </Section>
      <Section title={text('results.earlier')} wide>
        <EarlierReports present={report} sampleId={sample.id} own={layouts} />
      </Section>
      <Section title={text('results.file')}>
        <ReportFile />
      </Section>
      <Section title={text('results.past')}>
        <Past />
      </Section>
    </>
  );
}

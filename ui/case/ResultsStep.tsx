'use client';

import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import type { Analyte, PastEntry } from '../../core/casefile/casefile';
import { TEXTURES } from '../../core/tables/limeByTexture';
import { text } from '../format/text';
import { Button } from '../parts/Button';
import { Section, StepHead } from '../parts/Section';
import { useCase } from './caseContext';
import { SelectField, TextField } from './Fields';
import { Findings } from './Findings';
import { NextButton } from './NextButton';
import { decisionPlace, textPlace } from './places';

const LAB_UNITS = ['lb/1000ft2', 'lb/100ft2', 'lb/acre', 'ton/acre', 'ton/acre-short-cut'];
const LAB_BASES = ['product', 'limestone', 'pure'];
const NUMBERS: readonly { readonly analyte: Analyte; readonly unit?: string }[] = [
  { analyte: 'ph-water' },
  { analyte: 'ph-smp' },
  { analyte: 'om', unit: 'unit.%' },
  { analyte: 'cec', unit: 'unit.meq/100g' },
];

function named(prefix: string, values: readonly string[]): { value: string; words: string }[] {
  return values.map((value) => ({ value, words: text(`${prefix}.${value}`) }));
}

/** The paper's own rows, in its order. */
function Values({ base }: { base: string }): ReactNode {
  const { doc } = useCase().state;
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      {NUMBERS.map(({ analyte, unit }) => (
        <TextField
          key={analyte}
          label={text(`analyte.${analyte}`)}
          place={textPlace(doc, `${base}/${analyte}/text`)}
          {...(unit ? { unit: text(unit) } : {})}
        />
      ))}
      <SelectField
        label={text('analyte.texture')}
        place={textPlace(doc, `${base}/texture/text`)}
        options={[{ value: '', words: text('texture.none') }, ...named('texture', TEXTURES)]}
        width="date"
      />
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
        place={textPlace(doc, `${base}/lime-rec/text`)}
      />
      <SelectField
        label={text('results.labUnit')}
        place={textPlace(doc, `${base}/lime-rec/unit`)}
        options={named('labUnit', LAB_UNITS)}
        width="unit"
      />
      <SelectField
        label={text('results.labBasis')}
        place={textPlace(doc, `${base}/lime-rec/method`)}
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

function PastRow({ entry }: { entry: PastEntry }): ReactNode {
  const { session, state } = useCase();
  const { doc } = state;
  const at = `past/${entry.id}`;
  const what = text(`past.${entry.kind}`);
  return (
    <li className="border-b border-rule-2 pb-2.5">
      <div className="flex items-center justify-between">
        <span className="font-semibold">{what}</span>
        <Button
          look="quiet"
          aria-label={text('past.removeThis', { what })}
          onClick={() => session.edit([{ path: at, value: undefined }], `remove:${at}`)}
        >
          {text('past.remove')}
        </Button>
      </div>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <TextField label={text('past.on')} place={textPlace(doc, `${at}/on`)} width="date" />
        <TextField label={text('past.amount')} place={textPlace(doc, `${at}/amount/text`)} />
        <SelectField
          label={text('results.labUnit')}
          place={textPlace(doc, `${at}/amount/unit`)}
          options={named('pastUnit', ['lb/1000ft2', 'lb'])}
          width="unit"
        />
        <TextField
          label={text(`past.percent.${entry.kind}`)}
          place={textPlace(doc, `${at}/percent`)}
          unit={text('unit.%')}
        />
      </div>
    </li>
  );
}

/** What was put on in the last twelve months: lime still at work is not applied twice. */
function Past(): ReactNode {
  const { session, state, area } = useCase();
  const entries = Object.values(state.doc.past).filter(({ areaId }) => areaId === area.area.id);
  const add = (kind: PastEntry['kind']): void => {
    const id = nanoid(8);
    const entry = {
      id,
      areaId: area.area.id,
      kind,
      on: '',
      amount: { text: '', unit: 'lb/1000ft2', method: '' },
      percent: '',
    };
    session.edit([{ path: `past/${id}`, value: entry }], `add:${id}`);
  };
  return (
    <>
      {entries.length === 0 ? (
        <p className="pt-1 text-ink-2">{text('past.nothing')}</p>
      ) : (
        <ul>
          {entries.map((entry) => (
            <PastRow key={entry.id} entry={entry} />
          ))}
        </ul>
      )}
      <div className="mt-2 flex gap-4">
        <Button look="quiet" onClick={() => add('lime')}>
          {text('past.addLime')}
        </Button>
        <Button look="quiet" onClick={() => add('fertilizer')}>
          {text('past.addFertilizer')}
        </Button>
      </div>
    </>
  );
}

/** The laboratory's paper, typed in its own order. */
export function ResultsStep(): ReactNode {
  const { state, area } = useCase();
  const { doc } = state;
  const report = Object.values(doc.reports)[0];
  const sample = Object.values(doc.samples).find(({ areaIds }) => areaIds.includes(area.area.id));
  if (!report || !sample) return <p>{text('results.none')}</p>;
  const at = `reports/${report.id}`;
  const base = `${at}/results/${sample.id}`;
  return (
    <>
      <StepHead title={text('results.title')} act={<NextButton />} />
      <Findings step="results" />
      <Section title={text('results.values')}>
        <Values base={base} />
      </Section>
      <Section title={text('results.dates')}>
        <div className="flex flex-wrap gap-x-5 gap-y-3">
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
      <Section title={text('results.past')}>
        <Past />
      </Section>
    </>
  );
}

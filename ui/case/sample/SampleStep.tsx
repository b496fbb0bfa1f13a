'use client';

import { sampleOf } from '../../../core/casefile/parts/sample';
import { DRAINAGES, SLOPES, SPREADERS } from '../../../core/casefile/parts/area';
import type { ReactNode } from 'react';
import { CLUES, type SchoolRow } from '../../../core/site/sampling/samplingPlan';
import { CONFIDENCE, VARIATION } from '../../../core/tables/ground/sampling';
import { formatDate } from '../../format/date';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { useOffice } from '../../slip/useOffice';
import { Section, StepHead } from '../../kit/Section';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { ChoiceRow } from '../fields/ChoiceRow';
import { SelectField, TextArea, TextField } from '../fields/Fields';
import { Findings } from '../shared/Findings';
import { NextButton } from '../shared/NextButton';
import { Past } from '../shared/Past';
import { decisionPlace, textPlace } from '../context/places';
import { named } from '../../format/choices';
import { SampleNames } from './SampleNames';
import { Waiting } from './Waiting';

/** Signs on the ground: each asks for a test, none of them doses. */
function Clues(): ReactNode {
  const { session, area } = useCase();
  const { id, site } = area.area;
  const seen = site.clues.split(' ').filter((clue) => clue !== '');
  const toggle = (clue: string, on: boolean): void => {
    const value = (on ? [...seen, clue] : seen.filter((each) => each !== clue)).join(' ');
    session.edit([{ path: `areas/${id}/site/clues`, value }], `clue:${clue}:${on}`);
  };
  return (
    <fieldset className="mt-3">
      <legend className="text-label font-semibold text-ink-2">{text('sample.clues')}</legend>
      <div className="flex flex-wrap gap-x-5">
        {CLUES.map((clue) => (
          <label key={clue} className="flex min-h-7 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-spruce"
              checked={seen.includes(clue)}
              onChange={(event) => toggle(clue, event.target.checked)}
            />
            {text(`clue.${clue}`)}
          </label>
        ))}
      </div>
      <ul className="mt-1 max-w-2xl">
        {area.sampling.clues.map((clue) => (
          <li key={clue.id} className="py-0.5 text-ink-2">
            {messageText(clue)}
          </li>
        ))}
      </ul>
    </fieldset>
  );
}

function Seen(): ReactNode {
  const { state, area } = useCase();
  const { doc } = state;
  const at = `areas/${area.area.id}/site`;
  return (
    <>
      <div className="flex flex-wrap items-start gap-3">
        <SelectField
          label={text('sample.slope')}
          place={textPlace(doc, `${at}/slope`)}
          options={named('slope', SLOPES)}
          width="date"
        />
        <SelectField
          label={text('sample.drainage')}
          place={textPlace(doc, `${at}/drainage`)}
          options={named('drainage', DRAINAGES)}
          width="date"
        />
        <TextField
          label={text('sample.water')}
          place={textPlace(doc, `${at}/water`)}
          unit={text('unit.ft')}
          stop={false}
        />
        <TextField
          label={text('sample.well')}
          place={textPlace(doc, `${at}/well`)}
          unit={text('unit.ft')}
          stop={false}
        />
        <SelectField
          label={text('sample.spreader')}
          place={textPlace(doc, `${at}/spreader`)}
          options={named('spreader', SPREADERS)}
          stop={false}
        />
        <TextField label={text('sample.spots')} place={textPlace(doc, `${at}/spots`)} />
        <TextArea label={text('sample.note')} place={textPlace(doc, `${at}/note`)} />
      </div>
      <Clues />
    </>
  );
}

/** A range as it is said in a table: its upper end opens. */
function Cores({ row }: { row: SchoolRow }): ReactNode {
  const { coresEach } = row;
  const low = 'absent' in coresEach ? undefined : coresEach.range?.low;
  return (
    <>
      {low !== undefined && <span className="text-ink-2">{text('sample.from', { low })}</span>}
      <Figure id={coresEach.id} />
    </>
  );
}

/** One composite, or each spot apart, side by side. */
function Schools(): ReactNode {
  const { area } = useCase();
  const { schools, depth, notBefore, apart } = area.sampling;
  const { volunteers } = useOffice();
  const heads = [
    { id: 'school', words: text('sample.head.school') },
    ...(['samples', 'cores', 'inAll', 'cost'] as const).map((id) => ({
      id,
      words: text(`sample.head.${id}`),
      number: true,
    })),
  ];
  return (
    <>
      <Table heads={heads} label={text('sample.howMany')}>
        {(volunteers ? schools.filter(({ chosen }) => chosen) : schools).map((row) => (
          <ChoiceRow
            key={row.id}
            what="sampling-school"
            value={row.id}
            chosen={row.chosen}
            words={text(`school.${row.id}`)}
            below={text(`school.${row.id}.why`)}
            columns={heads.length}
          >
            <Cell number>
              <Figure id={row.samples.id} />
            </Cell>
            <Cell number>
              <Cores row={row} />
            </Cell>
            <Cell number>
              <Figure id={row.coresInAll.id} />
            </Cell>
            <Cell number>
              <Figure id={row.cost.id} />
            </Cell>
          </ChoiceRow>
        ))}
      </Table>
      <div className="mt-1.5">
        <Openable>
          <p>
            {text('sampling.depth')} <Figure id={depth.id} />
          </p>
        </Openable>
        {apart.map((sentence) => (
          <p key={sentence.id}>{messageText(sentence)}</p>
        ))}
        {notBefore && <p>{text('sample.tooSoon', { date: formatDate(notBefore) })}</p>}
      </div>
    </>
  );
}

/** How many cores a wanted precision takes. */
function Precise(): ReactNode {
  const { state, area } = useCase();
  const { doc } = state;
  const { id } = area.area;
  const { precision } = area.sampling;
  const withUsual = (what: 'cores-for' | 'cores-confidence', usual: string) => {
    const place = decisionPlace(doc, id, what);
    return place.value === '' ? { ...place, value: usual } : place;
  };
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label={text('sample.coresFor')}
          place={withUsual('cores-for', precision.of)}
          options={named('coresFor', Object.keys(VARIATION))}
          width="unit"
        />
        <TextField
          label={text('sample.coresError')}
          place={decisionPlace(doc, id, 'cores-error')}
          unit={text('unit.%')}
        />
        <SelectField
          label={text('sample.coresConfidence')}
          place={withUsual('cores-confidence', precision.confidence)}
          options={named('confidence', Object.keys(CONFIDENCE))}
          width="date"
        />
        <div className="pb-1">
          <Openable>
            {text('sampling.coresInAll')} <Figure id={precision.cores.id} bold />
          </Openable>
        </div>
      </div>
      {!('absent' in precision.cores) && (
        <div className="mt-1.5 text-small text-ink-2">
          <Openable>
            {text(`sampling.cv.${precision.of}`)} <Figure id={`${id}/sampling/precision/cv`} />
            {text('sample.coresWhy')}
          </Openable>
        </div>
      )}
    </>
  );
}

function How(): ReactNode {
  const { area } = useCase();
  return (
    <ul className="max-w-2xl list-disc pl-4">
      {area.sampling.how.map((sentence) => (
        <li key={sentence.id} className="py-0.5">
          {messageText(sentence)}
        </li>
      ))}
    </ul>
  );
}

/** How the ground is sampled, what the bags are called, and where they are. */
export function SampleStep(): ReactNode {
  const { state, area } = useCase();
  const sample = sampleOf(state.doc, area.area.id);
  return (
    <>
      <StepHead
        title={text('sample.title')}
        below={sample ? undefined : text('sample.untestedHelp')}
        act={<NextButton />}
      />
      <Findings step="sample" />
      <Section title={text('sample.seen')}>
        <Seen />
      </Section>
      <Section title={text('results.past')}>
        <Past />
      </Section>
      <Section title={text('sample.howMany')}>
        <Schools />
      </Section>
      <Section title={text('sample.precise')}>
        <Precise />
      </Section>
      <Section title={text('sample.how')}>
        <How />
      </Section>
      <Section title={text('sample.names')}>
        <SampleNames />
      </Section>
      <Section title={text('sample.laboratory')}>
        <Waiting />
      </Section>
    </>
  );
}

'use client';

import '../format/caseWords';
import { useLiveQuery } from 'dexie-react-hooks';
import type { ReactNode } from 'react';
import { RATE_UNITS } from '../../core/report/recommendation';
import { SHIPPED_PACKS } from '../../core/yardsticks/packs';
import { PAPERS, type Office, type Paper } from '../../core/office/office';
import { changeOffice, readOffice } from '../../store/office';
import {
  EXTRACTANTS,
  LAB_BASES,
  LAB_UNITS,
  named,
  SOIL_UNITS,
  withUnknown,
} from '../case/reportChoices';
import { text } from '../format/text';
import { Section, StepHead } from '../parts/Section';
import { ChoiceField } from '../case/Fields';
import { OfficeField } from './OfficeField';
import { Stock } from './Stock';

type Told = Exclude<keyof Office, 'paragraphs' | 'paper'>;

function set(name: Told): (value: string) => void {
  return (value) => void changeOffice(() => ({ [name]: value }));
}

/** How a new case begins: its pack and the laboratory's paper. */
function Cases({ office }: { office: Office }): ReactNode {
  const packs = [...new Set(SHIPPED_PACKS.map(({ id }) => id))];
  const choice = (name: Told, options: { value: string; words: string }[]): ReactNode => (
    <ChoiceField
      label={text(`office.${name}`)}
      value={office[name]}
      options={options}
      onChoose={set(name)}
    />
  );
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      {choice('packId', named('pack', packs))}
      <OfficeField
        label={text('results.laboratory')}
        value={office.laboratory}
        onChange={set('laboratory')}
      />
      {choice('pMethod', withUnknown(named('extractant', EXTRACTANTS.p)))}
      {choice('kMethod', withUnknown(named('extractant', EXTRACTANTS.k)))}
      {choice('soilUnit', named('soilUnit', SOIL_UNITS))}
      {choice('limeUnit', named('labUnit', LAB_UNITS))}
      {choice('limeBasis', named('labBasis', LAB_BASES))}
      {choice('feedUnit', named('rateUnit', RATE_UNITS))}
    </div>
  );
}

/** How this office measures, and how its samples are named, paid for and waited for. */
function Field({ office }: { office: Office }): ReactNode {
  const field = (name: Told): ReactNode => (
    <div key={name}>
      <OfficeField label={text(`office.${name}`)} value={office[name]} onChange={set(name)} />
      <p className="max-w-52 text-small text-ink-2">{text(`office.${name}Help`)}</p>
    </div>
  );
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      {(['pace', 'samplePattern', 'sampleFee', 'sampleDays'] as const).map(field)}
    </div>
  );
}

/** What stands on each slip of this office. */
function Slips({ office }: { office: Office }): ReactNode {
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      <OfficeField
        label={text('office.signature')}
        value={office.signature}
        lines={3}
        placeholder={text('office.signatureHelp')}
        className="w-72"
        onChange={set('signature')}
      />
      <OfficeField
        label={text('office.contact')}
        value={office.contact}
        lines={3}
        placeholder={text('office.contactHelp')}
        className="w-72"
        onChange={set('contact')}
      />
      <ChoiceField
        label={text('office.paper')}
        value={office.paper}
        options={named('paper', PAPERS)}
        onChoose={(paper) => void changeOffice(() => ({ paper: paper as Paper }))}
      />
    </div>
  );
}

/** What an office decides once. */
export function OfficePage(): ReactNode {
  const office = useLiveQuery(() => readOffice());
  if (!office) return <main aria-busy="true" />;
  return (
    <main className="min-h-[calc(100vh-2.75rem)] bg-sheet px-6 py-4">
      <div className="mx-auto max-w-5xl">
        <StepHead title={text('office.title')} below={text('office.help')} />
        <Section title={text('office.cases')}>
          <Cases office={office} />
        </Section>
        <Section title={text('office.field')}>
          <Field office={office} />
        </Section>
        <Section title={text('office.slips')}>
          <Slips office={office} />
        </Section>
        <Section title={text('office.stock')}>
          <Stock office={office} />
        </Section>
      </div>
    </main>
  );
}

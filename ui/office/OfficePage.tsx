'use client';

import '../format/placesWords';
import { ChoiceField } from '../kit/ChoiceField';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState, type ReactNode } from 'react';
import { RATE_UNITS } from '../../core/site/report/recommendation';
import { PACK_VERSIONS } from '../../core/catalog/packs/versions';
import { PAPERS, type Office, type Paper } from '../../core/casefile/office';
import { rulesOf } from '../../core/casefile/parts/rule';
import { changeOffice, readOffice } from '../../store/office';
import { housePacks } from '../../store/packs';
import { ANALYTE_FACTS } from '../../core/catalog/analytes';
import { GENERIC_LAYOUTS } from '../../core/casefile/layouts';
import { packName } from '../packs/packName';
import { climateOptions } from '../format/climate';
import { named } from '../format/choices';
import type { NamesIn } from '../../core/kernel/messages/msg';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { UNIT_SYSTEMS, type UnitSystem } from '../../core/kernel/units/metric';
import { unitsHere } from '../../store/units';
import { keepWho, whoIsHere } from '../../store/who';
import { Section, StepHead } from '../kit/Section';
import { DraftField } from '../kit/DraftField';
import { Keeping } from '../keeping/Keeping';
import { RuleList } from '../rules/RuleList';
import { Stock } from './Stock';

type Told = Exclude<
  keyof Office,
  'paragraphs' | 'paper' | 'volunteers' | 'units' | 'layouts' | 'rules' | 'stock' | 'spreaders'
>;

function set(name: Told): (value: string) => void {
  return (value) => void changeOffice(() => ({ [name]: value }));
}

/** Everything on every screen is written anew in other units: the page is read anew for it. */
async function changeUnits(units: UnitSystem): Promise<void> {
  const before = unitsHere();
  await changeOffice(() => ({ units }));
  if (unitsHere() !== before) window.location.reload();
}

/** How a new case begins: its pack and the laboratory's paper. */
function Cases({ office }: { office: Office }): ReactNode {
  const house = useLiveQuery(() => housePacks()) ?? [];
  const choice = (
    name: Told & NamesIn<'office'>,
    options: { value: string; words: string }[],
  ): ReactNode => (
    <ChoiceField
      label={text(`office.${name}`)}
      value={office[name]}
      options={options}
      onChoose={set(name)}
    />
  );
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      {choice('packId', [
        ...named('pack', Object.keys(PACK_VERSIONS)),
        ...house.map(({ id, pack }) => ({ value: id, words: packName(pack) })),
      ])}
      <ChoiceField
        label={text('results.climate')}
        value={office.climate}
        options={climateOptions(text('results.climateNone'))}
        onChoose={(climate) => void changeOffice(() => ({ climate }))}
      />
      <DraftField
        label={text('results.laboratory')}
        value={office.laboratory}
        onChange={set('laboratory')}
      />
      {choice('layout', [
        ...named(
          'layout',
          GENERIC_LAYOUTS.map(({ id }) => id),
        ),
        ...Object.values(office.layouts).map(({ id, name }) => ({ value: id, words: name })),
      ])}
      {choice('pMethod', named('extractant', ANALYTE_FACTS.p.methods))}
      {choice('kMethod', named('extractant', ANALYTE_FACTS.k.methods))}
      {choice('soilUnit', named('soilUnit', ANALYTE_FACTS.p.units))}
      {choice('limeUnit', named('labUnit', ANALYTE_FACTS['lime-rec'].units))}
      {choice('limeBasis', named('labBasis', ANALYTE_FACTS['lime-rec'].methods))}
      {choice('feedUnit', named('rateUnit', RATE_UNITS))}
    </div>
  );
}

/** Layouts that were saved under a name; what a report has taken from one stays when it goes. */
function Layouts({ office }: { office: Office }): ReactNode {
  const remove = (id: string): void =>
    void changeOffice(({ layouts, layout }) => {
      const { [id]: _gone, ...rest } = layouts;
      return { layouts: rest, ...(layout === id ? { layout: '' } : {}) };
    });
  return (
    <ul>
      {Object.values(office.layouts).map(({ id, name, rows }) => (
        <li key={id} className="flex flex-wrap items-center gap-x-5">
          <span className="font-semibold">{name}</span>
          <span className="min-w-0 flex-1 truncate text-small text-ink-2">
            {rows.map(({ analyte }) => text(`analyte.${analyte}`)).join(', ')}
          </span>
          <Button
            look="quiet"
            aria-label={text('office.removeStock', { name })}
            onClick={() => remove(id)}
          >
            {text('past.remove')}
          </Button>
        </li>
      ))}
    </ul>
  );
}

const MEASURED = ['pace', 'samplePattern', 'sampleFee', 'sampleDays', 'packs'] as const;
type Measured = (typeof MEASURED)[number];

/** How this office measures, and how its samples are named, paid for and waited for. */
function Field({ office }: { office: Office }): ReactNode {
  const field = (name: Measured): ReactNode => (
    <div key={name}>
      <DraftField label={text(`office.${name}`)} value={office[name]} onChange={set(name)} />
      <p className="max-w-52 text-small text-ink-2">{text(`office.${name}Help`)}</p>
    </div>
  );
  return <div className="flex flex-wrap gap-x-5 gap-y-3">{MEASURED.map(field)}</div>;
}

/** The local rules that new cases are bound by. */
function LocalRules({ office }: { office: Office }): ReactNode {
  return (
    <RuleList
      rules={rulesOf(office)}
      problems={{}}
      write={(rule) => void changeOffice(({ rules }) => ({ rules: { ...rules, [rule.id]: rule } }))}
      remove={(id) => void changeOffice(({ rules: { [id]: _gone, ...rules } }) => ({ rules }))}
    />
  );
}

/** What stands on each slip of this office. */
function Slips({ office }: { office: Office }): ReactNode {
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      <DraftField
        label={text('office.signature')}
        value={office.signature}
        lines={3}
        placeholder={text('office.signatureHelp')}
        className="w-72"
        onChange={set('signature')}
      />
      <DraftField
        label={text('office.contact')}
        value={office.contact}
        lines={3}
        placeholder={text('office.contactHelp')}
        className="w-72"
        onChange={set('contact')}
      />
      <div className="grid max-w-72 content-start gap-y-3">
        <ChoiceField
          label={text('office.paper')}
          value={office.paper}
          options={named('paper', PAPERS)}
          onChoose={(paper) => void changeOffice(() => ({ paper: paper as Paper }))}
        />
        <div>
          <ChoiceField
            label={text('office.units')}
            value={office.units}
            options={named('units', UNIT_SYSTEMS)}
            onChoose={(units) => void changeUnits(units as UnitSystem)}
          />
          <p className="mt-1 text-small text-ink-2">{text('office.unitsHelp')}</p>
        </div>
      </div>
    </div>
  );
}

/** Who types the cases: with volunteers, words are explained and pages go out after a review. */
function Volunteers({ office }: { office: Office }): ReactNode {
  return (
    <>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-spruce"
          checked={office.volunteers}
          onChange={(event) => {
            const { checked } = event.target;
            void changeOffice(() => ({ volunteers: checked }));
          }}
        />
        {text('office.volunteers')}
      </label>
      <p className="mt-1 max-w-2xl text-ink-2">{text('office.volunteersHelp')}</p>
    </>
  );
}

/** Who works at this desk: each change that is made here says so. */
function Who(): ReactNode {
  const [name, setName] = useState(whoIsHere);
  const change = (typed: string): void => {
    setName(typed);
    keepWho(typed);
  };
  return (
    <div className="mb-3">
      <DraftField label={text('office.who')} value={name} onChange={change} className="w-72" />
      <p className="max-w-2xl text-small text-ink-2">{text('office.whoHelp')}</p>
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
        {Object.keys(office.layouts).length > 0 && (
          <Section title={text('office.layouts')}>
            <Layouts office={office} />
          </Section>
        )}
        <Section title={text('rules.title')}>
          <LocalRules office={office} />
        </Section>
        <Section title={text('office.field')}>
          <Field office={office} />
        </Section>
        <Section title={text('office.slips')}>
          <Slips office={office} />
        </Section>
        <Section title={text('office.people')}>
          <Who />
          <Volunteers office={office} />
        </Section>
        <Section title={text('keeping.title')}>
          <Keeping />
        </Section>
        <Section title={text('office.stock')}>
          <Stock office={office} />
        </Section>
      </div>
    </main>
  );
}

'use client';

import type { Report } from '../../../core/casefile/parts/report';
import type { Sample } from '../../../core/casefile/parts/sample';
import { useState, type ReactNode } from 'react';
import { ANALYTE_FACTS, type Analyte } from '../../../core/catalog/analytes';
import { TEXTURES } from '../../../core/tables/lime/byTexture';
import { own } from '../../../core/kernel/typed/own';
import { useCase } from '../context/caseContext';
import { SelectField, TextField } from '../fields/Fields';
import { sampleName } from '../context/groundEdits';
import { resultPlace } from '../context/places';
import { named } from '../../format/choices';
import { nameFrom, text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { methodWords } from '../../format/methodWords';

/** So many samples stand beside one another; of more there are pages. */
const COLUMNS = 6;
/** Beside more than these the usual range stands in the strip alone. */
const WITH_USUAL = 2;
/** The strip that says what the line with the focus is. */
const HELP = 'line-help';

interface SharedProps {
  readonly analyte: Analyte;
  readonly part: 'unit' | 'method';
  readonly bases: readonly string[];
  /** Where the column of the chosen ground stands: what is shown. */
  readonly base: string;
  /** How many samples stand beside one another. */
  readonly samples: number;
}

/** The unit or the method of a line, which all samples of a paper share. */
function Shared({ analyte, part, bases, base, samples }: SharedProps): ReactNode {
  const { session, state } = useCase();
  const { doc } = state;
  const facts = ANALYTE_FACTS[analyte];
  const values = part === 'unit' ? facts.units : facts.methods;
  const now = resultPlace(doc, base, analyte, part).value;
  // A unit from a file that this version does not know stays to be seen and changed.
  const shown = values.includes(now) ? values : [now, ...values];
  if (shown.length === 1) {
    return <span className="text-ink-2">{part === 'unit' ? nameFrom('soilUnit', now) : ''}</span>;
  }
  const differs = bases.some((each) => resultPlace(doc, each, analyte, part).value !== now);
  const label = text(part === 'unit' ? 'grid.unitOf' : 'grid.methodOf', {
    analyte: text(`analyte.${analyte}`),
  });
  const { methodIs } = facts;
  const known =
    part === 'method' && methodIs ? methodWords(methodIs, values) : named('soilUnit', values);
  const options = values.includes(now) ? known : [{ value: now, words: now }, ...known];
  return (
    <select
      aria-label={label}
      title={differs ? text('grid.differs') : undefined}
      value={now}
      onChange={(event) => {
        const places = bases.map((each) => resultPlace(doc, each, analyte, part));
        session.edit(
          places.map((place) => ({ path: place.path, value: place.write(event.target.value) })),
          `${part}:${analyte}:${event.target.value}`,
        );
      }}
      className={`field ${part === 'unit' ? 'w-28' : samples > 1 ? 'w-36' : 'w-44'} ${differs ? 'border-ochre' : ''}`}
    >
      {options.map(({ value, words }) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </select>
  );
}

/** The id of an analyte's normal form, where it is another than what is typed. */
function normalForm(areaId: string, analyte: Analyte): string {
  return `${areaId}/report/${analyte === 'ph-cacl2' ? 'ph-from-cacl2' : analyte}`;
}

interface LineProps {
  readonly analyte: Analyte;
  readonly report: Report;
  readonly samples: readonly Sample[];
  readonly chosen: string;
}

/** One line of the paper. */
function Line({ analyte, report, samples, chosen }: LineProps): ReactNode {
  const { state, area, plan } = useCase();
  const { doc } = state;
  const { usual } = ANALYTE_FACTS[analyte];
  const base = (sampleId: string): string => `reports/${report.id}/results/${sampleId}`;
  const bases = Object.keys(report.results).map(base);
  const label = text(`analyte.${analyte}`);
  const here = resultPlace(doc, base(chosen), analyte);
  const id = normalForm(area.area.id, analyte);
  const working = plan.workings.get(id);
  // A value that is in its normal form as it is typed is not said twice.
  const converted =
    here.value.trim() !== '' &&
    working !== undefined &&
    ('absent' in working ? own(plan.problems, here.problem) === undefined : working.op !== 'typed');
  return (
    <OpenableRow columns={samples.length + 5} className="pb-2">
      <tr className="border-b border-rule-2" data-analyte={analyte}>
        <th scope="row" className="py-0.5 pr-3 text-left font-normal whitespace-nowrap">
          {label}
        </th>
        {samples.map((sample, index) => {
          const place = resultPlace(doc, base(sample.id), analyte);
          const cell =
            samples.length === 1
              ? label
              : text('grid.cell', { analyte: label, sample: sampleName(doc, sample.id) });
          return (
            <td
              key={sample.id}
              className={`px-1.5 py-0.5 ${sample.id === chosen ? '' : 'bg-paper'}`}
            >
              {analyte === 'texture' ? (
                <SelectField
                  label={cell}
                  hideLabel
                  place={place}
                  column={index}
                  options={[
                    { value: '', words: text('texture.none') },
                    ...named('texture', TEXTURES),
                  ]}
                  width={samples.length > 1 ? 'class' : 'date'}
                />
              ) : (
                <TextField label={cell} hideLabel place={place} column={index} describedBy={HELP} />
              )}
            </td>
          );
        })}
        <td className="px-1.5 py-0.5">
          <Shared
            analyte={analyte}
            part="unit"
            bases={bases}
            base={base(chosen)}
            samples={samples.length}
          />
        </td>
        <td className="px-1.5 py-0.5">
          <Shared
            analyte={analyte}
            part="method"
            bases={bases}
            base={base(chosen)}
            samples={samples.length}
          />
        </td>
        <td className="num px-1.5 py-0.5 text-right whitespace-nowrap">
          {converted && <Figure id={id} />}
        </td>
        {samples.length <= WITH_USUAL && (
          <td className="num py-0.5 pl-1.5 text-right text-small whitespace-nowrap text-ink-2">
            {usual && text('usual.range', { low: String(usual[0]), high: String(usual[1]) })}
          </td>
        )}
      </tr>
    </OpenableRow>
  );
}

/** What an analyte is, and what reports usually say of it. */
function Help({ analyte }: { analyte: Analyte }): ReactNode {
  const { units, usual } = ANALYTE_FACTS[analyte];
  if (!usual) return text(`help.${analyte}`);
  const [low, high] = usual.map(String);
  const params = { low: low ?? '', high: high ?? '', unit: nameFrom('soilUnit', units[0] ?? '') };
  return `${text(`help.${analyte}`)} ${params.unit === '' ? text('usual.bare', params) : text('usual.said', params)}`;
}

interface PagesProps {
  readonly from: number;
  readonly count: number;
  readonly onGo: (from: number) => void;
}

function Pages({ from, count, onGo }: PagesProps): ReactNode {
  if (count <= COLUMNS) return null;
  const to = Math.min(from + COLUMNS, count);
  return (
    <div className="mb-1 flex items-center gap-4 text-small text-ink-2">
      {text('grid.samples', { from: from + 1, to, count })}
      <Button look="quiet" disabled={from === 0} onClick={() => onGo(Math.max(0, from - COLUMNS))}>
        {text('grid.earlier')}
      </Button>
      <Button look="quiet" disabled={to === count} onClick={() => onGo(from + COLUMNS)}>
        {text('grid.later')}
      </Button>
    </div>
  );
}

interface ReportGridProps {
  readonly report: Report;
  readonly lines: readonly Analyte[];
  /** The sample of the chosen ground. */
  readonly chosen: string;
}

/**
 * A laboratory's paper as it is printed: a line an analyte, a column a sample, unit and method once a
 * line. Enter goes down a column; the strip under it says what the line with the focus is.
 */
export function ReportGrid({ report, lines, chosen }: ReportGridProps): ReactNode {
  const { doc } = useCase().state;
  const all = Object.values(doc.samples).filter(({ id }) => own(report.results, id));
  const at = all.findIndex(({ id }) => id === chosen);
  const [from, setFrom] = useState(() => Math.max(0, Math.floor(at / COLUMNS) * COLUMNS));
  const [focused, setFocused] = useState<Analyte>();
  const samples = all.slice(from, from + COLUMNS);
  return (
    <>
      <Pages from={from} count={all.length} onGo={setFrom} />
      <div className="overflow-x-auto">
        <table
          aria-label={text('grid.label')}
          className="w-full"
          onFocus={({ target }) => {
            const line = target.closest<HTMLElement>('[data-analyte]')?.dataset['analyte'];
            setFocused(line as Analyte | undefined);
          }}
        >
          <thead>
            <tr className="border-b border-rule text-left text-label font-semibold text-ink-2">
              <th className="pr-3 pb-1.5">{text('grid.head.analyte')}</th>
              {samples.map(({ id }) => (
                <th
                  key={id}
                  title={sampleName(doc, id)}
                  className={`max-w-24 truncate px-1.5 pb-1.5 ${id === chosen ? 'text-ink' : ''}`}
                >
                  {sampleName(doc, id)}
                </th>
              ))}
              <th className="px-1.5 pb-1.5">{text('grid.head.unit')}</th>
              <th className="px-1.5 pb-1.5">{text('grid.head.method')}</th>
              <th className="px-1.5 pb-1.5 text-right whitespace-nowrap">
                {text('grid.head.normal')}
              </th>
              {samples.length <= WITH_USUAL && (
                <th className="pb-1.5 pl-1.5 text-right">{text('grid.head.usual')}</th>
              )}
            </tr>
          </thead>
          <tbody>
            {lines.map((analyte) => (
              <Line
                key={analyte}
                analyte={analyte}
                report={report}
                samples={samples}
                chosen={chosen}
              />
            ))}
          </tbody>
        </table>
      </div>
      <p id={HELP} className="mt-1.5 min-h-5 text-small text-ink-2">
        {focused ? <Help analyte={focused} /> : text('grid.enter')}
      </p>
    </>
  );
}

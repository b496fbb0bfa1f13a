'use client';

import { emptyResult } from '../../core/casefile/parts/typed';
import { ChoiceField } from '../kit/ChoiceField';
import type { AreaPlan } from '../../core/area/areaPlan';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { Fragment, useMemo, useState, type ReactNode } from 'react';
import { ANALYTE_FACTS } from '../../core/catalog/analytes';
import { areasOf, type CaseFile } from '../../core/casefile/casefile';
import type { NeedRow } from '../../core/treat/fertilizer/need';
import { NUTRIENTS, type Nutrient } from '../../core/catalog/nutrients';
import { planCase } from '../../core/plan/plan';
import type { Plan } from '../../core/plan/types';
import { PLANTS } from '../../core/catalog/plants/plants';
import { own } from '../../core/kernel/typed/own';
import { isHouse } from '../../core/catalog/packs/house';
import type { Pack } from '../../core/catalog/packs/pack';
import { valuesOf } from '../../core/catalog/packs/values';
import { storedCase } from '../../store/cases';
import { db } from '../../store/db';
import { plantOptions } from '../format/plantWords';
import { named } from '../format/choices';
import { messageText } from '../format/message';
import { nameFrom, text } from '../format/text';
import { DraftField } from '../kit/DraftField';
import { Figure } from '../working/Figure';
import { FigureText } from '../working/FigureText';
import { Openable } from '../working/Openable';
import { WorkingProvider } from '../working/openWorking';
import { packTitle } from '../packs/packs';
import { PackValues } from './PackValues';
import { caseOfReport, type TypedAnalyte, type TypedReport } from './typedReport';

/** The lines of a reading that a pack decides. */
const BY_PACK = ['p', 'k', 'om'] as const;

interface Read {
  readonly pack: Pack;
  readonly plan: Plan;
  readonly area: AreaPlan;
}

function readBy(file: CaseFile, areaId: string, pack: Pack): Read | undefined {
  const { id, version } = pack;
  const house = isHouse(pack) ? pack : null;
  const plan = planCase({ ...file, pack: { id, version }, house });
  const area = plan.areas.find((each) => each.area.id === areaId);
  return area && { pack, plan, area };
}

function ReadingCell({
  read,
  analyte,
}: {
  read: Read;
  analyte: (typeof BY_PACK)[number];
}): ReactNode {
  const line = read.area.reading.lines.find((each) => each.analyte === analyte);
  if (!line) return <span className="text-ink-2">{text('figure.dash')}</span>;
  return (
    <Openable>
      <FigureText message={line.sentence} />
    </Openable>
  );
}

function NeedCell({ read, nutrient }: { read: Read; nutrient: Nutrient }): ReactNode {
  const { pack: figure }: Pick<NeedRow, 'pack'> =
    read.area.treatments.fertilizer.needs.rows[nutrient];
  if ('absent' in figure) {
    return <span className="text-ink-2">{messageText(figure.absent, read.plan.workings)}</span>;
  }
  return (
    <Openable>
      <Figure id={figure.id} />
    </Openable>
  );
}

/** What the packs make of the report, value by value. */
function Verdicts({ reads }: { reads: readonly Read[] }): ReactNode {
  const row = (key: string, words: string, cell: (read: Read) => ReactNode): ReactNode => (
    <tr key={key} className="border-b border-rule-2 align-top">
      <th scope="row" className="py-1.5 text-left font-semibold">
        {words}
      </th>
      {reads.map((read) => (
        <td key={packTitle(read.pack)} className="py-1.5 pl-3">
          <WorkingProvider workings={read.plan.workings}>{cell(read)}</WorkingProvider>
        </td>
      ))}
    </tr>
  );
  return (
    <table className="mb-4 w-full table-fixed" aria-label={text('yardsticks.verdicts')}>
      <thead>
        <tr className="border-b border-rule text-left text-label font-semibold text-ink-2">
          <th className="w-44 pb-1 max-rail:w-28">{text('yardsticks.report')}</th>
          {reads.map(({ pack }) => (
            <th key={packTitle(pack)} className="pb-1 pl-3">
              {packTitle(pack)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {BY_PACK.map((analyte) =>
          row(analyte, text(`read.${analyte}`), (read) => (
            <ReadingCell read={read} analyte={analyte} />
          )),
        )}
        {NUTRIENTS.map((nutrient) =>
          row(
            nutrient,
            text('yardsticks.aYear', { what: text(`nutrient.${nutrient}`) }),
            (read) => <NeedCell read={read} nutrient={nutrient} />,
          ),
        )}
      </tbody>
    </table>
  );
}

interface ReportProps {
  readonly report: TypedReport;
  readonly change: (report: TypedReport) => void;
}

/** The few values of a report that packs differ on. */
function ReportFields({ report, change }: ReportProps): ReactNode {
  const { texts, methods } = report;
  const field = (analyte: TypedAnalyte): ReactNode => (
    <DraftField
      key={analyte}
      label={text('yardsticks.inUnit', {
        what: text(`analyte.${analyte}`),
        unit: nameFrom('soilUnit', emptyResult(analyte).unit),
      })}
      value={texts[analyte] ?? ''}
      className="w-32"
      onChange={(typed) => change({ ...report, texts: { ...texts, [analyte]: typed } })}
    />
  );
  return (
    <>
      {(['om', 'cec'] as const).map(field)}
      <span className="basis-full" />
      {(['p', 'k'] as const).map((analyte) => (
        <Fragment key={analyte}>
          {field(analyte)}
          <ChoiceField
            label={text('yardsticks.extractant', { what: text(`read.${analyte}`) })}
            value={methods[analyte]}
            options={named('extractant', ANALYTE_FACTS[analyte].methods)}
            onChoose={(method) => change({ ...report, methods: { ...methods, [analyte]: method } })}
          />
        </Fragment>
      ))}
    </>
  );
}

/** What the ground is called, else what grows on it. */
function areaTitle({ areas }: CaseFile, areaId: string): string {
  const { name = '', plant = '' } = own(areas, areaId) ?? {};
  return name.trim() || nameFrom('plant', plant);
}

/** The report of a case, for one piece of its ground. */
function CaseReport({ file, areaId }: { file: CaseFile; areaId: string }): ReactNode {
  return (
    <p className="pb-1.5">
      {text('yardsticks.ofCase', {
        title: file.title || text('case.untitled'),
        ground: areaTitle(file, areaId),
      })}{' '}
      <Link
        className="font-semibold text-spruce hover:underline"
        href={`/case?id=${file.id}&area=${areaId}&step=reading`}
      >
        {text('yardsticks.toCase')}
      </Link>
    </p>
  );
}

interface CompareProps {
  readonly packs: readonly Pack[];
  readonly plant: string;
  readonly setPlant: (plant: string) => void;
  /** The case whose report is read; none: one is typed here. */
  readonly caseId: string | null;
  readonly areaId: string | null;
}

/** Packs side by side for one plant and one report: what each makes of it, and the values behind. */
export function Compare({ packs, plant, setPlant, caseId, areaId }: CompareProps): ReactNode {
  const [typed, setTyped] = useState<Omit<TypedReport, 'plant'>>({
    texts: {},
    methods: { p: 'bray-1', k: 'ammonium-acetate' },
  });
  const stored = useLiveQuery(
    async () => (caseId ? storedCase(caseId, db).catch(() => null) : null),
    [caseId],
  );
  const ofCase = stored ?? undefined;
  const ground = ofCase && (own(ofCase.areas, areaId ?? '') ?? areasOf(ofCase)[0]);
  const chosen =
    own(PLANTS, plant) ?? (ground && own(PLANTS, ground.plant)) ?? PLANTS['mixed-vegetables'];
  const report = { ...typed, plant: chosen?.id ?? '' };
  const reads = useMemo(() => {
    const file =
      ofCase && ground && chosen
        ? { ...ofCase, areas: { ...ofCase.areas, [ground.id]: { ...ground, plant: chosen.id } } }
        : caseOfReport({ ...typed, plant: chosen?.id ?? '' });
    return packs.flatMap((pack) => readBy(file, ground?.id ?? 'lawn', pack) ?? []);
  }, [ofCase, ground, chosen, typed, packs]);
  if (stored === undefined) return null;
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end gap-x-4 gap-y-2">
        <ChoiceField
          label={text('yardsticks.plant')}
          value={chosen?.id ?? ''}
          options={plantOptions()}
          onChoose={setPlant}
        />
        {ofCase && ground ? (
          <CaseReport file={ofCase} areaId={ground.id} />
        ) : (
          <ReportFields
            report={report}
            change={({ texts, methods }) => setTyped({ texts, methods })}
          />
        )}
      </div>
      <Verdicts reads={reads} />
      <PackValues
        columns={packs.map((pack) => ({ title: packTitle(pack), rows: valuesOf(pack, chosen) }))}
      />
    </>
  );
}

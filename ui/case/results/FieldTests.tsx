'use client';

import {
  KIT_CLASSES,
  LIGHTS,
  type FieldReading,
  type Report,
  newReport,
} from '../../../core/casefile/parts/report';
import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import { readingsOf, USUAL_RESOLUTION } from '../../../core/site/report/fieldTests';
import type { Json } from '../../../store/patch';
import { useCase } from '../context/caseContext';
import { SelectField, TextField } from '../fields/Fields';
import { textPlace } from '../context/places';
import { named } from '../../format/choices';
import { localDay } from '../../format/date';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';

type OwnSource = Exclude<Report['source'], 'laboratory'>;

function blankReading(id: string, order: number, sampleId: string): FieldReading {
  return { id, order, sampleId, spot: '', light: '', ph: '', n: '', p: '', k: '' };
}

interface ReadingProps {
  readonly reading: FieldReading;
  readonly report: Report;
  readonly number: number;
}

function ReadingRow({ reading, report, number }: ReadingProps): ReactNode {
  const { session, state } = useCase();
  const at = `reports/${report.id}/readings/${reading.id}`;
  const place = (part: keyof FieldReading) => textPlace(state.doc, `${at}/${part}`);
  const called = (what: string): string => text('field.cell', { what, number });
  const kit = report.source === 'kit';
  return (
    <tr className="border-b border-rule-2 align-top">
      <td className="py-1 pr-1.5">
        <TextField
          label={called(text('field.spot'))}
          hideLabel
          place={place('spot')}
          width="class"
        />
      </td>
      {kit && (
        <td className="px-1.5 py-1">
          <SelectField
            label={called(text('field.light'))}
            hideLabel
            place={place('light')}
            options={named('light', LIGHTS)}
            width="date"
          />
        </td>
      )}
      <td className="px-1.5 py-1">
        <TextField label={called(text('field.ph'))} hideLabel place={place('ph')} />
      </td>
      {kit &&
        (['n', 'p', 'k'] as const).map((nutrient) => (
          <td key={nutrient} className="px-1.5 py-1">
            <SelectField
              label={called(text(`field.${nutrient}`))}
              hideLabel
              place={place(nutrient)}
              options={named('kitClass', KIT_CLASSES)}
              width="class"
            />
          </td>
        ))}
      <td className="py-1 pl-1.5 text-right">
        <Button
          look="quiet"
          aria-label={text('field.removeReading', { number })}
          onClick={() => session.edit([{ path: at, value: undefined }], `remove:${at}`)}
        >
          {text('past.remove')}
        </Button>
      </td>
    </tr>
  );
}

type Head = 'spot' | 'light' | 'ph' | 'n' | 'p' | 'k';

function Readings({ report, sampleId }: { report: Report; sampleId: string }): ReactNode {
  const { session, state } = useCase();
  const { doc } = state;
  const at = `reports/${report.id}`;
  const source = report.source as OwnSource;
  const readings = readingsOf(report, sampleId);
  const heads: readonly Head[] =
    source === 'kit' ? ['spot', 'light', 'ph', 'n', 'p', 'k'] : ['spot', 'ph'];
  const add = (): void => {
    const id = nanoid(8);
    const order = Math.max(0, ...readings.map((each) => each.order)) + 1;
    const value = blankReading(id, order, sampleId) as unknown as Json;
    session.edit([{ path: `${at}/readings/${id}`, value }], `add:${at}:${id}`);
  };
  return (
    <fieldset className="min-w-0 border-b border-rule-2 py-3 first:pt-0">
      <legend className="sr-only">{text(`source.${source}`)}</legend>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <TextField
          label={text(`field.name.${source}`)}
          place={textPlace(doc, `${at}/laboratory`)}
          width="words"
        />
        <TextField label={text('field.on')} place={textPlace(doc, `${at}/date`)} width="date" />
        <TextField
          label={text('field.step')}
          place={textPlace(doc, `${at}/resolution`)}
          usual={String(USUAL_RESOLUTION[source])}
          unit={text('unit.pH')}
        />
        <TextField label={text('field.cost')} place={textPlace(doc, `${at}/cost`)} />
        <Button
          look="quiet"
          className="mb-1"
          onClick={() => session.edit([{ path: at, value: undefined }], `remove:${at}`)}
        >
          {text(`field.remove.${source}`)}
        </Button>
      </div>
      <div className="mt-3 overflow-x-auto">
        <table aria-label={text(`source.${source}`)}>
          <thead>
            <tr className="border-b border-rule text-left text-label font-semibold text-ink-2">
              {heads.map((head) => (
                <th key={head} className="px-1.5 pb-1.5 first:pl-0">
                  {text(`field.${head}`)}
                </th>
              ))}
              <th>
                <span className="sr-only">{text('past.remove')}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {readings.map((reading, index) => (
              <ReadingRow key={reading.id} reading={reading} report={report} number={index + 1} />
            ))}
          </tbody>
        </table>
      </div>
      <Button look="quiet" className="mt-1" onClick={add}>
        {text('field.another')}
      </Button>
    </fieldset>
  );
}

/** Colour kits and probes: several readings with their spot and light, and what they can decide. */
export function FieldTests({ sampleId }: { sampleId: string }): ReactNode {
  const { session, state } = useCase();
  const reports = Object.values(state.doc.reports).filter(
    (report) => report.source !== 'laboratory' && readingsOf(report, sampleId).length > 0,
  );
  const add = (source: OwnSource): void => {
    const id = nanoid(8);
    const reading = blankReading(nanoid(8), 1, sampleId);
    const report: Report = {
      ...newReport(id, { source, date: localDay(new Date()) }),
      readings: { [reading.id]: reading },
    };
    const value = report as unknown as Json;
    session.edit([{ path: `reports/${id}`, value }], `add:${id}`);
  };
  return (
    <>
      {reports.map((report) => (
        <Readings key={report.id} report={report} sampleId={sampleId} />
      ))}
      <div className="flex flex-wrap items-center gap-4">
        <Button look="quiet" onClick={() => add('kit')}>
          {text('field.add.kit')}
        </Button>
        <Button look="quiet" onClick={() => add('probe')}>
          {text('field.add.probe')}
        </Button>
      </div>
      <p className="mt-1 max-w-2xl text-small text-ink-2">
        {text(reports.length > 0 ? 'field.decides' : 'field.help')}
      </p>
    </>
  );
}

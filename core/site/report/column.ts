import type { Report } from '../../casefile/parts/report';
import type { Typed } from '../../casefile/parts/typed';
import type { Analyte } from '../../catalog/analytes';
import { own } from '../../kernel/typed/own';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Quantity } from '../../kernel/units/quantity';
import type { Figure } from '../../kernel/working/working';
import type { Entry } from '../../kernel/working/sheet';
import type { SoilBody } from './extracted';
import { readWeight } from './supplementaryAnalytes';

const BLANK: Typed = { text: '', unit: '', method: '' };

type Place = Entry & { readonly at: string };

/** One sample's column of a report: its values as typed, and where each of them stands. */
export interface Column {
  readonly base: string;
  /** Before the ids of its figures. */
  readonly prefix: string;
  readonly typed: (analyte: Analyte) => Typed;
  readonly entry: (analyte: Analyte) => Place & { readonly standing: 'report' };
  readonly body: SoilBody;
}

/** A column of a report, with the soil's own depth and weight read. */
export function columnOf(
  ctx: PlanContext,
  prefix: string,
  report: Report | undefined,
  sampleId: string,
): Column {
  const results = (report && own(report.results, sampleId)) ?? {};
  const base = report ? `reports/${report.id}/results/${sampleId}` : 'reports';
  const typed = (analyte: Analyte): Typed => results[analyte] ?? BLANK;
  const entry = (analyte: Analyte) => ({
    id: `${prefix}/${analyte}`,
    label: msg(`analyte.${analyte}`),
    standing: 'report' as const,
    at: `${base}/${analyte}/text`,
  });
  const depth = {
    id: `${prefix}/depth`,
    label: msg('report.depth'),
    standing: 'report' as const,
    at: `reports/${report?.id ?? ''}/depth`,
  };
  const inches = ctx.number(depth, report?.depth ?? '', { above: 0, max: 24 }, 'in', 'depth');
  let read: ReturnType<SoilBody['weight']> | undefined;
  const weight: SoilBody['weight'] = () => (read ??= readWeight(ctx, entry('wv'), typed('wv')));
  return { base, prefix, typed, entry, body: { depth: inches, weight } };
}

/** pH bounds that a soil in the field stays within; outside them a value is a slip of the pen. */
export const SOIL_PH = { min: 3, max: 10 };

/** The water pH of a column as the laboratory printed it. */
export function printedWaterPh(
  ctx: PlanContext,
  { entry, typed }: Pick<Column, 'entry' | 'typed'>,
): Figure<Quantity<'pH', 'water'>> {
  return ctx.number(entry('ph-water'), typed('ph-water').text, SOIL_PH, 'pH', 'water');
}

import type { Report } from '../../casefile/parts/report';
import { sampleOf, type Sample } from '../../casefile/parts/sample';
import { type CaseFile } from '../../casefile/casefile';
import { parseDate } from '../../kernel/typed/date';
import { own } from '../../kernel/typed/own';

function dayOf({ date }: Report): string | undefined {
  const parsed = parseDate(date);
  return parsed.kind === 'value' ? parsed.value : undefined;
}

/**
 * The laboratory's reports of a sample, the present one first. A report without a date is taken for
 * the newest: it is the one that is being typed.
 */
export function reportsOf(file: Pick<CaseFile, 'reports'>, sampleId: string): Report[] {
  return Object.values(file.reports)
    .filter(({ source, results }) => source === 'laboratory' && own(results, sampleId))
    .map((report) => ({ report, on: dayOf(report) ?? '9' }))
    .sort((a, b) => (a.on === b.on ? 0 : a.on < b.on ? 1 : -1))
    .map(({ report }) => report);
}

/** The sample that speaks for an area, and the report that its plan rests on. */
export function reportFor(
  file: Pick<CaseFile, 'reports' | 'samples'>,
  areaId: string,
): { readonly sample: Sample; readonly report: Report | undefined } | undefined {
  const sample = sampleOf(file, areaId);
  return sample && { sample, report: reportsOf(file, sample.id)[0] };
}

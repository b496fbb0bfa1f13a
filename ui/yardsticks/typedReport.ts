import { newArea } from '../../core/casefile/parts/area';
import { EMPTY_SHAPE } from '../../core/casefile/parts/shape';
import { emptyResult } from '../../core/casefile/parts/typed';
import type { Analyte } from '../../core/catalog/analytes';
import type { CaseFile } from '../../core/casefile/casefile';
import { newCase } from '../../core/casefile/newCase';
import { PLANTS } from '../../core/catalog/plants/plants';
import { own } from '../../core/kernel/typed/own';
import { localDay } from '../format/date';

/** What is typed of a report that two packs are to read. */
const TYPED = ['om', 'cec', 'p', 'k'] as const satisfies readonly Analyte[];
export type TypedAnalyte = (typeof TYPED)[number];

export interface TypedReport {
  readonly plant: string;
  readonly texts: Readonly<Partial<Record<TypedAnalyte, string>>>;
  readonly methods: { readonly p: string; readonly k: string };
}

/** A case of one piece of ground, whose area nobody knows, with such a report. */
export function caseOfReport({ plant, texts, methods }: TypedReport): CaseFile {
  const today = localDay(new Date());
  const file = newCase('yardsticks', today);
  const situation = own(PLANTS, plant)?.form === 'lawn' ? 'established' : 'tilled';
  const area = {
    ...newArea('lawn', 1, { plant, situation }),
    shape: { ...EMPTY_SHAPE, kind: 'unknown' } as const,
  };
  const column = Object.fromEntries(
    TYPED.map((analyte) => {
      const method = analyte === 'p' || analyte === 'k' ? { method: methods[analyte] } : {};
      return [analyte, { ...emptyResult(analyte), text: texts[analyte] ?? '', ...method }];
    }),
  );
  const report = file.reports['r1'];
  return {
    ...file,
    areas: { lawn: area },
    reports: report ? { r1: { ...report, results: { s1: column } } } : {},
  };
}

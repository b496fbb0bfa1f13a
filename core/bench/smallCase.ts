import { newCase } from '../casefile/newCase';
import type { CaseFile } from '../casefile/casefile';
import type { Area } from '../casefile/parts/area';
import { EMPTY_LABEL, type Label } from '../casefile/parts/label';
import type { Load } from '../casefile/parts/organic';
import { EMPTY_SHAPE, type Shape } from '../casefile/parts/shape';
import { emptyResult, type Typed as Result } from '../casefile/parts/typed';
import { decisionKey, type DecisionKind } from '../casefile/decisions';
import type { Analyte } from '../catalog/analytes';
import type { IsoDate } from '../kernel/typed/date';
import { valueOf, type Figure } from '../kernel/working/working';
import { planCase } from '../plan/plan';
import type { Plan } from '../plan/types';
import type { AreaPlan } from '../area/areaPlan';

/** What a sum knows of a case. Everything is text, as typed into one. */
export interface Small {
  readonly area: Partial<Omit<Area, 'shape'>>;
  readonly shape?: Partial<Shape>;
  readonly results?: Readonly<Partial<Record<Analyte, Partial<Result>>>>;
  readonly decisions?: Readonly<Partial<Record<DecisionKind, string>>>;
  readonly label?: { readonly id: string; readonly says: Partial<Label> };
  readonly load?: Pick<Load, 'material' | 'measure' | 'amount'>;
}

/** The one piece of ground of a small case. */
const AREA = 'lawn';

/** A figure as a case has it typed; nothing where it is absent. */
export function asTyped(figure: Figure): string {
  const value = valueOf(figure)?.value;
  return value === undefined ? '' : String(Number(value.toPrecision(12)));
}

function resultsOf(results: NonNullable<Small['results']>): Partial<Record<Analyte, Result>> {
  return Object.fromEntries(
    Object.entries(results).map(([analyte, said]) => [
      analyte,
      { ...emptyResult(analyte as Analyte), ...said },
    ]),
  );
}

/** A case of one piece of ground, of what a sum knows of it. */
function smallCase(today: IsoDate, small: Small): CaseFile {
  const base = newCase('bench', today);
  const [area] = Object.values(base.areas);
  const [report] = Object.values(base.reports);
  if (!area || !report) throw new Error('smallCase: a new case has no ground');
  const { label, load, decisions = {}, results = {} } = small;
  return {
    ...base,
    areas: {
      [AREA]: { ...area, ...small.area, shape: { ...EMPTY_SHAPE, ...small.shape } },
    },
    reports: { [report.id]: { ...report, results: { s1: resultsOf(results) } } },
    labels: label ? { [label.id]: { ...EMPTY_LABEL, ...label.says } } : {},
    loads: load
      ? { l1: { id: 'l1', areaId: AREA, order: 1, ...load, bag: '', on: '', outcome: '' } }
      : {},
    decisions: Object.fromEntries(
      Object.entries(decisions).map(([what, value]) => [
        decisionKey(AREA, what as DecisionKind),
        { what: what as DecisionKind, value, reason: '', at: `${today}T12:00:00Z` },
      ]),
    ),
  };
}

/** A small case with its plan. */
export interface PlannedSmall {
  readonly file: CaseFile;
  readonly plan: Plan;
  readonly area: AreaPlan;
}

/** Plans a small case. @throws Error where its ground cannot be worked out, which is a fault of the program */
export function planSmall(today: IsoDate, small: Small): PlannedSmall {
  const file = smallCase(today, small);
  const plan = planCase(file);
  const [area] = plan.areas;
  if (!area) throw new Error(`planSmall: ${plan.broken[0]?.fault ?? 'no ground'}`);
  return { file, plan, area };
}

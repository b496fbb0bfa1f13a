import { SOIL_PH } from './column';
import {
  KIT_CLASSES,
  type FieldReading,
  type Report,
  type ResultSource,
} from '../../casefile/parts/report';
import type { AreaSlice } from '../../casefile/slice';
import { parseDate, type IsoDate } from '../../kernel/typed/date';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';

/** The step of a usual kit's scale and of a usual probe's, in pH; common practice. */
export const USUAL_RESOLUTION: Readonly<Record<Exclude<ResultSource, 'laboratory'>, number>> = {
  kit: 0.5,
  probe: 0.5,
};
/** Readings further apart than this are not of one soil. */
const ONE_SOIL = 0.5;

type WaterPh = Figure<Quantity<'pH', 'water'>>;

/** What a colour kit or a probe has told of a sample. */
export interface FieldTest {
  readonly report: Report;
  readonly source: Exclude<ResultSource, 'laboratory'>;
  readonly on: IsoDate | undefined;
  /** The readings as one value, with the range from the lowest to the highest of them. */
  readonly ph: WaterPh;
  /** Readings that hold a pH, and the lowest and the highest of them. */
  readonly count: number;
  readonly extremes: { readonly low: number; readonly high: number };
  /** More than half a pH apart: not one soil. */
  readonly apart: boolean;
  /** The class that most readings tell of each nutrient; none where they do not agree. */
  readonly classes: Readonly<Record<'n' | 'p' | 'k', FieldReading['n']>>;
}

/** The readings of a sample in their order. */
export function readingsOf({ readings }: Report, sampleId: string): FieldReading[] {
  return Object.values(readings)
    .filter((reading) => reading.sampleId === sampleId)
    .sort((a, b) => a.order - b.order);
}

/** What more than half of those readings say that say anything. */
function mostSay(readings: readonly FieldReading[], nutrient: 'n' | 'p' | 'k'): FieldReading['n'] {
  const said = readings.map((reading) => reading[nutrient]).filter((word) => word !== '');
  const most = KIT_CLASSES.find(
    (word) => word !== '' && said.filter((each) => each === word).length * 2 > said.length,
  );
  return most ?? '';
}

function readOne(
  ctx: PlanContext,
  areaId: string,
  sampleId: string,
  report: Report,
  source: FieldTest['source'],
): FieldTest {
  const prefix = `${areaId}/field/${report.id}`;
  const own = readingsOf(report, sampleId);
  const step = ctx.number(
    {
      id: `${prefix}/resolution`,
      label: msg('field.resolution'),
      at: `reports/${report.id}/resolution`,
    },
    report.resolution,
    { above: 0, max: 2 },
    'pH',
    'water',
  );
  const half = ('absent' in step ? USUAL_RESOLUTION[source] : step.value.value) / 2;
  const read = own
    .filter(({ ph }) => ph.trim() !== '')
    .map(({ id, ph }): WaterPh => {
      const at = `reports/${report.id}/readings/${id}/ph`;
      const entry = { id: `${prefix}/reading/${id}`, label: msg('field.reading'), at };
      return ctx.number(entry, ph, SOIL_PH, 'pH', 'water');
    });
  const ph = ctx.sheet.mean({ id: `${prefix}/ph`, label: msg(`field.mean.${source}`) }, read, half);
  const values = read.flatMap((figure) => ('absent' in figure ? [] : figure.value.value));
  const extremes = { low: Math.min(...values), high: Math.max(...values) };
  const on = parseDate(report.date);
  return {
    report,
    source,
    on: on.kind === 'value' ? on.value : undefined,
    ph,
    count: values.length,
    extremes,
    apart: extremes.high - extremes.low > ONE_SOIL + 1e-9,
    classes: { n: mostSay(own, 'n'), p: mostSay(own, 'p'), k: mostSay(own, 'k') },
  };
}

/** Every kit and probe that was used on a sample, in the order in which they were noted. */
export function readFieldTests(
  ctx: PlanContext,
  file: AreaSlice,
  areaId: string,
  sampleId: string,
): FieldTest[] {
  return Object.values(file.reports).flatMap((report) =>
    report.source === 'laboratory' || readingsOf(report, sampleId).length === 0
      ? []
      : readOne(ctx, areaId, sampleId, report, report.source),
  );
}

function width(ph: WaterPh): number {
  return 'absent' in ph || !ph.range ? Infinity : ph.range.high - ph.range.low;
}

/** The field test that is counted on where no laboratory has spoken: the one that is off the least. */
export function surestOf(tests: readonly FieldTest[]): FieldTest | undefined {
  const [first, ...rest] = tests.filter(({ ph }) => !('absent' in ph));
  return rest.reduce(
    (best, test) => (best && width(test.ph) < width(best.ph) ? test : best),
    first,
  );
}

import type { Typed } from '../../casefile/parts/typed';
import type { Nutrient, NutrientRates } from '../../catalog/nutrients';
import { parseGrade, type Grade } from '../../kernel/typed/grade';
import {
  ouncesPerHundredToPerThousand,
  perAcreToPerThousand,
  percentToShare,
  perHundredToPerThousand,
  phosphorusToPhosphate,
  potassiumToPotash,
  productToNutrient,
} from '../../kernel/units/convert';
import type { Quantity, Substance } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';

/** Units that laboratories print rates in. */
export const RATE_UNITS = ['lb/1000ft2', 'lb/100ft2', 'lb/acre', 'oz/100ft2'] as const;

type Rate<S extends Substance> = Figure<Quantity<'lb/1000ft2', S>>;
type RecAnalyte = 'rec-n' | 'rec-p' | 'rec-k' | 'rec-product';

/** The laboratory's own words, as typed, and where they stand. */
export interface Recommended {
  readonly base: string;
  readonly typed: Readonly<Record<RecAnalyte | 'rec-per' | 'rec-times' | 'rec-crop', Typed>>;
}

const AMOUNT = { min: 0, max: 100_000 };

interface RateEntry {
  readonly id: string;
  readonly label: Msg;
  readonly at: string;
}

/** A printed rate in lb/1000 ft², from the unit that it was printed in. */
function rateOf<S extends Substance>(
  ctx: PlanContext,
  entry: RateEntry,
  { text, unit }: Typed,
  of: S,
): Rate<S> {
  const printed = { ...entry, id: `${entry.id}/printed`, standing: 'report' as const };
  const converted = { id: entry.id, label: msg('lime.perThousand'), source: 'definition' as const };
  if (unit === 'lb/100ft2') {
    const read = ctx.number(printed, text, AMOUNT, 'lb/100ft2', of);
    return ctx.sheet.derive('convert', converted, [read], perHundredToPerThousand);
  }
  if (unit === 'lb/acre') {
    const read = ctx.number(printed, text, AMOUNT, 'lb/acre', of);
    return ctx.sheet.derive('convert', converted, [read], perAcreToPerThousand);
  }
  if (unit === 'oz/100ft2') {
    const read = ctx.number(printed, text, AMOUNT, 'oz/100ft2', of);
    return ctx.sheet.derive('convert', converted, [read], ouncesPerHundredToPerThousand);
  }
  if (unit === 'lb/1000ft2') {
    return ctx.number({ ...entry, standing: 'report' }, text, AMOUNT, 'lb/1000ft2', of);
  }
  const untyped = text.trim() === '';
  return ctx.sheet.absent(
    entry,
    untyped ? msg('absent.notTyped', { what: entry.label }) : msg('absent.unitUnknown', { unit }),
  );
}

/** Nutrients as printed; P and K may be printed as elements. */
function nutrientRates(ctx: PlanContext, prefix: string, rec: Recommended): NutrientRates {
  const entry = (nutrient: Nutrient, analyte: RecAnalyte): RateEntry => ({
    id: `${prefix}/${nutrient}/laboratory`,
    label: msg(`feed.laboratory.${nutrient as Nutrient}`),
    at: `${rec.base}/${analyte}/text`,
  });
  const element = (of: RateEntry): RateEntry => ({ ...of, id: `${of.id}/element` });
  const asOxide = (of: RateEntry) => ({
    id: of.id,
    label: msg('feed.asOxide'),
    source: 'aapfco' as const,
  });
  const [n, p, k] = [rec.typed['rec-n'], rec.typed['rec-p'], rec.typed['rec-k']];
  const [atP, atK] = [entry('P2O5', 'rec-p'), entry('K2O', 'rec-k')];
  return {
    N: rateOf(ctx, entry('N', 'rec-n'), n, 'N'),
    P2O5:
      p.method === 'P'
        ? ctx.sheet.derive(
            'convert',
            asOxide(atP),
            [rateOf(ctx, element(atP), p, 'P')],
            phosphorusToPhosphate,
          )
        : rateOf(ctx, atP, p, 'P2O5'),
    K2O:
      k.method === 'K'
        ? ctx.sheet.derive(
            'convert',
            asOxide(atK),
            [rateOf(ctx, element(atK), k, 'K')],
            potassiumToPotash,
          )
        : rateOf(ctx, atK, k, 'K2O'),
  };
}

/** What so much of a product of a printed grade brings. */
function productRates(
  ctx: PlanContext,
  prefix: string,
  rec: Recommended,
  grade: Grade,
): NutrientRates {
  const at = `${rec.base}/rec-product/text`;
  const entry = { id: `${prefix}/laboratory/product`, label: msg('feed.laboratory.product'), at };
  const product = rateOf(ctx, entry, rec.typed['rec-product'], 'product');
  const brings = <S extends Nutrient>(nutrient: S): Rate<S> => {
    const id = `${prefix}/${nutrient}/laboratory`;
    const percent = ctx.constant(
      { id: `${id}/grade`, label: msg('feed.grade'), standing: 'report', source: 'grade' },
      grade[nutrient],
      '%',
      nutrient,
    );
    const label = msg('feed.share');
    const share = ctx.sheet.derive(
      'convert',
      { id: `${id}/share`, label },
      [percent],
      percentToShare,
    );
    return ctx.sheet.derive(
      'multiply',
      { id, label: msg(`feed.laboratory.${nutrient as Nutrient}`) },
      [product, share],
      productToNutrient,
    );
  };
  return { N: brings('N'), P2O5: brings('P2O5'), K2O: brings('K2O') };
}

/** What the laboratory's amounts are for: a whole year, each of some applications, or planting. */
export const RECOMMENDED_PER = ['', 'year', 'application', 'planting'] as const;

/** Rates of one application as those of the year. */
function overTheYear(
  ctx: PlanContext,
  prefix: string,
  rec: Recommended,
  each: NutrientRates,
): NutrientRates {
  const times = ctx.number(
    {
      id: `${prefix}/laboratory/times`,
      label: msg('feed.laboratory.times'),
      at: `${rec.base}/rec-times/text`,
      standing: 'report',
    },
    rec.typed['rec-times'].text,
    { min: 1, max: 12 },
    'ratio',
    'count',
  );
  const year = <S extends Nutrient>(nutrient: S, rate: Rate<S>): Rate<S> =>
    ctx.sheet.multiply(
      {
        id: `${prefix}/${nutrient}/laboratory/year`,
        label: msg(`feed.laboratory.${nutrient as Nutrient}`),
      },
      [rate, times],
      'lb/1000ft2',
      nutrient,
    );
  return { N: year('N', each.N), P2O5: year('P2O5', each.P2O5), K2O: year('K2O', each.K2O) };
}

/**
 * The laboratory's own N, P2O5 and K2O of a year in lb/1000 ft²: from nutrients (oxide or element), or
 * from so much of a product by its grade. Both at once is a problem at the product. Amounts of one
 * application count as often as the report says; without that number they are absent.
 */
export function laboratoryRates(ctx: PlanContext, prefix: string, rec: Recommended): NutrientRates {
  const rates = printedRates(ctx, prefix, rec);
  return rec.typed['rec-per'].text === 'application' ? overTheYear(ctx, prefix, rec, rates) : rates;
}

function printedRates(ctx: PlanContext, prefix: string, rec: Recommended): NutrientRates {
  const product = rec.typed['rec-product'];
  if (product.text.trim() === '') return nutrientRates(ctx, prefix, rec);
  const grade = parseGrade(product.method);
  const nutrients = (['rec-n', 'rec-p', 'rec-k'] as const).some(
    (analyte) => rec.typed[analyte].text.trim() !== '',
  );
  if (nutrients) ctx.problems[`${rec.base}/rec-product/text`] = msg('problem.nutrientsOrProduct');
  else if (grade.kind === 'error') ctx.problems[`${rec.base}/rec-product/method`] = grade.error;
  if (!nutrients && grade.kind === 'value') return productRates(ctx, prefix, rec, grade.value);
  const reason = msg(nutrients ? 'problem.nutrientsOrProduct' : 'absent.noGrade');
  const absent = (nutrient: Nutrient) =>
    ctx.sheet.absent(
      {
        id: `${prefix}/${nutrient}/laboratory`,
        label: msg(`feed.laboratory.${nutrient as Nutrient}`),
      },
      reason,
    );
  return { N: absent('N'), P2O5: absent('P2O5'), K2O: absent('K2O') };
}

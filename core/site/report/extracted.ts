import type { Typed } from '../../casefile/parts/typed';
import { FURROW_SLICE_IN } from '../../tables/ground/measuring';
import { equivalentMass, SHARE_OF_ION, type Base } from '../../tables/molarMass';
import { kilogramsPerHectareToPoundsPerAcre, volumeToPpm } from '../../kernel/units/convert';
import {
  quantity,
  type Quantity,
  type SoilElement,
  type Substance,
} from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Rating } from '../../catalog/packs/pack';
import { classOf } from './classWords';
import type { Figure } from '../../kernel/working/working';
import type { Entry } from '../../kernel/working/sheet';
import { poundsPerAcreAsPpm } from '../../equations/soil/poundsPerAcreToPpm';
import { chargeAsPpm } from '../../equations/soil/milliequivalents';

/** A soil-test value in ppm of the element, and the extractant that it was found by. */
export interface Extracted<S extends SoilElement = SoilElement> {
  readonly figure: Figure<Quantity<'ppm', S>>;
  /** Empty where the report's extractant is not known. */
  readonly method: string;
  readonly typed: boolean;
  /** What a saturated extract of a mix holds: never ppm of soil. */
  readonly inExtract?: Figure<Quantity<'mg/L', S>>;
  /** The class that the laboratory's own word stands for, where it printed a word and no number. */
  readonly word?: Rating;
}

type Place = Entry & { readonly at: string };
/** What of the soil's own the amounts of a report turn on. */
export interface SoilBody {
  /** Inches that the report speaks for. */
  readonly depth: Figure<Quantity<'in', 'depth'>>;
  /** Weight of the soil in a given volume, read when a value by volume needs it. */
  readonly weight: () => Figure<Quantity<'g/cm3', 'density'>>;
}
type Ppm<S extends Substance> = Figure<Quantity<'ppm', S>>;

const CONCENTRATION = { min: 0, max: 100_000 };
const PER_ACRE = { min: 0, max: 200_000 };
const CHARGE = { min: 0, max: 200 };

const BASES: ReadonlySet<string> = new Set<Base>(['Ca', 'Mg', 'K', 'Na']);

/** The mass of a base that carries a mole of charge, as a figure of the plan. */
export function equivalentFigure<S extends Substance>(
  ctx: PlanContext,
  id: string,
  of: S & Base,
): Figure<Quantity<'g/eq', S>> {
  const entry = { id, label: msg(`report.equivalent.${of as Base}`), source: 'aapfco' as const };
  return ctx.constant<'g/eq', S>(entry, equivalentMass(of), 'g/eq', of);
}

/** Pounds over an acre as ppm, over the report's own depth, else over the depth that the trade means. */
function overDepth<S extends SoilElement>(
  ctx: PlanContext,
  entry: Place,
  perAcre: Figure<Quantity<'lb/acre', S>>,
  reportDepth: SoilBody['depth'],
): Ppm<S> {
  const depth =
    'absent' in reportDepth
      ? ctx.constant(
          { id: `${entry.id}/depth`, label: msg('report.furrowSlice'), source: 'practice' },
          FURROW_SLICE_IN,
          'in',
          'depth',
        )
      : reportDepth;
  return ctx.sheet.equation(
    { id: entry.id, label: msg('report.perAcreToPpm'), source: 'practice' },
    poundsPerAcreAsPpm<S>(),
    [perAcre, depth],
  );
}

function byCharge<S extends SoilElement>(
  ctx: PlanContext,
  entry: Place,
  text: string,
  of: S & Base,
): Ppm<S> {
  const printed = ctx.limited<'meq/100g', S>(
    { ...entry, id: `${entry.id}/printed` },
    text,
    CHARGE,
    'meq/100g',
    of,
  );
  return ctx.sheet.equation(
    { id: entry.id, label: msg('report.meqToPpm'), source: 'aapfco' },
    chargeAsPpm<S>(),
    [printed, equivalentFigure<S>(ctx, `${entry.id}/equivalent`, of)],
  );
}

/** Nitrate or sulfate as the element in it. */
function ofIon<S extends SoilElement>(
  ctx: PlanContext,
  id: string,
  ion: Ppm<S>,
  of: S & keyof typeof SHARE_OF_ION,
): Ppm<S> {
  const share = ctx.constant(
    {
      id: `${id}/share`,
      label: msg(`report.ionShare.${of as keyof typeof SHARE_OF_ION}`),
      source: 'aapfco',
    },
    SHARE_OF_ION[of],
    'ratio',
    'share',
  );
  return ctx.sheet.derive(
    'multiply',
    { id, label: msg(`report.asElement.${of as keyof typeof SHARE_OF_ION}`) },
    [ion, share],
    (amount, part) => quantity(amount.value * part.value, 'ppm', amount.of),
  );
}

/** What a unit cannot be turned into ppm of soil for. */
const NEVER_CONVERTED: ReadonlyMap<string, Msg> = new Map([
  ['ppm-extract', msg('absent.inExtract')],
  ['index', msg('absent.index')],
  ['word', msg('absent.word')],
]);

/**
 * Reads a value as printed: ppm, mg/kg, lb/acre and kg/ha over the report's own depth (else over 6⅔ in.),
 * mg/dm³ by the weight of the soil in a volume, bases also in meq/100 g or cmol/kg. A value of an extract,
 * an index, a word, or a unit that is not known is absent, never converted.
 */
export function readExtracted<S extends SoilElement>(
  ctx: PlanContext,
  entry: Place,
  typed: Typed,
  body: SoilBody,
  of: S,
): Extracted<S> {
  const word = typed.unit === 'word' ? classOf(typed.text) : undefined;
  const common = {
    method: typed.method,
    typed: typed.text.trim() !== '',
    ...(word ? { word } : {}),
  };
  const ion = (of === 'N' && typed.method === 'NO3') || (of === 'S' && typed.method === 'SO4');
  const place = ion ? { ...entry, id: `${entry.id}/ion` } : entry;
  const read = (): Ppm<S> => {
    const { text, unit } = typed;
    if (!common.typed || unit === 'ppm' || unit === 'mg/kg') {
      return ctx.limited(place, text, CONCENTRATION, 'ppm', of);
    }
    const printed = { ...place, id: `${place.id}/printed` };
    if (unit === 'lb/acre') {
      return overDepth(ctx, place, ctx.limited(printed, text, PER_ACRE, unit, of), body.depth);
    }
    if (unit === 'kg/ha') {
      const metric = ctx.limited(printed, text, PER_ACRE, unit, of);
      const perAcre = ctx.sheet.derive(
        'convert',
        { id: `${place.id}/per-acre`, label: msg('report.perAcre'), source: 'definition' },
        [metric],
        kilogramsPerHectareToPoundsPerAcre,
      );
      return overDepth(ctx, place, perAcre, body.depth);
    }
    if (unit === 'mg/dm3') {
      const perVolume = ctx.limited(printed, text, CONCENTRATION, 'mg/dm3', of);
      const divided = { id: place.id, label: msg('report.volumeToPpm') };
      return ctx.sheet.derive('divide', divided, [perVolume, body.weight()], volumeToPpm);
    }
    const never = NEVER_CONVERTED.get(unit);
    if (never) return ctx.sheet.absent(place, never);
    if ((unit === 'meq/100g' || unit === 'cmol/kg') && BASES.has(of)) {
      return byCharge(ctx, place, text, of as S & Base);
    }
    return ctx.sheet.absent(place, msg('absent.unitUnknown', { unit }));
  };
  if (typed.unit === 'ppm-extract' && common.typed) {
    const inExtract = ctx.limited<'mg/L', S>(
      { ...entry, id: `${entry.id}/in-extract` },
      typed.text,
      CONCENTRATION,
      'mg/L',
      of,
    );
    return { ...common, figure: read(), inExtract };
  }
  const figure = read();
  if (!ion) return { ...common, figure };
  return { ...common, figure: ofIon(ctx, entry.id, figure, of as S & keyof typeof SHARE_OF_ION) };
}

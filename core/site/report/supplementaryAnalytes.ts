import type { Typed } from '../../casefile/parts/typed';
import type { OtherAnalyte } from '../../catalog/analytes';
import { CACO3_EQUIVALENT, equivalentMass, SHARE_OF_ION } from '../../tables/molarMass';
import {
  microSiemensToDeciSiemens,
  milliequivalentsToMilligrams,
} from '../../kernel/units/convert';
import type { Quantity, Substance } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { Entry } from '../../kernel/working/sheet';

type Place = Entry & { readonly at: string };

const PH = { min: 3, max: 11 };
const SALTS = { min: 0, max: 100 };
const MICRO_SALTS = { min: 0, max: 100_000 };
const CHARGE = { min: 0, max: 200 };
const WATER = { min: 0, max: 20_000 };
/** From peat to packed sand, g/cm³. */
const WEIGHT_PER_VOLUME = { min: 0.1, max: 2 };

function printed(entry: Place): Place {
  return { ...entry, id: `${entry.id}/printed` };
}

/** Conductivity in dS/m. */
function salts(ctx: PlanContext, entry: Place, { text, unit }: Typed): Figure {
  if (unit !== 'uS/cm') return ctx.limited(entry, text, SALTS, 'dS/m', 'salts');
  const typed = ctx.limited(printed(entry), text, MICRO_SALTS, 'uS/cm', 'salts');
  const converted = { id: entry.id, label: msg('report.perMetre'), source: 'definition' as const };
  return ctx.sheet.derive('convert', converted, [typed], microSiemensToDeciSiemens);
}

/** What is in water, in mg/L: alkalinity as CaCO3. */
function inWater<S extends Substance>(
  ctx: PlanContext,
  entry: Place,
  { text, unit }: Typed,
  of: S,
  mass: number,
): Figure<Quantity<'mg/L', S>> {
  if (unit !== 'meq/L') return ctx.limited(entry, text, WATER, 'mg/L', of);
  const typed = ctx.limited(printed(entry), text, CHARGE, 'meq/L', of);
  const equivalent = ctx.constant(
    { id: `${entry.id}/equivalent`, label: msg('report.equivalent.water'), source: 'aapfco' },
    mass,
    'g/eq',
    of,
  );
  const label = msg('report.perLitre');
  return ctx.sheet.derive(
    'multiply',
    { id: entry.id, label },
    [typed, equivalent],
    milliequivalentsToMilligrams,
  );
}

function nitrateInWater(ctx: PlanContext, entry: Place, typed: Typed): Figure {
  if (typed.method !== 'NO3') return ctx.limited(entry, typed.text, WATER, 'mg/L', 'N');
  const ion = ctx.limited(printed(entry), typed.text, WATER, 'mg/L', 'N');
  const share = ctx.constant(
    { id: `${entry.id}/share`, label: msg('report.ionShare.N'), source: 'aapfco' },
    SHARE_OF_ION.N,
    'ratio',
    'share',
  );
  const label = msg('report.asElement.N');
  return ctx.sheet.multiply({ id: entry.id, label }, [ion, share], 'mg/L', 'N');
}

const SHARE_OF = {
  'sat-ca': 'Ca',
  'sat-mg': 'Mg',
  'sat-k': 'K',
  'sat-na': 'Na',
  'sat-h': 'H',
} as const;

const BUFFER_OF = {
  'ph-sikora': 'Sikora',
  'ph-mehlich': 'Mehlich',
  'ph-adams-evans': 'Adams-Evans',
  'ph-woodruff': 'Woodruff',
} as const;

/** The weight of the soil in a given volume, which values by volume are divided by. */
export function readWeight(
  ctx: PlanContext,
  entry: Place,
  { text }: Typed,
): Figure<Quantity<'g/cm3', 'density'>> {
  return ctx.number(entry, text, WEIGHT_PER_VOLUME, 'g/cm3', 'density');
}

/**
 * Reads what is no content of an element into its normal form: conductivity in dS/m, acidity in
 * meq/100 g, shares in percent, water in mg/L with alkalinity as CaCO3, a buffer in its own pH.
 */
export function readOther(
  ctx: PlanContext,
  entry: Place,
  typed: Typed,
  analyte: Exclude<OtherAnalyte, 'wv'>,
): Figure {
  switch (analyte) {
    case 'ec':
    case 'water-ec':
      return salts(ctx, entry, typed);
    case 'acidity':
      return ctx.limited(entry, typed.text, CHARGE, 'meq/100g', 'acidity');
    case 'water-ph':
      return ctx.number(entry, typed.text, PH, 'pH', 'water');
    case 'water-alkalinity':
      return inWater(ctx, entry, typed, 'alkalinity', CACO3_EQUIVALENT);
    case 'water-na':
      return inWater(ctx, entry, typed, 'Na', equivalentMass('Na'));
    case 'water-no3':
      return nitrateInWater(ctx, entry, typed);
    case 'ph-sikora':
    case 'ph-mehlich':
    case 'ph-adams-evans':
    case 'ph-woodruff':
      return ctx.number(entry, typed.text, PH, 'pH', BUFFER_OF[analyte]);
    default:
      return ctx.limited(entry, typed.text, { min: 0, max: 200 }, '%', SHARE_OF[analyte]);
  }
}

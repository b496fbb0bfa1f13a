import { SCHEME_IDS } from '../tables/lime/fineness';
import { TEXTURES } from '../tables/lime/byTexture';
import { MEASURES, SHAPES, type ShapeKind } from '../casefile/parts/shape';
import { SHIPPED_OTHERS } from '../catalog/materials/others';
import { SHIPPED_MATERIALS } from '../catalog/materials/materials';
import { PLANTS } from '../catalog/plants/plants';
import { NUTRIENTS } from '../catalog/nutrients';
import { feedsOf } from '../treat/liquid/liquidFeed';
import type { NumberRule } from '../kernel/typed/number';
import type { UnitFamily } from '../kernel/units/families';
import type { Substance, Unit } from '../kernel/units/quantity';

/** What a soil test finds and a sum may be about. */
export const ELEMENTS = ['P', 'K', 'Ca', 'Mg', 'S', 'N'] as const;
export const BASES = ['Ca', 'Mg', 'K', 'Na'] as const;

interface MeasureField<F extends UnitFamily = UnitFamily, S extends Substance = Substance> {
  readonly kind: 'measure';
  readonly family: F;
  /** The unit in which it is usually told. */
  readonly unit: Unit;
  readonly of: S;
  readonly rule: NumberRule;
}

interface NumberField<U extends Unit = Unit, S extends Substance = Substance> {
  readonly kind: 'number';
  readonly unit: U;
  readonly of: S;
  readonly rule: NumberRule;
}

interface LengthField<S extends Substance = Substance> {
  readonly kind: 'length';
  readonly of: S;
  readonly rule: NumberRule;
}

/** One of a few values; `words` is the family of messages that says them. */
interface ChoiceField {
  readonly kind: 'choice';
  readonly words:
    'benchChoice' | 'texture' | 'plant' | 'material' | 'shape' | 'nutrient' | 'scheme';
  readonly options: readonly string[];
}

/** A grade as a bag prints it, and measures that the shape itself reads. */
interface TextField {
  readonly kind: 'grade' | 'asTyped';
}

export type FieldSpec = MeasureField | NumberField | LengthField | ChoiceField | TextField;

const measure = <const F extends UnitFamily, const S extends Substance>(
  family: F,
  unit: Unit,
  of: S,
  max: number,
): MeasureField<F, S> => ({ kind: 'measure', family, unit, of, rule: { above: 0, max } });

const number = <const U extends Unit, const S extends Substance>(
  unit: U,
  of: S,
  rule: NumberRule,
): NumberField<U, S> => ({ kind: 'number', unit, of, rule });

const choice = (words: ChoiceField['words'], options: readonly string[]): ChoiceField => ({
  kind: 'choice',
  words,
  options,
});

const asTyped: TextField = { kind: 'asTyped' };
const PERCENT: NumberRule = { min: 0, max: 100 };
const PH: NumberRule = { min: 3, max: 10 };
const PPM: NumberRule = { min: 0, max: 20_000 };

const DRY = [
  ...SHIPPED_MATERIALS.fertilizers.filter(({ pesticide }) => !pesticide),
  ...SHIPPED_MATERIALS.lime,
  ...SHIPPED_MATERIALS.sulfur,
];
const idsOf = (all: readonly { readonly id: string }[]): string[] => all.map(({ id }) => id);

/** Ground that can be typed in one line: all but the outline of a map. */
const BENCH_SHAPES: readonly ShapeKind[] = SHAPES.filter(
  (kind) => kind !== 'unknown' && kind !== 'outline',
);

const FIELD_SPECS = {
  nutrient: choice('nutrient', NUTRIENTS),
  where: choice('benchChoice', ['lawn', 'bed', 'planting']),
  rate: measure('rate', 'lb/1000ft2', 'product', 100_000),
  nutrientRate: measure('rate', 'lb/1000ft2', 'N', 1000),
  ground: measure('ground', 'ft2', 'ground', 50_000_000),
  weight: measure('weight', 'lb', 'product', 1_000_000),
  bag: number('lb/bag', 'product', { above: 0, max: 3000 }),
  grade: { kind: 'grade' },
  price: number('usd/bag', 'money', { min: 0, max: 10_000 }),
  otherBag: number('lb/bag', 'product', { above: 0, max: 3000 }),
  otherGrade: { kind: 'grade' },
  otherPrice: number('usd/bag', 'money', { min: 0, max: 10_000 }),
  shape: choice('shape', BENCH_SHAPES),
  between: { kind: 'length', of: 'row', rule: { above: 0, max: 100 } },
  each: measure('ground', 'ft2', 'ground', 100_000),
  toldFor: choice('benchChoice', ['ground', 'row', 'onePlant']),
  rowRate: number('lb/100ft', 'product', { above: 0, max: 1000 }),
  plantRate: measure('weight', 'oz', 'product', 1000),
  toldIn: choice('benchChoice', ['pounds', 'cups', 'bags']),
  cups: number('cups', 'product', { above: 0, max: 100_000 }),
  bags: number('bags', 'product', { above: 0, max: 100_000 }),
  element: choice('benchChoice', ELEMENTS),
  base: choice('benchChoice', BASES),
  way: choice('benchChoice', ['ppm', 'lb/acre']),
  found: number('ppm', 'share', PPM),
  soilDeep: measure('deep', 'in', 'depth', 48),
  change: choice('benchChoice', [
    ...['P>P2O5', 'P2O5>P', 'K>K2O', 'K2O>K'],
    ...['NO3>N', 'N>NO3', 'SO4>S', 'S>SO4'],
  ]),
  told: number('lb', 'share', { min: 0, max: 1_000_000 }),
  material: choice('material', idsOf(DRY)),
  plant: choice('plant', Object.keys(PLANTS)),
  ph: number('pH', 'water', PH),
  buffer: number('pH', 'SMP', PH),
  cce: number('%', 'CCE', { min: 10, max: 180 }),
  scheme: choice('scheme', SCHEME_IDS),
  mesh4: number('%', 'share', PERCENT),
  mesh8: number('%', 'share', PERCENT),
  mesh10: number('%', 'share', PERCENT),
  mesh20: number('%', 'share', PERCENT),
  mesh30: number('%', 'share', PERCENT),
  mesh40: number('%', 'share', PERCENT),
  mesh50: number('%', 'share', PERCENT),
  mesh60: number('%', 'share', PERCENT),
  mesh100: number('%', 'share', PERCENT),
  moisture: number('%', 'share', { min: 0, max: 60 }),
  texture: choice('texture', TEXTURES),
  plants: number('ratio', 'count', { min: 1, max: 100_000 }),
  across: { kind: 'length', of: 'diameter', rule: { above: 0, max: 100 } },
  fizz: choice('benchChoice', ['unknown', 'no', 'yes']),
  percent: number('%', 'S', { min: 5, max: 100 }),
  tons: measure('rate', 'ton/acre', 'product', 100_000),
  compost: choice('material', idsOf(SHIPPED_OTHERS.bulk)),
  thick: measure('deep', 'in', 'depth', 24),
  feed: choice('material', idsOf(feedsOf(SHIPPED_MATERIALS))),
  strength: number('ppm', 'N', { min: 10, max: 2000 }),
  walked: { kind: 'length', of: 'ground', rule: { above: 0, max: 2000 } },
  swath: { kind: 'length', of: 'ground', rule: { above: 0, max: 100 } },
  out: measure('weight', 'lb', 'product', 2000),
  dial: number('dial', 'dial', { min: 0, max: 200 }),
  alkalinity: number('mg/L', 'alkalinity', { min: 0, max: 2000 }),
  water: measure('deep', 'in', 'depth', 200),
  use: choice('benchChoice', ['lawn', 'bed', 'woody', 'plot']),
  toCharge: choice('benchChoice', ['ppm', 'meq/100g']),
  ca: number('ppm', 'Ca', PPM),
  mg: number('ppm', 'Mg', PPM),
  k: number('ppm', 'K', PPM),
  na: number('ppm', 'Na', PPM),
  acidity: number('meq/100g', 'acidity', { min: 0, max: 200 }),
  ...(Object.fromEntries(MEASURES.map((each) => [each, asTyped])) as Record<
    (typeof MEASURES)[number],
    TextField
  >),
} as const satisfies Readonly<Record<string, FieldSpec>>;

export type FieldId = keyof typeof FIELD_SPECS;
type Specs = typeof FIELD_SPECS;
type IdsOf<Kind extends FieldSpec['kind']> = {
  [Id in FieldId]: Specs[Id] extends { readonly kind: Kind } ? Id : never;
}[FieldId];
export type NumberId = IdsOf<'number'>;
export type MeasureId = IdsOf<'measure'>;
export type LengthId = IdsOf<'length'>;
export type ChoiceId = IdsOf<'choice'>;
/** The unit and the substance of a field. */
export type UnitOf<Id extends NumberId> = Specs[Id]['unit'];
export type FamilyOf<Id extends MeasureId> = Specs[Id]['family'];
export type SubstanceOf<Id extends NumberId | MeasureId | LengthId> = Specs[Id]['of'];

/** Every field that a sum may ask, each with what may be typed into it. */
export const FIELDS: { readonly [Id in FieldId]: Specs[Id] & FieldSpec } = FIELD_SPECS;

import Joi from 'joi';
import { SITUATIONS } from '../../core/catalog/situations';
import { NEED_CLASSES, type PlantForm } from '../../core/catalog/plants/plants';
import { SOURCES, type Standing } from '../../core/kernel/sources';
import { faultsOfPack } from '../../core/catalog/packs/lint';
import type { Pack } from '../../core/catalog/packs/pack';
import { faultsOf, type Fault } from './faults';

const STANDINGS: readonly Standing[] = [
  'exact',
  'published',
  'recalled',
  'practice',
  'house',
  'report',
];

/** Beyond any rate, threshold or cap. */
const MOST = 1_000_000;
const amount = Joi.number().strict().min(0).max(MOST).required();
const standing = Joi.valid(...STANDINGS).required();
const value = Joi.object({ value: amount, standing }).required();
const day = Joi.string()
  .pattern(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/)
  .required();
const seasons = Joi.array()
  .items(Joi.object({ from: day, to: day }))
  .min(1)
  .required();
const packVersion = Joi.number().strict().integer().min(1).max(MOST).required();
const id = Joi.string()
  .pattern(/^[a-z0-9-]{1,64}$/)
  .required();
const name = /^[a-z0-9-]{1,64}$/;

/** Rates of the four ratings, from low to very high. */
const byRating = Joi.array().items(amount).length(4);

/** Upper ends of bands. */
const ends = Joi.array().items(amount).min(1).max(8);

const year = Joi.number().strict().integer().min(1800).max(2200);
const cited = {
  source: Joi.valid(...Object.keys(SOURCES)),
  locator: Joi.string().allow('').max(200),
  year,
};

const bands = {
  ...cited,
  unit: Joi.valid('ppm', 'lb/acre', 'mg/L'),
  method: Joi.string().max(64).required(),
  decimals: Joi.number().strict().integer().min(0).max(3).required(),
  step: Joi.number().strict().greater(0).max(10),
  standing,
};

const fixed = Joi.object({ ...bands, upTo: ends.required() }).allow(null);
const grouped = Joi.object({
  ...bands,
  byGroup: Joi.object().pattern(name, ends).max(20).required(),
});
const around = Joi.object({
  ...bands,
  critical: Joi.object({ base: amount, perCec: amount, cecUnknown: amount }).required(),
  lowBelowShare: amount.max(1),
  highUpToAbove: amount,
});

const dressing = Joi.object({
  quickN: value,
  slowN: value,
  quickK2O: value.allow(null),
  intervalDays: value,
  apartFromLimeDays: value,
  seasons,
}).required();

const nitrogen = Joi.alternatives(
  Joi.object({ by: Joi.valid('clippings').required(), returned: value, removed: value }),
  Joi.object({ by: Joi.valid('organic-matter').required(), rates: byRating.required() }),
  Joi.object({ by: Joi.valid('plant').required(), rate: amount }),
);

const plant = Joi.object({
  ...cited,
  standing,
  unit: Joi.valid('lb/1000ft2', 'lb/acre'),
  N: nitrogen.required(),
  P2O5: byRating.allow(null).required(),
  K2O: byRating.allow(null).required(),
});

const byClass = (rates: Joi.Schema): Joi.Schema =>
  Joi.object(Object.fromEntries(NEED_CLASSES.map((each) => [each, rates]))).required();
const classRates = Joi.object({
  ...cited,
  standing,
  N: byClass(nitrogen),
  P2O5: byClass(byRating),
  K2O: byClass(byRating),
});
const FORMS: readonly PlantForm[] = ['lawn', 'bed', 'woody', 'plot'];

const situation = Joi.object({ cap: value, depth: value }).required();

const nutrientBands = Joi.alternatives()
  .conditional(Joi.object({ critical: Joi.exist() }).unknown(), { then: around })
  .conditional(Joi.object({ byGroup: Joi.exist() }).unknown(), { then: grouped, otherwise: fixed })
  .allow(null)
  .required();

/** The shape of a pack; what it says against itself is for its linter. */
export const packShape = Joi.object({
  id,
  name: Joi.string().min(1).max(120),
  changed: Joi.array().items(Joi.string().max(200)).max(500),
  copiedFrom: Joi.object({
    id,
    version: packVersion,
  }),
  version: packVersion,
  source: Joi.valid(...Object.keys(SOURCES)).required(),
  lime: Joi.object({
    bySituation: Joi.object(
      Object.fromEntries(SITUATIONS.map((each) => [each, situation])),
    ).required(),
    least: value,
    confirmAbove: value,
    firmDoses: value,
    testMonthsBefore: value,
    intervalMonths: value,
    seasons,
    sandy: Joi.object({ cec: amount, target: amount }).required(),
  }).required(),
  soilTest: Joi.object({ p: nutrientBands, k: nutrientBands }).required(),
  organicMatter: Joi.object({ decimals: bands.decimals, upTo: ends.required() })
    .allow(null)
    .required(),
  feeding: Joi.object().pattern(name, plant).max(300).required(),
  classes: Joi.object(Object.fromEntries(FORMS.map((form) => [form, classRates.required()]))),
  dressing: Joi.object({ lawn: dressing, bed: dressing }).required(),
  rowSideDressN: value.allow(null),
  organicAbove: amount.max(100),
  phUncertainty: value,
  retestYears: value,
});

export type ValidatedPack =
  | { readonly kind: 'valid'; readonly pack: Pack }
  | { readonly kind: 'invalid'; readonly faults: readonly Fault[] };

/** Checks that a document has the shape of a pack, and that it says nothing against itself. */
export function validatePack(document: unknown): ValidatedPack {
  const shape = faultsOf(packShape, document);
  const faults = shape.length > 0 ? shape : faultsOfPack(document as Pack);
  return faults.length > 0
    ? { kind: 'invalid', faults }
    : { kind: 'valid', pack: document as Pack };
}

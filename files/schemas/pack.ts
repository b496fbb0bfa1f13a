import Joi from 'joi';
import { SITUATIONS } from '../../core/casefile/casefile';
import { SOURCES, type Standing } from '../../core/tables/sources';
import type { Pack } from '../../core/yardsticks/pack';
import { faultsOf, type Fault } from './faults';

const STANDINGS: readonly Standing[] = [
  'exact',
  'published',
  'recalled',
  'practice',
  'house',
  'report',
];

const amount = Joi.number().strict().min(0).required();
const standing = Joi.valid(...STANDINGS).required();
const value = Joi.object({ value: amount, standing }).required();
const day = Joi.string()
  .pattern(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/)
  .required();
const seasons = Joi.array()
  .items(Joi.object({ from: day, to: day }))
  .min(1)
  .required();
const id = Joi.string()
  .pattern(/^[a-z0-9-]{1,64}$/)
  .required();
const name = /^[a-z0-9-]{1,64}$/;

/** Rates of the four ratings, from low to very high; a richer soil never gets more. */
const byRating = Joi.array()
  .items(amount)
  .length(4)
  .custom((rates: number[], helpers) =>
    rates.every((rate, index) => index === 0 || rate <= (rates[index - 1] ?? 0))
      ? rates
      : helpers.error('any.invalid'),
  );

/** Upper ends of bands, each above the one before. */
const ends = Joi.array()
  .items(amount)
  .min(1)
  .custom((list: number[], helpers) =>
    list.every((end, index) => index === 0 || end > (list[index - 1] ?? 0))
      ? list
      : helpers.error('any.invalid'),
  )
  .required();

const bands = {
  method: id,
  decimals: Joi.number().strict().integer().min(0).max(3).required(),
  step: Joi.number().strict().greater(0).max(10),
  standing,
};

const fixed = Joi.object({ ...bands, upTo: ends }).allow(null);
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

const plant = Joi.object({
  standing,
  N: Joi.alternatives(
    Joi.object({ by: Joi.valid('clippings').required(), returned: value, removed: value }),
    Joi.object({ by: Joi.valid('organic-matter').required(), rates: byRating.required() }),
  ).required(),
  P2O5: byRating.allow(null).required(),
  K2O: byRating.allow(null).required(),
});

const situation = Joi.object({ cap: value, depth: value }).required();

const schema = Joi.object({
  id,
  version: Joi.number().strict().integer().min(1).required(),
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
  soilTest: Joi.object({
    p: fixed.required(),
    k: Joi.alternatives()
      .conditional(Joi.object({ critical: Joi.exist() }).unknown(), {
        then: around,
        otherwise: fixed,
      })
      .allow(null)
      .required(),
  }).required(),
  organicMatter: Joi.object({ decimals: bands.decimals, upTo: ends }).allow(null).required(),
  feeding: Joi.object().pattern(name, plant).required(),
  dressing: Joi.object({ lawn: dressing, bed: dressing }).required(),
  rowSideDressN: value.allow(null),
  organicAbove: amount.max(100),
  phUncertainty: value,
  retestYears: value,
});

export type ValidatedPack =
  | { readonly kind: 'valid'; readonly pack: Pack }
  | { readonly kind: 'invalid'; readonly faults: readonly Fault[] };

/** Checks that a document has the shape of a pack, its bands rise and its rates do not. */
export function validatePack(document: unknown): ValidatedPack {
  const faults = faultsOf(schema, document);
  return faults.length > 0
    ? { kind: 'invalid', faults }
    : { kind: 'valid', pack: document as Pack };
}

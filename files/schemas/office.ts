import { ANALYTES } from '../../core/catalog/analytes';
import Joi from 'joi';
import { PAPERS, type Office } from '../../core/casefile/office';
import { UNIT_SYSTEMS } from '../../core/kernel/units/metric';
import { RULE } from '../../core/casefile/parts/rule';
import { SPREADER } from '../../core/casefile/parts/spreader';
import { STOCK } from '../../core/casefile/parts/stock';
import { record } from '../../core/kernel/typed/spec';
import { faultsOf, type Fault } from './faults';
import { joiOf } from './joiOf';

const text = Joi.string().allow('').max(4000);

/** What an office decides; a part that is missing is as usual. */
const schema = Joi.object({
  packId: text,
  laboratory: text,
  layout: text,
  layouts: Joi.object()
    .pattern(
      /^[A-Za-z0-9_-]{1,64}$/,
      Joi.object({
        id: text.required(),
        name: text.required(),
        rows: Joi.array()
          .items(
            Joi.object({
              analyte: Joi.valid(...ANALYTES).required(),
              unit: text.required(),
              method: text.required(),
            }),
          )
          .max(ANALYTES.length)
          .required(),
      }),
    )
    .max(100),
  pMethod: text,
  kMethod: text,
  soilUnit: text,
  limeUnit: text,
  limeBasis: text,
  feedUnit: text,
  signature: text,
  contact: text,
  pace: text,
  climate: text,
  rules: joiOf(record(RULE, 40)).optional(),
  samplePattern: text,
  sampleFee: text,
  sampleDays: text,
  packs: text,
  stock: joiOf(record(STOCK, 500)).optional(),
  spreaders: joiOf(record(SPREADER, 30)).optional(),
  units: Joi.valid(...UNIT_SYSTEMS),
  paper: Joi.valid(...PAPERS),
  volunteers: Joi.boolean(),
  paragraphs: Joi.object()
    .pattern(
      /^[A-Za-z0-9_-]{1,64}$/,
      Joi.object({
        id: text.required(),
        order: Joi.number().strict().unsafe().required(),
        name: text.required(),
        text: text.required(),
        spanish: text,
      }),
    )
    .max(500),
});

export type ReadOffice =
  | { readonly kind: 'office'; readonly office: Partial<Office> }
  | { readonly kind: 'invalid'; readonly faults: readonly Fault[] };

/** Checks the office of a backup, with every fault at its place. */
export function readOfficeDocument(document: unknown): ReadOffice {
  const faults = faultsOf(schema, document);
  return faults.length > 0
    ? { kind: 'invalid', faults }
    : { kind: 'office', office: document as Partial<Office> };
}

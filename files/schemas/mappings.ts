import Joi from 'joi';
import { ANALYTES } from '../../core/catalog/analytes';
import type { Mapping } from '../../core/site/report/mapping';

const WORDS = Joi.string().allow('').max(200).required();
const ROLE = Joi.alternatives(
  Joi.object({
    role: Joi.valid('ignore', 'sample', 'analyte', 'value', 'unit', 'method').required(),
  }),
  Joi.object({
    role: Joi.valid('result').required(),
    analyte: Joi.valid(...ANALYTES).required(),
    unit: WORDS,
    method: WORDS,
  }),
);

/** How tables of laboratories were read, by the signature of their heads. */
export const MAPPINGS = Joi.object<Readonly<Record<string, Mapping>>>()
  .pattern(
    Joi.string().max(20_000),
    Joi.object({
      header: Joi.boolean().strict().required(),
      decimalComma: Joi.boolean().strict().required(),
      columns: Joi.array().items(ROLE).max(1000).required(),
    }),
  )
  .max(50);

import Joi from 'joi';
import type { Gone, State } from '../../core/casefile/states';

const NAME = Joi.string().max(60);
const WHO = Joi.string().allow('').max(200);
const WHEN = Joi.number().min(0);
const NAMES = Joi.array().items(NAME).max(100_000);

const PATCH = Joi.object({
  path: Joi.string().max(1000).required(),
  was: Joi.any(),
  value: Joi.any(),
});

/** The states of a case in a backup. */
export const STATES = Joi.array<State[]>()
  .items(
    Joi.object({
      id: NAME.required(),
      at: WHEN.required(),
      by: WHO.required(),
      patches: Joi.array().items(PATCH).max(20_000).required(),
      includes: NAMES.required(),
    }),
  )
  .max(1000)
  .required();

/** The cases that were deleted where a backup was made. */
export const GONE = Joi.array<Gone[]>().items(
  Joi.object({
    id: NAME.required(),
    title: Joi.string().allow('').required(),
    at: WHEN.required(),
    by: WHO.required(),
    states: NAMES.required(),
  }),
);

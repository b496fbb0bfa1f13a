import Joi from 'joi';
import {
  ANALYTES,
  CLIPPINGS,
  DECISIONS,
  FORMAT,
  SCHEMA,
  SHAPES,
  SITUATIONS,
  type CaseFile,
} from '../../core/casefile/casefile';
import { msg, type Msg } from '../../core/working/msg';

/** Typed text may hold anything that was typed, up to a length no field needs. */
const text = Joi.string().allow('').max(4000).required();
const id = Joi.string()
  .pattern(/^[A-Za-z0-9_-]{1,64}$/)
  .required();
const day = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/)
  .required();

const typed = Joi.object({ text, unit: text, method: text });
const record = (value: Joi.Schema, key = /^[A-Za-z0-9_:-]{1,128}$/): Joi.ObjectSchema =>
  Joi.object().pattern(key, value).required();
const oneOf = (values: readonly string[]): Joi.Schema => Joi.valid(...values).required();

const area = Joi.object({
  id,
  name: text,
  order: Joi.number().strict().required(),
  plant: text,
  situation: oneOf(SITUATIONS),
  clippings: oneOf(CLIPPINGS),
  shape: Joi.object({
    kind: oneOf(SHAPES),
    length: text,
    width: text,
    diameter: text,
    squareFeet: text,
  }).required(),
});

const analytes = Object.fromEntries(ANALYTES.map((analyte) => [analyte, typed]));

const schema = Joi.object({
  format: Joi.valid(FORMAT).required(),
  schema: Joi.valid(SCHEMA).required(),
  id,
  createdOn: day,
  title: text,
  client: Joi.object({ name: text, place: text, question: text }).required(),
  planFrom: text,
  pack: Joi.object({ id: text, version: Joi.number().strict().integer().required() }).required(),
  areas: record(area),
  samples: record(
    Joi.object({
      id,
      name: text,
      areaIds: Joi.array().items(id.optional()).required(),
      takenOn: text,
    }),
  ),
  reports: record(
    Joi.object({
      id,
      laboratory: text,
      date: text,
      depth: text,
      results: record(Joi.object(analytes)),
    }),
  ),
  past: record(
    Joi.object({
      id,
      areaId: id,
      kind: oneOf(['lime', 'fertilizer']),
      on: text,
      amount: typed.required(),
      percent: text,
    }),
  ),
  labels: record(Joi.object({ kind: oneOf(['CCE', 'ECCE']), percent: text, bag: text })),
  decisions: record(Joi.object({ what: oneOf(DECISIONS), value: text, reason: text, at: text })),
});

export type ValidatedCase =
  | { readonly kind: 'valid'; readonly file: CaseFile }
  | { readonly kind: 'invalid'; readonly path: string; readonly reason: Msg };

/** Checks that a document of the present schema has the shape of a case; its values stay as typed. */
export function validateCaseFile(document: unknown): ValidatedCase {
  const { error } = schema.validate(document, { convert: false, abortEarly: true });
  const [detail] = error?.details ?? [];
  if (!detail) return { kind: 'valid', file: document as CaseFile };
  const path = detail.path.join('/');
  return { kind: 'invalid', path, reason: msg('refused.damaged', { path: path || '–' }) };
}

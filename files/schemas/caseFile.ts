import { DECISIONS } from '../../core/casefile/decisions';
import { ANALYTES } from '../../core/catalog/analytes';
import Joi from 'joi';
import { migrate } from '../../core/casefile/migrations/migrate';
import { faultsOfPack } from '../../core/catalog/packs/lint';
import { faultsOf, type Fault } from './faults';
import { packShape } from './pack';
import {
  CLIPPINGS,
  DRAINAGES,
  FORMAT,
  KIT_CLASSES,
  LIGHTS,
  SCHEMA,
  SOURCES_OF_RESULTS,
  MEASURED_BY,
  MEASURES,
  MOST_OUTLINE,
  PAST_KINDS,
  SHAPES,
  SLOPES,
  type CaseFile,
} from '../../core/casefile/casefile';
import { MESHES, SCHEME_IDS } from '../../core/tables/lime/fineness';
import { SITUATIONS } from '../../core/catalog/situations';
import { msg, type Msg } from '../../core/kernel/messages/msg';

/** Typed text may hold anything that was typed, up to a length no field needs. */
const text = Joi.string().allow('').max(4000).required();
const id = Joi.string()
  .pattern(/^[A-Za-z0-9_-]{1,64}$/)
  .required();
const day = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/)
  .required();

const typed = Joi.object({ text, unit: text, method: text });
const record = (value: Joi.Schema, most: number): Joi.ObjectSchema =>
  Joi.object()
    .pattern(/^[A-Za-z0-9_:.-]{1,128}$/, value)
    .max(most)
    .required();
const oneOf = (values: readonly string[]): Joi.Schema => Joi.valid(...values).required();

/** Coordinates of ten thousand corners and more. */
const outline = Joi.string().allow('').max(MOST_OUTLINE).required();

const shape = Joi.object({
  kind: oneOf(SHAPES),
  ...Object.fromEntries(MEASURES.map((measure) => [measure, text])),
  outline,
}).required();

const area = Joi.object({
  id,
  name: text,
  order: Joi.number().strict().unsafe().required(),
  plant: text,
  sharing: Joi.array().items(id.optional()).max(20).required(),
  situation: oneOf(SITUATIONS),
  clippings: oneOf(CLIPPINGS),
  shape,
  parts: record(
    Joi.object({
      id,
      order: Joi.number().strict().unsafe().required(),
      sign: oneOf(['add', 'less']),
      name: text,
      areaId: text,
      shape,
    }),
    50,
  ),
  measuredBy: oneOf(MEASURED_BY),
  offBy: text,
  pace: text,
  site: Joi.object({
    slope: oneOf(SLOPES),
    drainage: oneOf(DRAINAGES),
    spots: text,
    clues: text,
    note: text,
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
  pack: Joi.object({
    id: text,
    version: Joi.number().strict().unsafe().integer().required(),
  }).required(),
  house: packShape.allow(null).required(),
  areas: record(area, 200),
  samples: record(
    Joi.object({
      id,
      name: text,
      areaIds: Joi.array().items(id.optional()).max(200).required(),
      takenOn: text,
      lead: oneOf(['', 'yes']),
    }),
    200,
  ),
  reports: record(
    Joi.object({
      id,
      source: oneOf(SOURCES_OF_RESULTS),
      layout: text,
      laboratory: text,
      date: text,
      depth: text,
      resolution: text,
      cost: text,
      days: text,
      results: record(Joi.object(analytes), 200),
      readings: record(
        Joi.object({
          id,
          order: Joi.number().strict().unsafe().required(),
          sampleId: id,
          spot: text,
          light: oneOf(LIGHTS),
          ph: text,
          n: oneOf(KIT_CLASSES),
          p: oneOf(KIT_CLASSES),
          k: oneOf(KIT_CLASSES),
        }),
        500,
      ),
    }),
    50,
  ),
  past: record(
    Joi.object({
      id,
      areaId: id,
      kind: oneOf(PAST_KINDS),
      on: text,
      amount: typed.required(),
      percent: text,
    }),
    1000,
  ),
  labels: record(
    Joi.object({
      kind: oneOf(['CCE', 'ECCE']),
      percent: text,
      scheme: oneOf(['', ...SCHEME_IDS]),
      sieves: Joi.object(
        Object.fromEntries(MESHES.map((mesh) => [mesh, text.optional()])),
      ).required(),
      moisture: text,
      bag: text,
      price: text,
    }),
    500,
  ),
  decisions: record(
    Joi.object({ what: oneOf(DECISIONS), value: text, reason: text, at: text }),
    5000,
  ),
  paragraphs: record(
    Joi.object({ id, order: Joi.number().strict().unsafe().required(), name: text, text }),
    100,
  ),
  sampling: Joi.object({ fee: text, days: text }).required(),
});

export type ValidatedCase =
  | { readonly kind: 'valid'; readonly file: CaseFile }
  | {
      readonly kind: 'invalid';
      /** The first fault's place and what to say of it. */
      readonly path: string;
      readonly reason: Msg;
      readonly faults: readonly Fault[];
    };

/** Entries that stand under another key than their own id would be edited in one place and read in another. */
function misplaced(file: CaseFile): Fault[] {
  const records = ['areas', 'samples', 'reports', 'past', 'paragraphs'] as const;
  const keyed = records.flatMap((name) =>
    Object.entries(file[name])
      .filter(([key, entry]) => entry.id !== key)
      .map(([key, entry]): Fault => ({
        path: `${name}/${key}/id`,
        got: JSON.stringify(entry.id),
        expected: msg('expected.ownKey', { key }),
      })),
  );
  const decided = Object.entries(file.decisions)
    .filter(([key, { what }]) => !key.endsWith(`:${what}`))
    .map(([key, { what }]): Fault => ({
      path: `decisions/${key}`,
      got: JSON.stringify(what),
      expected: msg('expected.decisionKey', { what }),
    }));
  const parts = Object.values(file.areas).flatMap((each) =>
    Object.entries(each.parts)
      .filter(([key, part]) => part.id !== key)
      .map(([key, part]): Fault => ({
        path: `areas/${each.id}/parts/${key}/id`,
        got: JSON.stringify(part.id),
        expected: msg('expected.ownKey', { key }),
      })),
  );
  const readings = Object.values(file.reports).flatMap((report) =>
    Object.entries(report.readings)
      .filter(([key, reading]) => reading.id !== key)
      .map(([key, reading]): Fault => ({
        path: `reports/${report.id}/readings/${key}/id`,
        got: JSON.stringify(reading.id),
        expected: msg('expected.ownKey', { key }),
      })),
  );
  const house = file.house ? faultsOfPack(file.house) : [];
  const within = house.map((each): Fault => ({ ...each, path: `house/${each.path}` }));
  return [...keyed, ...parts, ...readings, ...decided, ...within];
}

function invalid(faults: readonly Fault[]): ValidatedCase {
  const path = faults[0]?.path ?? '';
  return { kind: 'invalid', path, reason: msg('refused.damaged', { path: path || '–' }), faults };
}

/**
 * Checks that a document of the present schema has the shape of a case, with every fault at its
 * place; its values stay as typed.
 */
export function validateCaseFile(document: unknown): ValidatedCase {
  const faults = faultsOf(schema, document);
  if (faults.length > 0) return invalid(faults);
  const file = document as CaseFile;
  const elsewhere = misplaced(file);
  return elsewhere.length > 0 ? invalid(elsewhere) : { kind: 'valid', file };
}

export type ReadCaseDocument = ValidatedCase | { readonly kind: 'refused'; readonly reason: Msg };

/** Brings a document of any released schema to the present one and checks it: for every way in. */
export function readCaseDocument(raw: unknown): ReadCaseDocument {
  const migrated = migrate(raw);
  return migrated.kind === 'refused' ? migrated : validateCaseFile(migrated.document);
}

/** Whether the shape alone is right; the published JSON Schema must say the same. */
export function hasCaseShape(document: unknown): boolean {
  return faultsOf(schema, document).length === 0;
}

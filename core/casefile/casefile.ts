import type { Pack } from '../catalog/packs/pack';
import {
  day,
  id,
  object,
  oneOf,
  otherOrNull,
  record,
  text,
  wholeNumber,
  type Of,
} from '../kernel/typed/spec';
import { DECISION } from './decisions';
import { AREA, type Area } from './parts/area';
import { ATTACHMENT } from './parts/attachment';
import { BOUGHT, BUYING } from './parts/bought';
import { CLIMATE } from './parts/climate';
import { EXPORTED } from './parts/exported';
import { ISSUED } from './parts/issued';
import { LABEL } from './parts/label';
import { LANGUAGES } from './parts/language';
import { LINE_EDIT } from './parts/line';
import { OWN_MATERIAL } from './parts/material';
import { PARAGRAPH, type Paragraph } from './parts/paragraph';
import { COVER, LOAD } from './parts/organic';
import { PAST_ENTRY } from './parts/past';
import { PIN } from './parts/pin';
import { REVIEW } from './parts/review';
import { REPORT } from './parts/report';
import { RULE } from './parts/rule';
import { SAMPLE } from './parts/sample';
import { SPREADER } from './parts/spreader';
import { SCHEMA } from './schema';
import { STOCK } from './parts/stock';

export { SCHEMA };
export const FORMAT = 'agrologos-case';

/** One client's ground, samples, reports, past and decisions as one plain document. */
export const CASE = object({
  format: oneOf([FORMAT]),
  schema: oneOf([SCHEMA]),
  id,
  createdOn: day,
  title: text,
  client: object({
    name: text,
    place: text,
    question: text,
    /** The language of the page that goes to this client. */
    language: oneOf(LANGUAGES),
  }),
  /** The day from which the calendar runs, as typed. */
  planFrom: text,
  pack: object({ id: text, version: wholeNumber }),
  /** The house pack that it is read by, whole, so that it reads alike wherever the case goes. */
  house: otherOrNull<Pack>('pack'),
  areas: record(AREA, 200),
  samples: record(SAMPLE, 200),
  reports: record(REPORT, 50),
  past: record(PAST_ENTRY, 1000),
  /** Compost and manure that went on or is to come, and what grew there before. */
  loads: record(LOAD, 200),
  covers: record(COVER, 100),
  labels: record(LABEL, 500),
  /** By `areaId:what`. */
  decisions: record(DECISION, 5000),
  paragraphs: record(PARAGRAPH, 100),
  /** What the advisor did to lines of the client's page, by their keys. */
  lines: record(LINE_EDIT, 500),
  /** Pages that were given to the client, as they were given. */
  issued: record(ISSUED, 100),
  attachments: record(ATTACHMENT, 200),
  /** What a test costs, in US dollars a sample, and the days until a report is expected; as typed. */
  sampling: object({ fee: text, days: text }),
  /** Packs that the shops of the client have, as typed; '' are the usual ones. */
  shop: object({ packs: text }),
  /** Materials that were typed from their bags, whole, so that a case plans alike wherever it goes. */
  materials: record(OWN_MATERIAL, 300),
  /** What lies in the client's shed and what the shops have, by the material's id. */
  stock: record(STOCK, 500),
  buying: BUYING,
  /** The best buy that was chosen for the whole job. */
  bought: BOUGHT,
  spreaders: record(SPREADER, 30),
  climate: CLIMATE,
  /** Local rules that its plans are bound by. */
  rules: record(RULE, 40),
  /** Days set by hand, by `pinKey`. */
  pins: record(PIN, 2000),
  /** What of its calendar went out as a file, by `pinKey`. */
  exported: record(EXPORTED, 4000),
  /** Who typed it, and who looked it over. */
  review: REVIEW,
});
export interface CaseFile extends Of<typeof CASE> {}

/** The document with the attachments that something in it names: what was tried and taken back stays behind. */
export function withUsedOnly(file: CaseFile): CaseFile {
  const shapes = Object.values(file.areas).flatMap(({ shape, parts }) => [
    shape,
    ...Object.values(parts).map((part) => part.shape),
  ]);
  const photos = Object.values(file.past).flatMap((entry) => Object.keys(entry.photos));
  const used = new Set([...shapes.map(({ outline }) => outline), ...photos]);
  const attachments = Object.values(file.attachments).filter((each) => used.has(each.id));
  if (attachments.length === Object.keys(file.attachments).length) return file;
  return { ...file, attachments: Object.fromEntries(attachments.map((each) => [each.id, each])) };
}

/** The areas in their order. */
export function areasOf(file: CaseFile): Area[] {
  return Object.values(file.areas).sort((a, b) => a.order - b.order);
}

/** The office's paragraphs on the client's page, in their order. */
export function paragraphsOf(file: CaseFile): Paragraph[] {
  return Object.values(file.paragraphs).sort((a, b) => a.order - b.order);
}

/** The words of each of them in the language of the page, or in English where nobody has written them in it. */
export function paragraphWords(file: CaseFile): string[] {
  const isSpanish = file.client.language === 'es';
  return paragraphsOf(file).map(({ text: english, spanish }) =>
    isSpanish && spanish.trim() !== '' ? spanish : english,
  );
}

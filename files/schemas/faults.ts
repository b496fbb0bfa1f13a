import type Joi from 'joi';
import { msg, type Msg } from '../../core/kernel/messages/msg';
import { boundsOf } from './bounds';

/** What is wrong with a document at one place. */
export interface Fault {
  /** The place, as keys with slashes; empty for the whole document. */
  readonly path: string;
  readonly got: string;
  readonly expected: Msg;
}

/** More than so many faults help nobody. */
const MOST_FAULTS = 20;
const LONGEST_GOT = 80;

function said(value: unknown): string {
  const text = JSON.stringify(value) as string | undefined;
  if (text === undefined) return '';
  return text.length > LONGEST_GOT ? `${text.slice(0, LONGEST_GOT)}…` : text;
}

/** What a rule asks for, by the name that the validator gives it. */
function expectedBy({ type, context }: Joi.ValidationErrorItem): Msg {
  const limit = Number(context?.['limit'] ?? 0);
  switch (type) {
    case 'any.required':
      return msg('expected.present');
    case 'any.only': {
      const valids = (context?.['valids'] ?? []) as readonly unknown[];
      return msg('expected.oneOf', { values: valids.map(said).join(', ') });
    }
    case 'object.unknown':
      return msg('expected.nothing');
    case 'object.base':
      return msg('expected.object');
    case 'object.max':
    case 'array.max':
      return msg('expected.atMostEntries', { limit });
    case 'array.base':
      return msg('expected.list');
    case 'number.base':
    case 'number.integer':
    case 'number.unsafe':
    case 'number.infinity':
      return msg('expected.number');
    case 'string.max':
      return msg('expected.atMostCharacters', { limit });
    case 'string.pattern.base':
      return msg('expected.pattern', { pattern: String(context?.['regex']) });
    default:
      return msg('expected.text');
  }
}

/** A document of more places than this is told its first fault only: nobody mends so many by hand. */
const MANY_PLACES = 20_000;

/**
 * Faults of a document by a schema, the first twenty; nothing there is a fault too, and nothing is converted. What is
 * nested too deep, or has more entries than any case, is its one fault: validators call themselves.
 */
export function faultsOf(schema: Joi.Schema, document: unknown): readonly Fault[] {
  const { fault, places } = boundsOf(document);
  if (fault) return [fault];
  const abortEarly = places > MANY_PLACES;
  const { error } = schema.required().validate(document, { convert: false, abortEarly });
  return (error?.details ?? []).slice(0, MOST_FAULTS).map((detail) => ({
    path: detail.path.join('/'),
    got: said(detail.context?.value),
    expected: expectedBy(detail),
  }));
}

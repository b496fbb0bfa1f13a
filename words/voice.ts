import { IntlMessageFormat } from 'intl-messageformat';
import type { Family, Into, Msg, MsgId, MsgParam } from '../core/kernel/messages/msg';
import type { IsoDate } from '../core/kernel/typed/date';
import type { Quantity } from '../core/kernel/units/quantity';
import { NO_WORKINGS, type Workings } from '../core/kernel/working/workings';
import { metricShown, type UnitSystem } from '../core/kernel/units/metric';
import { dateWriter, dayOfYearWriter } from './dates';
import { isPlain, isSpooned, numberWriter } from './numbers';

/** The words of one room of the house, by id. */
export type Words = Readonly<Record<string, string>>;

/** A Quantity as it is written: the number, and its unit before or after it. */
interface FormattedQuantity {
  readonly before: string;
  readonly number: string;
  readonly after: string;
}

/** How a message is written: the sheet that its figures stand in, and words for the client in place of symbols. */
interface Written {
  readonly workings?: Workings;
  readonly plain?: boolean;
}

/** A language with its words: the only place where a message, a Quantity or a day becomes text. */
export interface Voice {
  readonly locale: string;
  /** The units that its quantities are written in. */
  readonly units: UnitSystem;
  /** The compiled message of an id. */
  readonly format: (id: MsgId) => IntlMessageFormat;
  /** Words by their id. */
  readonly text: <Id extends MsgId>(id: Id, ...into: Into<Id, string | number>) => string;
  /** A name that came from outside, in the words of its family; one that nobody has words for as it stands. */
  readonly name: (family: Family, name: string) => string;
  /** A message as plain text; a figure that is absent is a dash. */
  readonly message: (message: Msg, how?: Written) => string;
  /** What goes into a message, as text. */
  readonly param: (param: MsgParam, how?: Written) => string | number;
  /** A Quantity in its parts. */
  readonly parts: (quantity: Quantity, plain?: boolean) => FormattedQuantity;
  readonly quantity: (quantity: Quantity, plain?: boolean) => string;
  /** A day, such as `12 Apr 2027`. */
  readonly date: (date: IsoDate) => string;
}

function isMsg(param: object): param is Msg {
  return 'id' in param;
}

/**
 * Makes the voice of a language from its words. It keeps nothing but what it has compiled, and two of them do not know of
 * each other.
 * Words that name a unit themselves choose by `units`.
 * @param onMissing what stands for words that nobody has, or throws
 * @param units the units that its quantities are written in
 */
export function createVoice(
  locale: string,
  rooms: readonly Words[],
  onMissing: (id: string) => string,
  units: UnitSystem = 'us',
): Voice {
  const formats = new Map<string, IntlMessageFormat>();
  const plain = new Map<string, string>();
  const writeNumber = numberWriter(locale);
  const writeDay = dayOfYearWriter(locale);
  const wordsOf = (id: string): string | undefined => {
    for (const words of rooms) if (Object.hasOwn(words, id)) return words[id];
    return undefined;
  };
  const voice: Voice = {
    locale,
    units,
    format: (id) => {
      const known = formats.get(id);
      if (known) return known;
      const format = new IntlMessageFormat(wordsOf(id) ?? onMissing(id), locale);
      formats.set(id, format);
      return format;
    },
    text: (id, ...[params]) => {
      if (params) return String(voice.format(id).format({ units, ...params }));
      // Most words of a page take nothing in and are written on every key.
      const known = plain.get(id);
      if (known !== undefined) return known;
      const words = String(voice.format(id).format({ units }));
      plain.set(id, words);
      return words;
    },
    name: (family, name) => {
      const id = `${family}.${name}`;
      return wordsOf(id) === undefined
        ? voice.text('name.unknown', { name })
        : voice.text(id as 'app.name');
    },
    message: (message, how = {}) => {
      const params = Object.entries(message.params ?? {}).map(([key, param]) => [
        key,
        voice.param(param, how),
      ]);
      const b = (parts: unknown[]): string => parts.join('');
      const values = { units, ...Object.fromEntries(params), b } as Record<string, string | number>;
      return [voice.format(message.id).format(values)].flat().join('');
    },
    param: (param, how = {}) => {
      if (typeof param !== 'object') return param;
      const { workings = NO_WORKINGS, plain = false } = how;
      if ('working' in param) {
        const working = workings.get(param.working);
        return working && !('absent' in working) ? voice.quantity(working.value, plain) : '–';
      }
      if ('date' in param) return voice.date(param.date);
      if ('family' in param) return voice.name(param.family, param.name);
      return isMsg(param) ? voice.message(param, how) : voice.quantity(param, plain);
    },
    parts: (quantity, plain = false) => {
      const { value, unit } = units === 'metric' ? metricShown(quantity) : quantity;
      const number = writeNumber(value, unit);
      if (unit === 'pH') return { before: voice.text('unit.pH'), number, after: '' };
      if (unit === 'day') return { before: '', number: writeDay(value), after: '' };
      if (unit === 'usd' || unit === 'usd/bag') {
        const sign = voice.text('unit.usd.sign');
        return { before: '', number: `${sign}${number}`, after: voice.text(`unit.${unit}`) };
      }
      // Half a cup is a cup in words.
      const n = { n: isSpooned(unit) && value <= 1 ? 1 : value };
      const after =
        plain && isPlain(unit)
          ? voice.text(`unit.${unit}.plain`, n)
          : voice.text(`unit.${unit}`, n);
      return { before: '', number, after };
    },
    quantity: (quantity, plain = false) => {
      const { before, number, after } = voice.parts(quantity, plain);
      return [before, number, after].filter((part) => part !== '').join(' ');
    },
    date: dateWriter(locale),
  };
  return voice;
}

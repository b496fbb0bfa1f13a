import { quantity, type Quantity, type Substance, type Unit } from '../units/quantity';
import { parseNumber, type NumberRule } from '../typed/number';
import { parseDate, type IsoDate } from '../typed/date';
import { parseLength } from '../typed/length';
import { lengthToFeet, pacesToFeet } from '../units/convert';
import { msg, type Msg } from '../messages/msg';
import { Sheet, type Entry } from './sheet';
import type { Figure } from './working';

/** A typed value that does not parse, by its path in the case file. */
export type Problems = Readonly<Record<string, Msg>>;

/** What a computation writes into: the sheet, and the problems at their place. */
export class PlanContext {
  constructor(
    readonly sheet = new Sheet(),
    readonly problems: Record<string, Msg> = {},
  ) {}

  /** A context of the same plan in which a planner may run once more: its figures have ids of their own. */
  scoped(scope: string): PlanContext {
    return new PlanContext(this.sheet.scoped(scope), this.problems);
  }

  /**
   * Reads a typed number at its place in the case file. Nothing typed and what does not parse
   * both give an absent figure; the latter is also a problem at that place.
   */
  number<U extends Unit, S extends Substance>(
    entry: Entry & { readonly at: string },
    text: string,
    rule: NumberRule,
    unit: U,
    of: S,
    op: 'typed' | 'decided' = 'typed',
  ): Figure<Quantity<U, S>> {
    const parsed = parseNumber(text, rule);
    if (parsed.kind === 'value')
      return this.sheet.leaf(op, entry, quantity(parsed.value, unit, of));
    if (parsed.kind === 'empty') {
      return this.sheet.absent(entry, msg('absent.notTyped', { what: entry.label }));
    }
    this.problems[entry.at] = parsed.error;
    return this.sheet.absent(entry, msg('absent.unreadable', { what: entry.label }));
  }

  /** Marks a typed number that no figure rests on where it cannot be read. */
  check(at: string, text: string, rule: NumberRule): void {
    const parsed = parseNumber(text, rule);
    if (parsed.kind === 'error') this.problems[at] = parsed.error;
  }

  /**
   * Reads a typed amount that may be a limit: `<5` is 5 or less, a figure of 5 with a range from 0;
   * `>200` is 200 or more, a figure of 200 with a range up to the rule's end. Everything else is read
   * as by `number`.
   */
  limited<U extends Unit, S extends Substance>(
    entry: Entry & { readonly at: string },
    text: string,
    rule: NumberRule & { readonly max: number },
    unit: U,
    of: S,
  ): Figure<Quantity<U, S>> {
    const sign = text.trim().charAt(0);
    if (sign === '' || !'<≤>≥'.includes(sign)) return this.number(entry, text, rule, unit, of);
    const behind = text.trim().slice(1).trim();
    const bound = behind.startsWith('=') ? behind.slice(1) : behind;
    const parsed = parseNumber(bound, rule);
    if (parsed.kind !== 'value') {
      this.problems[entry.at] =
        parsed.kind === 'error' ? parsed.error : msg('problem.unfinished', { text });
      return this.sheet.absent(entry, msg('absent.unreadable', { what: entry.label }));
    }
    const below = sign === '<' || sign === '≤';
    const range = below ? { low: 0, high: parsed.value } : { low: parsed.value, high: rule.max };
    return this.sheet.leaf('typed', entry, quantity(parsed.value, unit, of), range);
  }

  /**
   * Reads a typed length at its place, in feet; other units are converted in a step of their own,
   * paces by the length of one where there is one.
   */
  length<S extends Substance>(
    entry: Entry & { readonly at: string },
    text: string,
    rule: NumberRule,
    of: S,
    pace?: () => Figure<Quantity<'ft', 'pace'>>,
  ): Figure<Quantity<'ft', S>> {
    const parsed = parseLength(text, rule);
    if (parsed.kind === 'empty') {
      return this.sheet.absent(entry, msg('absent.notTyped', { what: entry.label }));
    }
    if (parsed.kind === 'error') {
      this.problems[entry.at] = parsed.error;
      return this.sheet.absent(entry, msg('absent.unreadable', { what: entry.label }));
    }
    const { value, unit } = parsed.value;
    if (unit === 'ft') return this.sheet.leaf('typed', entry, quantity(value, 'ft', of));
    const asTyped = { id: `${entry.id}/typed`, label: entry.label, at: entry.at };
    if (unit === 'paces') {
      const paces = this.sheet.leaf('typed', asTyped, quantity(value, unit, of));
      const paced = { id: entry.id, label: msg('ground.paced') };
      if (!pace) return this.sheet.absent(paced, msg('absent.noPaces'), [paces.id]);
      return this.sheet.derive('multiply', paced, [paces, pace()], pacesToFeet);
    }
    const typed = this.sheet.leaf('typed', asTyped, quantity(value, unit, of));
    const converted = { id: entry.id, label: msg('ground.inFeet'), source: 'definition' as const };
    return this.sheet.derive('convert', converted, [typed], lengthToFeet);
  }

  /** Reads a typed date at its place; what does not parse is a problem there and gives nothing. */
  date(at: string, text: string): IsoDate | undefined {
    const parsed = parseDate(text);
    if (parsed.kind === 'error') this.problems[at] = parsed.error;
    return parsed.kind === 'value' ? parsed.value : undefined;
  }

  /** Writes a constant into the sheet. */
  constant<U extends Unit, S extends Substance>(
    entry: Entry,
    value: number,
    unit: U,
    of: S,
  ): Figure<Quantity<U, S>> {
    return this.sheet.leaf('constant', entry, quantity(value, unit, of));
  }
}

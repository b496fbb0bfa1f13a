import { quantity, type Quantity, type Substance, type Unit } from '../units/quantity';
import { parseNumber, type NumberRule } from '../typed/number';
import { parseDate, type IsoDate } from '../typed/date';
import { msg, type Msg } from './msg';
import { Sheet, type Entry } from './sheet';
import type { Figure, WorkingId } from './working';

export type Severity = 'note' | 'decide' | 'stop';
export type StepId = 'ground' | 'results' | 'ph' | 'feeding' | 'slip';

/** Something the plan has to say to the advisor, and what it rests on. */
export interface Finding {
  readonly id: string;
  readonly step: StepId;
  readonly severity: Severity;
  readonly message: Msg;
  readonly restsOn: readonly WorkingId[];
}

/** A typed value that does not parse, by its path in the case file. */
export type Problems = Readonly<Record<string, Msg>>;

/** What one run of the plan writes into: the sheet, the findings, the problems at their place. */
export class PlanContext {
  readonly sheet = new Sheet();
  readonly findings: Finding[] = [];
  readonly problems: Record<string, Msg> = {};

  /** Adds a finding; its id is `areaId/name`. */
  find(
    areaId: string,
    step: StepId,
    severity: Severity,
    name: string,
    params: Msg['params'] = {},
    restsOn: readonly Figure[] = [],
  ): void {
    this.findings.push({
      id: `${areaId}/${name}`,
      step,
      severity,
      message: msg(`finding.${name}`, params),
      restsOn: restsOn.map(({ id }) => id),
    });
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

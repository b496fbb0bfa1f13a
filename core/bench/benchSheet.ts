import { parseGrade, type Grade } from '../kernel/typed/grade';
import { splitAmount } from '../kernel/typed/amount';
import type { NumberRule } from '../kernel/typed/number';
import { own } from '../kernel/typed/own';
import { isOfFamily, toBase, unitNamed, type BaseOf } from '../kernel/units/families';
import { quantity, type Quantity, type Substance, type Unit } from '../kernel/units/quantity';
import { PlanContext } from '../kernel/working/context';
import { msg, type Msg } from '../kernel/messages/msg';
import type { Figure, WorkingId } from '../kernel/working/working';
import {
  FIELDS,
  type ChoiceId,
  type FamilyOf,
  type FieldId,
  type LengthId,
  type MeasureId,
  type NumberId,
  type SubstanceOf,
  type UnitOf,
} from './fields';

/** What was typed into the fields of a sum, by field; the unit that was chosen for one stands under `field.unit`. */
export type Typed = Readonly<Record<string, string>>;

/** The key under which the unit of a field stands. */
export function unitKey(id: string): string {
  return `${id}.unit`;
}

/** Begins the ids of everything that a sum writes down. */
const PREFIX = 'bench';

/** What a sum of the bench is worked out on: its fields as figures, each problem at its field. */
export class BenchSheet {
  readonly ctx = new PlanContext();
  private readonly read = new Map<FieldId, Figure>();

  constructor(private readonly typed: Typed) {}

  /** The id of something that is written down here. */
  id(name: string): WorkingId {
    return `${PREFIX}/${name}`;
  }

  /** What stands in a field, as it was typed. */
  raw(id: FieldId): string {
    return (own(this.typed, id) ?? '').trim();
  }

  /** The choice of a field; its first where nothing is chosen, or something that it does not have. */
  choice(id: ChoiceId): string {
    const { options } = FIELDS[id];
    const chosen = this.raw(id);
    return options.includes(chosen) ? chosen : (options[0] ?? '');
  }

  private entry(id: FieldId) {
    return { id: this.id(id), label: msg(`bench.field.${id}`), at: id };
  }

  private once<F extends Figure>(id: FieldId, make: () => F): F {
    const before = this.read.get(id);
    if (before) return before as F;
    const figure = make();
    this.read.set(id, figure);
    return figure;
  }

  /** A number of a field, in the field's own unit. */
  number<Id extends NumberId>(id: Id): Figure<Quantity<UnitOf<Id>, SubstanceOf<Id>>> {
    const { unit, of } = FIELDS[id] as { readonly unit: UnitOf<Id>; readonly of: SubstanceOf<Id> };
    return this.amount(id, unit, of);
  }

  /** A number of a field as a unit and a substance that another field tells. */
  amount<U extends Unit, S extends Substance>(
    id: NumberId,
    unit: U,
    of: S,
    rule: NumberRule = FIELDS[id].rule,
  ): Figure<Quantity<U, S>> {
    return this.once(id, () => {
      const { number, word } = splitAmount(this.raw(id));
      const fits =
        word === '' || unitNamed(word) === unit || word.toLowerCase() === unit.toLowerCase();
      const figure = this.ctx.number(this.entry(id), fits ? number : this.raw(id), rule, unit, of);
      if (!fits && unitNamed(word)) this.ctx.problems[id] = this.misfit(word, id);
      return figure;
    });
  }

  private misfit(word: string, id: FieldId): Msg {
    return msg('problem.unitMisfit', { unit: word, field: msg(`bench.field.${id}`) });
  }

  /** A length in feet, as people write one. */
  length<Id extends LengthId>(id: Id): Figure<Quantity<'ft', SubstanceOf<Id>>> {
    const { rule, of } = FIELDS[id] as {
      readonly rule: NumberRule;
      readonly of: SubstanceOf<Id>;
    };
    return this.once(id, () => this.ctx.length(this.entry(id), this.raw(id), rule, of));
  }

  /** The unit in which a field of a family is told: what stands behind the number, else the chosen one, else the usual. */
  private unitIn(id: MeasureId, word: string): Unit | undefined {
    const { family, unit } = FIELDS[id];
    if (word === '') {
      const chosen = own(this.typed, unitKey(id)) as Unit | undefined;
      return chosen && isOfFamily(family, chosen) ? chosen : unit;
    }
    const named = unitNamed(word);
    return named && isOfFamily(family, named) ? named : undefined;
  }

  /** An amount of a family of units, brought to the family's base in a step of its own. */
  measure<Id extends MeasureId>(id: Id): Figure<Quantity<BaseOf<FamilyOf<Id>>, SubstanceOf<Id>>> {
    const { of } = FIELDS[id] as { readonly of: SubstanceOf<Id> };
    return this.measureOf(id, of);
  }

  /** The same of a substance that another field tells. */
  measureOf<Id extends MeasureId, S extends Substance>(
    id: Id,
    of: S,
  ): Figure<Quantity<BaseOf<FamilyOf<Id>>, S>> {
    return this.once(id, () => this.inBase(id, of));
  }

  private inBase<Id extends MeasureId, S extends Substance>(
    id: Id,
    of: S,
  ): Figure<Quantity<BaseOf<FamilyOf<Id>>, S>> {
    const entry = this.entry(id);
    const { family, rule } = FIELDS[id] as {
      readonly family: FamilyOf<Id>;
      readonly rule: NumberRule;
    };
    const { number, word } = splitAmount(this.raw(id));
    const unit = this.unitIn(id, word);
    if (unit === undefined) {
      this.ctx.problems[id] = unitNamed(word)
        ? this.misfit(word, id)
        : msg('problem.unitUnknown', { unit: word });
      return this.ctx.sheet.absent(entry, msg('absent.unreadable', { what: entry.label }));
    }
    const each = toBase(family, quantity(1, unit, of)).value;
    const base = each === 1;
    // The bounds of a field are told in its base, whatever the unit that was typed.
    const bounds = { ...rule, max: Math.ceil((rule.max ?? Infinity) / each) };
    const typed = this.ctx.number(
      base ? entry : { ...entry, id: `${entry.id}/typed` },
      number,
      bounds,
      unit,
      of,
    );
    if (base) return typed as Figure<Quantity<BaseOf<FamilyOf<Id>>, S>>;
    return this.ctx.sheet.derive(
      'convert',
      { id: entry.id, label: entry.label, source: 'definition' },
      [typed],
      (value) => toBase(family, value),
    );
  }

  /** The grade of a bag; a problem at its field, and nothing, where it is none. */
  grade(id: 'grade' | 'otherGrade'): Grade | undefined {
    const parsed = parseGrade(this.raw(id));
    if (parsed.kind === 'error') this.ctx.problems[id] = parsed.error;
    return parsed.kind === 'value' ? parsed.value : undefined;
  }

  /** How much of a nutrient a grade promises. */
  percentOf<S extends keyof Grade>(
    id: 'grade' | 'otherGrade',
    nutrient: S,
  ): Figure<Quantity<'%', S>> {
    const entry = { ...this.entry(id), id: this.id(`${id}/${nutrient}`) };
    const grade = this.grade(id);
    if (!grade) return this.ctx.sheet.absent(entry, msg('absent.notTyped', { what: entry.label }));
    if (grade[nutrient] === 0) {
      return this.ctx.sheet.absent(
        entry,
        msg('absent.noneInBag', { nutrient: msg(`nutrient.${nutrient as keyof Grade}`) }),
      );
    }
    const label = msg(`feed.grade.${nutrient as keyof Grade}`);
    return this.ctx.sheet.leaf(
      'typed',
      { ...entry, label },
      quantity(grade[nutrient], '%', nutrient),
    );
  }
}

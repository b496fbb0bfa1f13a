import Joi from 'joi';
import { own } from '../../core/kernel/typed/own';
import { KEY, type Spec } from '../../core/kernel/typed/spec';

/** Schemas that are no part of a case's own spec, by name. */
export type Others = Readonly<Record<string, Joi.Schema>>;

/** The validator of a spec: says where a document is not what the spec describes, and what was expected there. */
export function joiOf(spec: Spec, others: Others = {}): Joi.Schema {
  const inner = (each: Spec): Joi.Schema => joiOf(each, others);
  switch (spec.kind) {
    case 'text': {
      const { most, pattern } = spec;
      const text = Joi.string();
      const bounded = most === undefined ? text : text.allow('').max(most);
      return (pattern ? bounded.pattern(pattern) : bounded).required();
    }
    case 'number': {
      const number = Joi.number().strict().unsafe();
      return (spec.whole ? number.integer() : number).required();
    }
    case 'oneOf':
      return Joi.valid(...spec.values).required();
    case 'list':
      return Joi.array().items(inner(spec.of).optional()).max(spec.most).required();
    case 'record':
      return Joi.object().pattern(KEY, inner(spec.of)).max(spec.most).required();
    case 'object':
    case 'some': {
      const parts = Object.entries(spec.parts).map(([name, part]) => [
        name,
        spec.kind === 'some' ? inner(part).optional() : inner(part),
      ]);
      return Joi.object(Object.fromEntries(parts) as Record<string, Joi.Schema>).required();
    }
    case 'otherOrNull': {
      const other = own(others, spec.name);
      if (!other) throw new Error(`joiOf: there is no schema '${spec.name}'`);
      return other.allow(null).required();
    }
  }
}

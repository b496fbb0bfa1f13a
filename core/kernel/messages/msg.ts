import type { Quantity } from '../units/quantity';
import type { Messages, PageMessages } from './messages';

/** Points at a Working of the same plan; whoever renders the message shows its value, openable. */
interface FigureRef {
  readonly working: string;
}

/** A calendar day, `YYYY-MM-DD`, to be written out by whoever renders the message. */
interface DateParam {
  readonly date: string;
}

/**
 * A name that came from outside, of a family of the catalogue: who renders it says it as the catalogue has it,
 * else as it stands.
 */
interface NameRef {
  readonly family: Family;
  readonly name: string;
}

export type MsgParam = string | number | Quantity | FigureRef | DateParam | NameRef | Msg;

/** Ids that the catalogues have words for. */
export type MsgId = keyof Messages;
/** Those of a client's page, which every one of its languages has. */
export type PageMsgId = keyof PageMessages;

/** What comes before the first point of ids. */
export type Family = MsgId extends infer Id
  ? Id extends `${infer First}.${string}`
    ? First
    : never
  : never;

/** The names that complete a family of ids: of `texture` those of all textures. */
export type NamesIn<Family extends string> = MsgId extends infer Id
  ? Id extends `${Family}.${infer Name}`
    ? Name
    : never
  : never;

/** What all of a union have: a sentence that may be one of several takes what each of them takes. */
type All<Union> = (Union extends unknown ? (one: Union) => void : never) extends (
  all: infer Every,
) => void
  ? Every
  : never;

type Given<Kind, Shown> = Kind extends 'number' ? number : Kind extends 'word' ? string : Shown;

/** What goes into a message of these ids, besides whatever else is at hand. */
type ParamsOf<Id extends MsgId, Shown> = {
  readonly [Name in keyof All<Messages[Id]>]: Given<All<Messages[Id]>[Name], Shown>;
};

/** The parameters of a call: none need be given where nothing goes into the message. */
export type Into<Id extends MsgId, Shown> = [keyof All<Messages[Id]>] extends [never]
  ? [params?: Readonly<Record<string, Shown>>]
  : [params: ParamsOf<Id, Shown> & Readonly<Record<string, Shown>>];

/** A sentence without words: an id of the catalogue and what goes into it. */
export interface Msg {
  readonly id: MsgId;
  readonly params?: Readonly<Record<string, MsgParam>>;
}

/**
 * Makes a message. An id that no catalogue has, and a parameter that is left out, do not compile; an id that
 * is put together has to be one of the catalogue for every name that it may end in.
 * @example msg('step.ground') // { id: 'step.ground' }
 */
export function msg<Id extends MsgId>(id: Id, ...[params]: Into<Id, MsgParam>): Msg {
  return params ? { id, params } : { id };
}

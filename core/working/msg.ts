import type { Quantity } from '../units/quantity';

/** Points at a Working of the same plan; whoever renders the message shows its value, openable. */
interface FigureRef {
  readonly working: string;
}

/** A calendar day, `YYYY-MM-DD`, to be written out by whoever renders the message. */
interface DateParam {
  readonly date: string;
}

export type MsgParam = string | number | Quantity | FigureRef | DateParam | Msg;

/** A sentence without words: an id of the catalogue and what goes into it. */
export interface Msg {
  readonly id: string;
  readonly params?: Readonly<Record<string, MsgParam>>;
}

/**
 * Makes a message.
 * @example msg('step.ground') // { id: 'step.ground' }
 */
export function msg(id: string, params?: Readonly<Record<string, MsgParam>>): Msg {
  return params ? { id, params } : { id };
}

import type { CautionId } from '../cautions';
import { msg, type Into, type Msg, type MsgId, type MsgParam } from '../../kernel/messages/msg';
import type { WorkingId } from '../../kernel/working/working';

/** A neutral block of the client's page; margin, print and plain text are renderers of it. */
export type SlipBlock = Content & {
  /** The ground that it speaks of; none for what is said of all. */
  readonly areaId?: string;
};

type Content =
  | { readonly kind: 'heading'; readonly text: Msg }
  /** Over a part of the page. */
  | { readonly kind: 'section'; readonly text: Msg }
  | { readonly kind: 'lead'; readonly text: Msg }
  | { readonly kind: 'sentence'; readonly text: Msg }
  /** Words of the office's own, as they were typed. */
  | { readonly kind: 'paragraph'; readonly text: Msg }
  | {
      readonly kind: 'table';
      readonly head: readonly Msg[];
      readonly rows: readonly (readonly Msg[])[];
    }
  | {
      readonly kind: 'caution';
      readonly caution: CautionId;
      readonly title: Msg;
      readonly text: Msg;
    };

/** The page that the client takes home. */
export interface SlipDocument {
  readonly blocks: readonly SlipBlock[];
  /** The figures whose working the appendix prints. */
  readonly appendix: readonly WorkingId[];
}

/** A sentence of the page. */
export function sentence<Id extends MsgId>(id: Id, ...into: Into<Id, MsgParam>): SlipBlock {
  return { kind: 'sentence', text: msg(id, ...into) };
}

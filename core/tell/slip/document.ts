import type { LineEdit } from '../../casefile/parts/line';
import type { CautionId } from '../cautions';
import { msg, type Into, type Msg, type MsgParam, type PageMsgId } from '../../kernel/messages/msg';
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

/** A line of the page with what the advisor did to it. */
export interface PageLine {
  /** What it is known by from one plan to the next; none of what cannot be changed. */
  readonly key: string | undefined;
  readonly block: SlipBlock;
  readonly what: LineEdit['what'] | undefined;
  /** What the line says now, in short. */
  readonly standsFor: string;
  /** Changed by the advisor when its figures were others. */
  readonly isStale: boolean;
}

/** Words of the advisor's for a line that the page no longer has. */
interface LostWords {
  readonly key: string;
  readonly words: string;
}

/** The lines of a page, and the advisor's words that have lost their place. */
export interface PageLines {
  readonly lines: readonly PageLine[];
  readonly lost: readonly LostWords[];
}

/** The page that the client takes home. */
export interface SlipDocument extends PageLines {
  /** What is printed of its lines. */
  readonly blocks: readonly SlipBlock[];
  /** The figures whose working the appendix prints. */
  readonly appendix: readonly WorkingId[];
}

/** A sentence of the page. */
export function sentence<Id extends PageMsgId>(id: Id, ...into: Into<Id, MsgParam>): SlipBlock {
  return { kind: 'sentence', text: msg(id, ...into) };
}

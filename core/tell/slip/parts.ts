import type { IsoDate } from '../../kernel/typed/date';
import type { SlipBlock } from './document';

/** A sentence of the page's calendar on its day. */
export interface DatedBlock {
  readonly date: IsoDate;
  readonly block: SlipBlock;
}

/** What the page says of something, by the part of the page that it stands in. */
export interface Parts {
  readonly found: readonly SlipBlock[];
  readonly buy: readonly SlipBlock[];
  readonly dated: readonly DatedBlock[];
  readonly how: readonly SlipBlock[];
}

/** Nothing is said in any part that is not given. */
export function parts(given: Partial<Parts>): Parts {
  return { found: [], buy: [], dated: [], how: [], ...given };
}

/** Several such, part by part. */
export function joined(all: readonly Parts[]): Parts {
  return {
    found: all.flatMap(({ found }) => found),
    buy: all.flatMap(({ buy }) => buy),
    dated: all.flatMap(({ dated }) => dated),
    how: all.flatMap(({ how }) => how),
  };
}

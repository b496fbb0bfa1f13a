import { BULK } from './bulk';
import { LIQUIDS } from './liquids';
import { SUPPLEMENTS } from './supplements';
import type { Bulk, Liquid, Supplement } from './types';

/** What the Shed holds besides: nothing that a plan chooses from, so that no case carries it along. */
export const SHIPPED_OTHERS = {
  supplements: SUPPLEMENTS,
  bulk: BULK,
  liquids: LIQUIDS,
} as const satisfies {
  readonly supplements: readonly Supplement[];
  readonly bulk: readonly Bulk[];
  readonly liquids: readonly Liquid[];
};

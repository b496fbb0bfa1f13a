import type { PlanContext, Problems } from '../kernel/working/context';
import type { SheetEntries } from '../kernel/working/workings';

/** What a part of a plan has written. */
export interface Written {
  readonly sheet: SheetEntries;
  readonly problems: Problems;
}

/** A part that has written nothing. */
export const NOTHING: Written = { sheet: new Map(), problems: {} };

/** What was written into a context; its sheet may still grow. */
export function writtenIn({ sheet, problems }: PlanContext): Written {
  return { sheet: sheet.workings, problems };
}

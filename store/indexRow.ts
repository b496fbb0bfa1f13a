import type { CaseFile } from '../core/casefile/casefile';
import { planCase, turnsOn } from '../core/plan';
import type { Msg } from '../core/working/msg';
import type { Working } from '../core/working/working';
import type { CaseIndexRow } from './db';

function closure(
  ids: readonly string[],
  workings: Readonly<Record<string, Working>>,
  into: Record<string, Working> = {},
): Record<string, Working> {
  for (const id of ids) {
    const working = workings[id];
    if (!working || into[id]) continue;
    into[id] = working;
    closure(working.inputs, workings, into);
  }
  return into;
}

function figuresOf({ params = {} }: Msg): string[] {
  return Object.values(params).flatMap((param) =>
    typeof param === 'object' && 'working' in param ? [param.working] : [],
  );
}

/** The Desk's line for a case. */
export function indexRow(file: CaseFile, changedAt: number, deletedAt: number): CaseIndexRow {
  const plan = planCase(file);
  const turns = turnsOn(plan);
  return {
    id: file.id,
    title: file.title,
    client: file.client.name,
    place: file.client.place,
    changedAt,
    deletedAt,
    steps: plan.steps,
    turnsOn: turns,
    workings: closure(figuresOf(turns), plan.workings),
  };
}

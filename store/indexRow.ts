import { areasOf, type CaseFile } from '../core/casefile/casefile';
import { planCase, turnsOn } from '../core/plan';
import { queueFacts } from '../core/queue';
import { stepToGoOnAt } from '../core/steps';
import { INDEX_VERSION, type CaseIndexRow } from './db';

/** The Desk's line for a case: what lists and searches need, and no figure. */
export function indexRow(file: CaseFile, changedAt: number, deletedAt: number): CaseIndexRow {
  const plan = planCase(file);
  return {
    version: INDEX_VERSION,
    id: file.id,
    title: file.title,
    client: file.client.name,
    place: file.client.place,
    plants: [...new Set(areasOf(file).map(({ plant }) => plant))],
    samples: Object.values(file.samples).flatMap(({ name }) => name.trim() || []),
    grounds: plan.areas.length,
    changedAt,
    deletedAt,
    goesOnAt: stepToGoOnAt(plan.steps),
    turnsOn: turnsOn(plan),
    facts: queueFacts(file, plan),
  };
}

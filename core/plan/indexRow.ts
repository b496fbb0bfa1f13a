import { areasOf, type CaseFile } from '../casefile/casefile';
import { migrate } from '../casefile/migrations/migrate';
import { isNode } from '../casefile/migrations/nodes';
import { planCase, turnsOn } from './plan';
import type { Plan } from './types';
import { queueFacts } from './queue';
import { stepToGoOnAt } from '../tell/steps';
import { own } from '../kernel/typed/own';
import { msg } from '../kernel/messages/msg';
import { INDEX_VERSION, type CaseIndexRow } from './deskLine';

/** When a line belongs on the Desk: since when it is as it is, and since when it is deleted. */
interface Standing {
  readonly changedAt: number;
  readonly deletedAt: number;
}

function textIn(document: unknown, ...keys: readonly string[]): string {
  const found = keys.reduce<unknown>(
    (at, key) => (isNode(at) ? own(at, key) : undefined),
    document,
  );
  return typeof found === 'string' ? found : '';
}

/** The day that a document says it is from, else one that stands before all others. */
function dayOf(document: unknown): string {
  const day = textIn(document, 'createdOn');
  return /^\d{4}-\d{2}-\d{2}$/.test(day) ? day : '1970-01-01';
}

/** The line of a case that cannot be read or worked out: it is listed all the same, to be opened and saved. */
function unreadableRow(
  id: string,
  document: unknown,
  { changedAt, deletedAt }: Standing,
): CaseIndexRow {
  return {
    version: INDEX_VERSION,
    id,
    title: textIn(document, 'title'),
    client: textIn(document, 'client', 'name'),
    place: textIn(document, 'client', 'place'),
    plants: [],
    samples: [],
    grounds: 0,
    changedAt,
    deletedAt,
    goesOnAt: 'ground',
    turnsOn: msg('turns.unreadable'),
    facts: {
      finished: false,
      since: dayOf(document),
      sampledOn: undefined,
      expectedOn: undefined,
      sentOn: undefined,
      doses: [],
      reviewOn: undefined,
      testOn: undefined,
    },
  };
}

/**
 * The Desk's line for a case: what lists and searches need, and no figure. It never keeps a case from being
 * stored: what cannot be worked out has a line that says so.
 */
export function indexRow(
  file: CaseFile,
  changedAt: number,
  deletedAt: number,
  planOf: (doc: CaseFile) => Plan = planCase,
): CaseIndexRow {
  try {
    const plan = planOf(file);
    return {
      version: INDEX_VERSION,
      id: file.id,
      title: file.title,
      client: file.client.name,
      place: file.client.place,
      plants: [...new Set(areasOf(file).map(({ plant }) => plant))],
      samples: Object.values(file.samples).flatMap(({ name }) => name.trim() || []),
      grounds: plan.areas.length + plan.broken.length,
      changedAt,
      deletedAt,
      goesOnAt: stepToGoOnAt(plan.steps),
      turnsOn: turnsOn(plan),
      facts: queueFacts(file, plan),
    };
  } catch {
    return unreadableRow(file.id, file, { changedAt, deletedAt });
  }
}

/** A stored case, whatever it is, and since when it is as it is. */
export interface StoredDocument {
  readonly id: string;
  readonly document: unknown;
  readonly changedAt: number;
  readonly deletedAt: number;
}

/** The line of a stored case: one that this version cannot read has a line that says so. */
export function lineOf({ id, document, changedAt, deletedAt }: StoredDocument): CaseIndexRow {
  const unreadable = (): CaseIndexRow => unreadableRow(id, document, { changedAt, deletedAt });
  try {
    const migrated = migrate(document);
    return migrated.kind === 'document'
      ? indexRow(migrated.document as unknown as CaseFile, changedAt, deletedAt)
      : unreadable();
  } catch {
    return unreadable();
  }
}

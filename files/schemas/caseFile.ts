import { CASE, type CaseFile } from '../../core/casefile/casefile';
import { migrate } from '../../core/casefile/migrations/migrate';
import { misplaced } from '../../core/casefile/isCase';
import { faultsOfPack } from '../../core/catalog/packs/lint';
import { msg, type Msg } from '../../core/kernel/messages/msg';
import { faultsOf, type Fault } from './faults';
import { joiOf } from './joiOf';
import { packShape } from './pack';

const schema = joiOf(CASE, { pack: packShape });

export type ValidatedCase =
  | { readonly kind: 'valid'; readonly file: CaseFile }
  | {
      readonly kind: 'invalid';
      /** The first fault's place and what to say of it. */
      readonly path: string;
      readonly reason: Msg;
      readonly faults: readonly Fault[];
    };

function invalid(faults: readonly Fault[]): ValidatedCase {
  const path = faults[0]?.path ?? '';
  return { kind: 'invalid', path, reason: msg('refused.damaged', { path: path || '–' }), faults };
}

/**
 * Checks that a document of the present schema has the shape of a case, with every fault at its
 * place; its values stay as typed.
 */
export function validateCaseFile(document: unknown): ValidatedCase {
  const faults = faultsOf(schema, document);
  if (faults.length > 0) return invalid(faults);
  const file = document as CaseFile;
  const house = file.house ? faultsOfPack(file.house) : [];
  const elsewhere = [
    ...misplaced(file),
    ...house.map((each): Fault => ({ ...each, path: `house/${each.path}` })),
  ];
  return elsewhere.length > 0 ? invalid(elsewhere) : { kind: 'valid', file };
}

export type ReadCaseDocument = ValidatedCase | { readonly kind: 'refused'; readonly reason: Msg };

/** Brings a document of any released schema to the present one and checks it: for every way in. */
export function readCaseDocument(raw: unknown): ReadCaseDocument {
  const migrated = migrate(raw);
  return migrated.kind === 'refused' ? migrated : validateCaseFile(migrated.document);
}

/** Whether the shape alone is right; the published JSON Schema must say the same. */
export function hasCaseShape(document: unknown): boolean {
  return faultsOf(schema, document).length === 0;
}

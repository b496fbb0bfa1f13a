import { NO_STOCK } from '../../../core/casefile/parts/stock';
import { type Label, EMPTY_LABEL } from '../../../core/casefile/parts/label';
import { type Typed, emptyResult } from '../../../core/casefile/parts/typed';
import { decisionKey, type Decision, type DecisionKind } from '../../../core/casefile/decisions';
import type { Analyte } from '../../../core/catalog/analytes';
import { type CaseFile } from '../../../core/casefile/casefile';
import type { Mesh } from '../../../core/tables/lime/fineness';
import { own } from '../../../core/kernel/typed/own';
import { valueAt, type Json } from '../../../store/patch';

/** A place of the case file that a field shows and writes. */
export interface Place {
  /** What an edit sets. */
  readonly path: string;
  /** Where the plan puts a problem with it. */
  readonly problem: string;
  readonly value: string;
  /** The text that a stored value shows as. */
  readonly read: (value: Json | undefined) => string;
  /** What to store for a text. */
  readonly write: (text: string) => Json | undefined;
}

function asText(value: Json | undefined): string {
  return typeof value === 'string' ? value : '';
}

/** A plain text in the document. */
export function textPlace(doc: CaseFile, path: string): Place {
  const value = asText(valueAt(doc, path));
  return { path, problem: path, value, read: asText, write: (text) => text };
}

/** The text or the reason of a decision; a decision without either is none. */
export function decisionPlace(
  doc: CaseFile,
  areaId: string,
  what: DecisionKind,
  part: 'value' | 'reason' = 'value',
): Place {
  const key = decisionKey(areaId, what);
  const path = `decisions/${key}`;
  const before: Decision = own(doc.decisions, key) ?? { what, value: '', reason: '', at: '' };
  return {
    path,
    problem: `${path}/${part}`,
    value: before[part],
    read: (value) => asText(valueAt({ value: value ?? {} }, `value/${part}`)),
    write: (text) => {
      const after = { ...before, [part]: text, at: new Date().toISOString() };
      return after.value === '' && after.reason === '' ? undefined : after;
    },
  };
}

/** A part of a result of a sample; a result that is not there yet is written whole. */
export function resultPlace(
  doc: CaseFile,
  base: string,
  analyte: Analyte,
  part: keyof Typed = 'text',
): Place {
  const at = `${base}/${analyte}`;
  const problem = `${at}/${part}`;
  if (valueAt(doc, at) !== undefined) return { ...textPlace(doc, problem), problem };
  const fresh = emptyResult(analyte);
  return {
    path: at,
    problem,
    value: fresh[part],
    read: (value) => asText(valueAt({ value: value ?? {} }, `value/${part}`)),
    write: (text) => ({ ...fresh, [part]: text }),
  };
}

/** A part of the label of the bag at hand. */
export function labelPlace(
  doc: CaseFile,
  materialId: string,
  part: Exclude<keyof Label, 'sieves'>,
): Place {
  const path = `labels/${materialId}`;
  const before: Label = own(doc.labels, materialId) ?? EMPTY_LABEL;
  return {
    path,
    problem: `${path}/${part}`,
    value: before[part],
    read: (value) => asText(valueAt({ value: value ?? {} }, `value/${part}`)),
    write: (text) => ({ ...before, [part]: text }),
  };
}

/** What passes a sieve, by the label of the bag at hand. */
export function sievePlace(doc: CaseFile, materialId: string, mesh: Mesh): Place {
  const path = `labels/${materialId}`;
  const before: Label = own(doc.labels, materialId) ?? EMPTY_LABEL;
  return {
    path,
    problem: `${path}/sieves/${mesh}`,
    value: before.sieves[mesh] ?? '',
    read: (value) => asText(valueAt({ value: value ?? {} }, `value/sieves/${mesh}`)),
    write: (text) => ({ ...before, sieves: { ...before.sieves, [mesh]: text } }),
  };
}

/** What is known of a material's stock: what lies there, or whether the shops have it. */
export function stockPlace(doc: CaseFile, materialId: string, part: 'onHand' | 'had'): Place {
  const path = `stock/${materialId}`;
  const problem = `${path}/${part}`;
  const before = own(doc.stock, materialId);
  if (before) return { ...textPlace(doc, problem), problem };
  return {
    path,
    problem,
    value: '',
    read: (value) => asText(valueAt({ value: value ?? {} }, `value/${part}`)),
    write: (text) => ({ ...NO_STOCK, [part]: text }) as unknown as Json,
  };
}

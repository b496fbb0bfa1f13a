import { msg } from '../core/kernel/messages/msg';
import type { Pack } from '../core/catalog/packs/pack';
import { locate, parseJson, refusedAtTop, type LocatedFault } from './located';
import { validatePack } from './schemas/pack';

const PACK_FORMAT = 'agrologos-pack';
/** The schema number of the pack files that this version writes. */
const PACK_SCHEMA = 1;

export type ReadPack =
  | { readonly kind: 'pack'; readonly pack: Pack }
  | { readonly kind: 'refused'; readonly faults: readonly LocatedFault[] };

/** A pack as the text of a file: JSON, two spaces, a newline at the end. */
export function writePack(pack: Pack): string {
  return `${JSON.stringify({ format: PACK_FORMAT, schema: PACK_SCHEMA, pack }, null, 2)}\n`;
}

/** Reads the file of a pack. One with any fault is refused whole, with line, column and reason. */
export function readPack(text: string): ReadPack {
  const parsed = parseJson(text.replace(/^\uFEFF/, ''));
  if (parsed.kind === 'error') return { kind: 'refused', faults: [parsed.fault] };
  const raw = parsed.value;
  const { format, schema, pack } = (typeof raw === 'object' && raw !== null ? raw : {}) as Readonly<
    Record<string, unknown>
  >;
  if (format !== PACK_FORMAT) return refusedAtTop(msg('refused.notPack'));
  if (typeof schema !== 'number' || schema > PACK_SCHEMA) {
    return refusedAtTop(msg('refused.newerPack'));
  }
  const read = validatePack(pack);
  if (read.kind === 'valid') return { kind: 'pack', pack: read.pack };
  const faults = read.faults.map((fault) => ({ ...fault, path: `pack/${fault.path}` }));
  return { kind: 'refused', faults: locate(text, faults) };
}

/**
 * A file that only a passphrase opens: a line that says how, then the text in pieces, each sealed by itself (AES-256-GCM) and bound
 * to its place and to whether it is the last, so that none can be left out, put elsewhere or cut off unseen. The key is drawn from
 * the passphrase by PBKDF2 with HMAC-SHA-256 in 600,000 rounds (OWASP Password Storage Cheat Sheet, from memory).
 */
import { linesOf } from './parts';

const FORMAT = 'agrologos-sealed';
const SCHEMA = 1;
const ROUNDS = 600_000;
/** Fewer rounds than this were never written; more would only keep a reader busy. */
const MOST_ROUNDS = 10_000_000;
/** Signs of text in a piece. */
const PIECE = 1 << 20;
const IV_BYTES = 12;
const SALT_BYTES = 16;
/** What is sealed first, so that a wrong passphrase is known from a damaged file. */
const OPENS = 'opens';

interface Head {
  readonly format: typeof FORMAT;
  readonly schema: number;
  readonly rounds: number;
  readonly salt: string;
}

function toBase64(bytes: Uint8Array): string {
  let signs = '';
  for (let at = 0; at < bytes.length; at += 0x8000) {
    signs += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  }
  return btoa(signs);
}

function fromBase64(text: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(text), (sign) => sign.charCodeAt(0));
}

function bytesOf(text: string): Uint8Array<ArrayBuffer> {
  return new Uint8Array(new TextEncoder().encode(text));
}

async function keyOf(
  passphrase: string,
  { salt, rounds }: Pick<Head, 'salt' | 'rounds'>,
): Promise<CryptoKey> {
  // The same signs in another composition are the same passphrase.
  const typed = bytesOf(passphrase.normalize('NFKC'));
  const raw = await crypto.subtle.importKey('raw', typed, 'PBKDF2', false, ['deriveKey']);
  return crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt: fromBase64(salt), iterations: rounds },
    raw,
    { name: 'AES-GCM', length: 256 },
    false,
    ['encrypt', 'decrypt'],
  );
}

/** How a piece is sealed: by a number of its own, bound to its place. */
function bound(iv: Uint8Array<ArrayBuffer>, at: number, isLast: boolean): AesGcmParams {
  return { name: 'AES-GCM', iv, additionalData: bytesOf(`${at}/${isLast ? 'last' : 'more'}`) };
}

async function sealOne(key: CryptoKey, text: string, at: number, isLast: boolean): Promise<string> {
  const iv = crypto.getRandomValues(new Uint8Array(IV_BYTES));
  const closed = await crypto.subtle.encrypt(bound(iv, at, isLast), key, bytesOf(text));
  return `${toBase64(iv)}.${toBase64(new Uint8Array(closed))}\n`;
}

async function openOne(
  key: CryptoKey,
  line: string,
  at: number,
  isLast: boolean,
): Promise<string | undefined> {
  try {
    const [iv = '', closed = ''] = line.split('.');
    const open = await crypto.subtle.decrypt(
      bound(fromBase64(iv), at, isLast),
      key,
      fromBase64(closed),
    );
    return new TextDecoder('utf-8', { fatal: true }).decode(open);
  } catch {
    return undefined;
  }
}

/** The parts of a text as the parts of a file that only the passphrase opens. */
export async function* sealed(
  parts: AsyncIterable<string>,
  passphrase: string,
  rounds = ROUNDS,
): AsyncGenerator<string> {
  const salt = crypto.getRandomValues(new Uint8Array(SALT_BYTES));
  const head: Head = { format: FORMAT, schema: SCHEMA, rounds, salt: toBase64(salt) };
  yield `${JSON.stringify(head)}\n`;
  const key = await keyOf(passphrase, head);
  yield await sealOne(key, OPENS, 0, false);
  let at = 1;
  let piece = '';
  for await (const part of parts) {
    piece += part;
    if (piece.length < PIECE) continue;
    yield await sealOne(key, piece, at, false);
    at += 1;
    piece = '';
  }
  yield await sealOne(key, piece, at, true);
}

/** The head in the first line of a text. */
function headOf(text: string): Head | undefined {
  if (!text.startsWith(`{"format":"${FORMAT}"`)) return undefined;
  try {
    return JSON.parse(text.slice(0, text.indexOf('\n'))) as Head;
  } catch {
    return undefined;
  }
}

/** Whether a file is one that only a passphrase opens. */
export async function isSealed(file: Blob): Promise<boolean> {
  return headOf(await file.slice(0, 1000).text()) !== undefined;
}

/** Another passphrase than that of the file. */
export class WrongPassphrase extends Error {}

/** A sealed file that was changed or cut off. */
export class DamagedFile extends Error {}

/**
 * Opens a sealed file, given in parts, and gives its text in parts.
 * @throws WrongPassphrase, DamagedFile
 */
export async function* unsealed(
  parts: AsyncIterable<string>,
  passphrase: string,
): AsyncGenerator<string> {
  const lines = linesOf(parts);
  const nextLine = async (): Promise<string | undefined> => {
    const { done, value } = await lines.next();
    return done ? undefined : value;
  };
  try {
    const { schema, rounds, salt } = headOf(`${await nextLine()}\n`) ?? {};
    const isKnown = schema === SCHEMA && Number.isInteger(rounds) && typeof salt === 'string';
    if (!isKnown || !rounds || rounds > MOST_ROUNDS) throw new DamagedFile();
    const key = await keyOf(passphrase, { salt, rounds }).catch(() => {
      throw new DamagedFile();
    });
    let line = await nextLine();
    let next = await nextLine();
    if (!line || !next) throw new DamagedFile();
    if ((await openOne(key, line, 0, false)) !== OPENS) throw new WrongPassphrase();
    for (let at = 1; next !== ''; at += 1) {
      // Every line ends by a newline: after the last there is nothing.
      line = next;
      next = await nextLine();
      if (next === undefined) throw new DamagedFile();
      const piece = await openOne(key, line, at, next === '');
      if (piece === undefined) throw new DamagedFile();
      yield piece;
    }
    if ((await nextLine()) !== undefined) throw new DamagedFile();
  } finally {
    await lines.return(undefined);
  }
}

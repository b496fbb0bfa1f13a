/** Bodies and files that nobody should send: seeded, so that one that does harm can be sent again. */
import { own } from '../core/kernel/typed/own';
import { anyCase } from './anyCase';
import { backupOf } from './backups';
import { Dice } from './dice';

/** Values where others belong. */
const STRANGERS: readonly unknown[] = [
  null,
  true,
  -1,
  1e308,
  0.1,
  '',
  'constructor',
  '\u0000',
  '9'.repeat(400),
  '<script>',
  [],
  {},
  [[]],
  { toString: 1 },
  'x'.repeat(3000),
];
const KEYS = ['__proto__', 'constructor', 'prototype', 'toString', '', 'a/b', '~1', '0', 'lawn'];

type Holder = Record<string, unknown>;

function holdersOf(document: unknown): Holder[] {
  const found: Holder[] = [];
  const open: unknown[] = [document];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    if (typeof at !== 'object' || at === null) continue;
    found.push(at as Holder);
    open.push(...Object.values(at).filter((inside) => inside !== undefined));
  }
  return found;
}

/** Changes one place of a document: another value, a key that goes, one too many, a copy of the whole. */
function change(dice: Dice, document: unknown): void {
  const holder = dice.one(holdersOf(document));
  const keys = Object.keys(holder);
  const key = keys.length > 0 ? dice.one(keys) : dice.one(KEYS);
  const how = dice.below(5);
  if (how === 0) Reflect.deleteProperty(holder, key);
  else if (how === 1) holder[key] = structuredClone(dice.one(STRANGERS));
  else if (how === 2) {
    const value = structuredClone(dice.one(STRANGERS));
    Object.defineProperty(holder, dice.one(KEYS), {
      value,
      enumerable: true,
      configurable: true,
      writable: true,
    });
  } else if (how === 3) holder[key] = structuredClone(dice.one(holdersOf(document)));
  // An empty holder has no such key, but may inherit a function of that name.
  else holder[`${key}${dice.below(9)}`] = own(holder, key) ?? null;
}

function nested(depth: number, open: string, close: string): string {
  return open.repeat(depth) + close.repeat(depth);
}

/** Turns some signs of a text into others, or cuts it off. */
function spoil(dice: Dice, text: string): string {
  if (dice.chance(0.3)) return text.slice(0, dice.below(text.length + 1));
  const signs = [...text];
  for (let times = dice.below(6) + 1; times > 0; times -= 1) {
    signs[dice.below(signs.length)] = dice.one([
      '"',
      '{',
      ',',
      ']',
      '\\',
      '\n',
      '9',
      'e',
      '\uD800',
    ]);
  }
  return signs.join('');
}

/** A text that is a case, nearly one, or nothing at all. */
export function hostileText(seed: number): string {
  const dice = new Dice(seed);
  const kind = dice.below(20);
  if (kind === 0) return nested(dice.below(20_000), '[', ']');
  if (kind === 1) return nested(dice.below(5000), '{"a":', '}');
  if (kind === 2) return dice.one(['', 'null', '""', '[]', '{}', 'NaN', '1e999', '\uFEFF{}']);
  const document = structuredClone(anyCase(dice.below(400))) as unknown;
  for (let times = dice.below(4) + 1; times > 0; times -= 1) change(dice, document);
  const text = JSON.stringify(document);
  return dice.chance(0.3) ? spoil(dice, text) : text;
}

const TABLE = 'Sample,pH,P ppm,K ppm\nA1,6.1,12,90\nA2,5.4,"3,4",<5\n';
const MAP =
  '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"name":"Bed"},"geometry":{"type":"Polygon","coordinates":[[[-84,42],[-84,42.001],[-84.001,42],[-84,42]]]}}]}';

/** The text of a broken file of some kind: a case, a table of a laboratory, a map. */
export function brokenFile(seed: number): string {
  const dice = new Dice(seed);
  const kind = dice.below(3);
  if (kind === 0) return hostileText(seed);
  return spoil(dice, kind === 1 ? TABLE : MAP);
}

/** A backup of a few cases, of which one is changed, or whose text is spoiled. */
export function brokenBackup(seed: number): string {
  const dice = new Dice(seed);
  const cases = Array.from({ length: dice.below(3) + 1 }, () =>
    structuredClone(anyCase(dice.below(400))),
  );
  if (dice.chance(0.5)) change(dice, dice.one(cases));
  const text = backupOf(cases);
  return dice.chance(0.5) ? spoil(dice, text) : text;
}

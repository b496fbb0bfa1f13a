/**
 * `npm run licences` lists what the packages that ship need in turn, by licence, as it stands in `docs/licences.md`; with `--write` it puts the list
 * there. Binaries for other platforms that npm may leave out are no part of the program.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { own } from '../core/kernel/typed/own';

const DOCUMENT = 'docs/licences.md';
const HEAD = '## What these need in turn';

interface Locked {
  readonly version?: string;
  readonly license?: string;
  readonly dev?: boolean;
  readonly devOptional?: boolean;
  readonly optional?: boolean;
}

function json(file: string): Readonly<Record<string, unknown>> {
  return JSON.parse(readFileSync(file, 'utf8')) as Readonly<Record<string, unknown>>;
}

/** Texts of licences that a package has without naming one. */
const UNNAMED: Readonly<Record<string, string>> = { 'png-js': 'MIT' };

/** The packages that ship and all that they need, by the licence that each names. */
export function byLicence(): ReadonlyMap<string, readonly string[]> {
  const packages = json('package-lock.json')['packages'] as Readonly<Record<string, Locked>>;
  const found = new Map<string, Set<string>>();
  for (const [path, { license, dev, devOptional, optional }] of Object.entries(packages)) {
    if (path === '' || dev || devOptional || optional) continue;
    const name = path.split('node_modules/').at(-1) ?? '';
    const named = license ?? own(UNNAMED, name) ?? 'none';
    found.set(named, (found.get(named) ?? new Set()).add(name));
  }
  const sorted = [...found].sort(([a], [b]) => (a < b ? -1 : 1));
  return new Map(sorted.map(([licence, names]) => [licence, [...names].sort()]));
}

/** The list as it stands in the document. */
export function listed(): string {
  const lines = [...byLicence()].map(([licence, names]) => `- **${licence}**: ${names.join(', ')}`);
  return `${HEAD}\n\n${lines.join('\n')}\n`;
}

if (process.argv[1]?.endsWith('licences.ts')) {
  if (process.argv.includes('--write')) {
    const [before = ''] = readFileSync(DOCUMENT, 'utf8').split(HEAD);
    writeFileSync(DOCUMENT, `${before.trimEnd()}\n\n${listed()}`);
  } else console.log(listed());
}

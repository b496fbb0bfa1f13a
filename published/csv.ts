import { readFileSync } from 'node:fs';
import path from 'node:path';

/** The rows of a fixture as texts; lines that begin with `#` tell its source. */
export function readFixture(name: string): string[][] {
  return readFileSync(path.join(__dirname, 'fixtures', name), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'))
    .map((line) => line.split(','));
}

/** The rows below the head as numbers. */
export function readNumbers(name: string): number[][] {
  return readFixture(name)
    .slice(1)
    .map((row) => row.map(Number));
}

import { readFileSync } from 'node:fs';
import { byLicence, listed } from './licences';

function json(file: string): Record<string, unknown> {
  return JSON.parse(readFileSync(file, 'utf8')) as Record<string, unknown>;
}

const shipped = Object.keys(json('package.json')['dependencies'] as object);
/** Licences that ask for no more than their text to be kept. */
const PLAIN = ['MIT', 'Apache-2.0', 'BSD-3-Clause', 'OFL-1.1', 'MIT AND OFL-1.1'];

test('every package that ships is listed with the licence that it names, and all are plain ones', () => {
  const listed = readFileSync('docs/licences.md', 'utf8');
  const rows = shipped.map((name) => [
    name,
    String(json(`node_modules/${name}/package.json`)['license']),
  ]);
  for (const [name = '', licence = ''] of rows) {
    expect(PLAIN).toContain(licence);
    expect(listed).toMatch(new RegExp(`\\| ${name} +\\|[^|]*\\| ${licence} +\\|`));
  }
  expect(listed.split('\n').filter((line) => line.startsWith('| ')).length).toBe(
    shipped.length + 2,
  );
});

/** What packages of packages may ask beside: to be named, or nothing at all. */
const IN_TURN = [...PLAIN, 'ISC', '0BSD', 'BlueOak-1.0.0', 'CC-BY-4.0', '(MIT AND Zlib)'];

test('all that they need in turn is listed, under plain licences', () => {
  expect(readFileSync('docs/licences.md', 'utf8')).toContain(listed());
  for (const licence of byLicence().keys()) expect(IN_TURN).toContain(licence);
});

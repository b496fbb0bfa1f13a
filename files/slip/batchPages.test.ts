import { readFileSync } from 'node:fs';
import { lawnCase, ORACLE } from '../../test/cases';
import type { CaseFile } from '../../core/casefile/casefile';
import { decisionKey, type DecisionKind } from '../../core/casefile/decisions';
import { planCase } from '../../core/plan/plan';
import { PageWriter } from './batchPages';

const SIGNED = { signature: 'Ines Odera', contact: '3 Weir Street' };

/** A case in which everything is approved. */
function finished(file: CaseFile): CaseFile {
  const [area] = planCase(file).areas;
  if (!area) throw new Error('no area');
  const { lime, fertilizer } = area.treatments;
  const approve = (what: DecisionKind, value: string) => [
    decisionKey(area.area.id, what),
    { what, value, reason: '', at: '2027-10-04T12:00:00Z' },
  ];
  const approved = [
    approve('ph-settled', lime.digest),
    approve('feeding-settled', fertilizer.digest),
  ];
  return { ...file, decisions: { ...file.decisions, ...Object.fromEntries(approved) } };
}

const LAWN = finished(lawnCase(ORACLE));

function batch(
  documents: readonly unknown[],
  units: 'us' | 'metric' = 'us',
  what: 'pages' | 'letters' = 'pages',
  volunteers = false,
) {
  const writer = new PageWriter({ what, units, signed: SIGNED, volunteers });
  documents.forEach((document) => writer.add(document));
  return writer.made();
}

test('where volunteers work a page that nobody has looked over is left out, and why is said', () => {
  const { pages, told } = batch([LAWN], 'us', 'pages', true);
  expect(pages).toEqual([]);
  expect(told.leftOut[0]?.why).toMatch(/^This page goes out after a second person/);
});

const textOf = ({ pages }: ReturnType<typeof batch>, at = 0): string =>
  (pages[at]?.page.lines ?? []).map(({ text }) => text).join('\n');

test('a finished case gives its page, signed by the office', () => {
  const made = batch([LAWN]);
  expect(made.told).toEqual({ count: 1, leftOut: [] });
  expect(textOf(made)).toContain('236 lb of pelletized limestone');
  expect(textOf(made)).toContain('Ines Odera');
});

test('each page is in its client’s language and the office’s units', () => {
  const spanish = { ...LAWN, client: { ...LAWN.client, language: 'es' as const } };
  const made = batch([LAWN, spanish], 'metric');
  expect(made.pages.map(({ language }) => language)).toEqual(['en', 'es']);
  expect(textOf(made)).toMatch(/107 kg of pelletized limestone/);
  expect(textOf(made, 1)).toMatch(/107 kilogramos de cal agrícola en gránulos/);
});

test('what cannot go out is told by its name, with the reason, and keeps nothing else away', () => {
  const waiting = { ...lawnCase(ORACLE), title: 'Ford Green' };
  const empty = { ...lawnCase({}), title: 'Empty' };
  const newer = { ...LAWN, title: 'Newer', schema: 99 };
  const { told } = batch([waiting, newer, null, 'no case', { title: 5 }, LAWN, empty]);
  expect(told.count).toBe(1);
  expect(told.leftOut.map(({ title }) => title)).toEqual([
    ...['Ford Green', 'Newer', '', '', '', 'Empty'],
  ]);
  for (const { why } of told.leftOut) expect(why).toMatch(/^[A-Z].{8,}/);
  expect(told.leftOut[0]?.why).toMatch(/lime/i);
  expect(told.leftOut[1]?.why).toMatch(/newer/i);
});

test('a case of the first schema is read like any other', () => {
  const old: unknown = JSON.parse(readFileSync('core/casefile/fixtures/case-v1.json', 'utf8'));
  const { told } = batch([old]);
  // It is read; whether it waits for something is its own business.
  expect(told.count + told.leftOut.length).toBe(1);
  expect(told.leftOut[0]?.why ?? '').not.toMatch(/newer|damaged|format/i);
});

test('letters remind of the next test: day, reason, how, and a label for each bag; what has none is told', () => {
  const sandy = lawnCase({ ph: '6.5', texture: 'sand', planFrom: '2027-03-01' });
  const spanish = { ...sandy, client: { ...sandy.client, language: 'es' as const } };
  const made = batch([sandy, spanish, lawnCase({})], 'us', 'letters');
  expect(made.told).toEqual({
    count: 2,
    leftOut: [{ title: 'Weir Cottage', why: 'No ground of it is to be tested again.' }],
  });
  const letter = textOf(made);
  expect(letter).toContain('Main lawn: around 1 Mar 2029, since sandy soil changes fast.');
  expect(letter).toMatch(/Main lawn\t.*\t4 inches\t_+/);
  expect(letter).toContain('Ines Odera');
  expect(textOf(made, 1)).toContain('Main lawn: alrededor del 1 de marzo de 2029');
});

test('a letter says what the test is for: to see the lime at work', () => {
  const made = batch([lawnCase(ORACLE)], 'us', 'letters');
  expect(textOf(made)).toMatch(/Main lawn: around .*, to see what the lime did\./);
});

import { anyCase } from '../../../test/anyCase';
import { lawnCase, ORACLE } from '../../../test/cases';
import type { CaseFile } from '../../casefile/casefile';
import type { LineEdit } from '../../casefile/parts/line';
import { planCase } from '../../plan/plan';
import type { Plan } from '../../plan/types';

const AT = '2027-10-04T12:00:00Z';
const edit = (what: LineEdit['what'], more: Partial<LineEdit> = {}): LineEdit => ({
  ...{ what, text: '', after: '', restsOn: '', at: AT },
  ...more,
});

const keysOf = ({ slip }: Plan): string[] => slip.lines.flatMap(({ key }) => key ?? []);
const idOf = (key: string): string => key.split(':')[1] ?? '';
const wordsIn = ({ slip }: Plan): unknown[] =>
  slip.blocks.flatMap((block) =>
    block.kind === 'table' ? [] : [block.text.params?.['words']].filter(Boolean),
  );

/** The case with an edit of the first line of an id, by what the line stands for now. */
function changed(file: CaseFile, id: string, what: LineEdit['what'], text = ''): CaseFile {
  const line = planCase(file).slip.lines.find(({ key }) => key && idOf(key) === id);
  if (!line?.key) throw new Error(`no line ${id}`);
  const made = edit(what, { text, restsOn: line.standsFor });
  return { ...file, lines: { ...file.lines, [line.key]: made } };
}

const LAWN = lawnCase(ORACLE);
const RAISED = lawnCase({ ...ORACLE, squareFeet: '7000' });

test('a line that is struck out is not printed, and all others stay as they were', () => {
  const before = planCase(LAWN).slip.blocks;
  const plan = planCase(changed(LAWN, 'slip.limeOnTop', 'struck'));
  expect(plan.slip.blocks).toEqual(
    before.filter((block) => block.kind === 'table' || block.text.id !== 'slip.limeOnTop'),
  );
  expect(plan.findings.filter(({ step }) => step === 'slip')).toEqual([]);
});

test('other words stand in the place of a line, and what is added under it', () => {
  const worded = changed(LAWN, 'slip.limeOnTop', 'words', 'Lime is slow.');
  const [key = ''] = Object.keys(worded.lines);
  const lines = { ...worded.lines, 'own-1': edit('added', { text: 'Be patient.', after: key }) };
  const plan = planCase({ ...worded, lines });
  expect(wordsIn(plan)).toEqual(['Lime is slow.', 'Be patient.']);
  const plain = planCase(LAWN);
  expect(plan.slip.blocks.length).toBe(plain.slip.blocks.length + 1);
  expect(plan.steps.slip).toBe(plain.steps.slip);
});

test('a change is kept through re-planning, and asked about when the figures under it change', () => {
  const struck = changed(LAWN, 'slip.limeFirst', 'struck');
  const plan = planCase({ ...RAISED, lines: struck.lines });
  expect(plan.slip.blocks.some(({ kind }) => kind === 'sentence')).toBe(true);
  expect(plan.findings).toContainEqual(
    expect.objectContaining({ name: 'lineChanged', severity: 'decide', step: 'slip' }),
  );
  // What does not speak of a figure that changed is not asked about.
  const other = changed(LAWN, 'slip.limeOnTop', 'words', 'Lime is slow.');
  expect(
    planCase({ ...RAISED, lines: other.lines }).findings.map(({ name }) => name),
  ).not.toContain('lineChanged');
});

test('words whose line is gone are not lost in silence', () => {
  const other = changed(LAWN, 'slip.limeOnTop', 'words', 'Lime is slow.');
  const fine = lawnCase({ ...ORACLE, ph: '6.8' });
  const plan = planCase({ ...fine, lines: other.lines });
  expect(plan.slip.lost).toEqual([expect.objectContaining({ words: 'Lime is slow.' })]);
  expect(plan.findings).toContainEqual(expect.objectContaining({ name: 'lineLost' }));
});

test('a section that nothing is left of has no heading', () => {
  const keys = keysOf(planCase(LAWN)).filter((key) => idOf(key).startsWith('doNot.'));
  const lines = Object.fromEntries(keys.map((key) => [key, edit('struck')]));
  const headings = (file: CaseFile): number =>
    planCase(file).slip.blocks.filter(({ kind }) => kind === 'section').length;
  expect(keys.length).toBeGreaterThan(0);
  expect(headings({ ...LAWN, lines })).toBe(headings(LAWN) - 1);
});

test('every line that may be changed has a key of its own, hazards and cautions have none', () => {
  for (let seed = 1; seed < 400; seed += 7) {
    const { slip } = planCase(anyCase(seed));
    const keys = slip.lines.flatMap(({ key }) => key ?? []);
    expect([seed, new Set(keys).size]).toEqual([seed, keys.length]);
    expect(keys.filter((key) => !/^[A-Za-z0-9_:.-]{1,128}$/.test(key))).toEqual([]);
    expect(slip.lines.some(({ key, block }) => key && block.kind === 'caution')).toBe(false);
  }
});

test('whatever is struck out, what can hurt stays, and what is taken back is as it was', () => {
  let struck = 0;
  for (let seed = 3; seed < 500; seed += 11) {
    const file = anyCase(seed);
    const plain = planCase(file).slip;
    const keys = plain.lines.flatMap(({ key }) => key ?? []);
    struck += keys.length;
    const lines = Object.fromEntries(keys.map((key) => [key, edit('struck')]));
    const { blocks } = planCase({ ...file, lines }).slip;
    const cautions = (all: typeof blocks) => all.filter(({ kind }) => kind === 'caution');
    expect([seed, cautions(blocks)]).toEqual([seed, cautions(plain.blocks)]);
    // Headings, tables and what the office wrote are left; no sentence of the program's is.
    const said = blocks.filter(
      (block) =>
        (block.kind === 'sentence' || block.kind === 'lead') && block.text.id !== 'slip.paragraph',
    );
    expect([seed, said]).toEqual([seed, []]);
    expect([seed, planCase({ ...file, lines: {} }).slip]).toEqual([seed, plain]);
  }
  expect(struck).toBeGreaterThan(100);
});

test('a line that was changed as it stands is not asked about, on any page', () => {
  for (let seed = 5; seed < 400; seed += 13) {
    const file = anyCase(seed);
    const edits = planCase(file).slip.lines.flatMap(({ key, standsFor }) =>
      key ? [[key, edit('words', { text: 'Mine.', restsOn: standsFor })] as const] : [],
    );
    const plan = planCase({ ...file, lines: Object.fromEntries(edits) });
    const asked = plan.findings.filter(({ name }) => name === 'lineChanged' || name === 'lineLost');
    expect([seed, asked]).toEqual([seed, []]);
    expect([seed, wordsIn(plan).filter((words) => words === 'Mine.').length]).toEqual([
      seed,
      edits.length,
    ]);
  }
});

test('a change behind the digits that a page shows is none', () => {
  const struck = changed(LAWN, 'slip.limeFirst', 'struck');
  // A hair more ground: the pounds that are printed are the same.
  const hair = lawnCase({ ...ORACLE, squareFeet: '6200.001' });
  const names = planCase({ ...hair, lines: struck.lines }).findings.map(({ name }) => name);
  expect(names).not.toContain('lineChanged');
});

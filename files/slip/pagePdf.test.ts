/** The PDF, read back by poppler’s own programs: what stands on paper is what stands in the plan. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pdfmake from 'pdfmake';
import { demoCounty } from '../../demo/county';
import { lawnCase, ORACLE } from '../../test/cases';
import type { CaseFile } from '../../core/casefile/casefile';
import { planCase } from '../../core/plan/plan';
import { createEnglish } from '../../words/english';
import { createSpanish } from '../../words/spanish';
import { PDF_FONT, pagesPdf, type PaperPage, type Printing } from './pagePdf';
import { writtenPage } from './writtenPage';
import { writtenSums } from './writtenSums';

const FONTS = 'node_modules/@expo-google-fonts/source-sans-3';
const folder = mkdtempSync(path.join(tmpdir(), 'pages-'));
const [ENGLISH, SPANISH] = [createEnglish(), createSpanish()];
const LETTER: Printing = { paper: 'letter', large: false };

beforeAll(() => {
  pdfmake.setUrlAccessPolicy(() => false);
  pdfmake.setLocalAccessPolicy((file) => file.startsWith(FONTS));
  pdfmake.setFonts({
    [PDF_FONT]: {
      normal: `${FONTS}/400Regular/SourceSans3_400Regular.ttf`,
      bold: `${FONTS}/600SemiBold/SourceSans3_600SemiBold.ttf`,
    },
  });
});

let files = 0;

/** Draws pages and gives the file’s path. */
async function drawn(pages: readonly PaperPage[], printing = LETTER): Promise<string> {
  const bytes = await pdfmake.createPdf(pagesPdf(pages, printing, new Date(0))).getBuffer();
  const file = path.join(folder, `${(files += 1)}.pdf`);
  writeFileSync(file, bytes);
  return file;
}

const run = (program: string, ...args: string[]): string =>
  execFileSync(program, args, { encoding: 'utf8' });
const textOf = (file: string): string =>
  run('pdftotext', '-layout', file, '-').replace(/\s+/g, ' ');
const flat = (words: string): string => words.replace(/\s+/g, ' ').trim();

function paper(file: CaseFile, language: 'en' | 'es' = 'en'): PaperPage {
  const voice = language === 'es' ? SPANISH : ENGLISH;
  return { page: writtenPage(file, planCase(file), voice), language };
}

const LAWN = lawnCase(ORACLE);

test.each(['en', 'es'] as const)('every line of the page stands on paper: %s', async (language) => {
  const page = paper(LAWN, language);
  const text = textOf(await drawn([page]));
  for (const line of page.page.lines) {
    for (const cell of line.text.split('\t')) expect(text).toContain(flat(cell));
  }
});

test('signs that a common subset of letters lacks are the right ones', async () => {
  const words = '≥ 5.5, ≤ 6, ½ cup, 3 × 4, − 2, P₂O₅, NH₄⁺, ±, ñ á é í ó ú ü ¿ ¡ “”';
  const title = words;
  const file = await drawn([{ page: { title, who: '', lines: [] }, language: 'es' }]);
  expect(textOf(file)).toContain(words);
});

test('all letters are embedded, and the file says its title, language and size', async () => {
  const file = await drawn([paper(LAWN, 'es')]);
  const rows = run('pdffonts', file).trim().split('\n').slice(2);
  expect(rows.length).toBeGreaterThanOrEqual(2);
  for (const row of rows) expect(row).toMatch(/\byes\s+yes\s+yes\b/);
  const info = run('pdfinfo', file);
  expect(info).toMatch(/Title:\s+Weir Cottage/);
  expect(info).toMatch(/Page size:\s+612 x 792/);
  const a4 = run('pdfinfo', await drawn([paper(LAWN)], { paper: 'a4', large: false }));
  expect(a4).toMatch(/Page size:\s+595\.\d+ x 841\.\d+/);
});

test.each(demoCounty('2027-10-04').map((file) => [file.title, file] as const))(
  'a page of one piece of ground fits on two sheets, and nothing of it is lost: %s',
  async (_title, file) => {
    if (planCase(file).slip.blocks.length === 0) return;
    const page = paper(file);
    const drawnFile = await drawn([page]);
    const text = textOf(drawnFile);
    const areas = Object.keys(file.areas).length;
    const sheets = Number(/Pages:\s+(\d+)/.exec(run('pdfinfo', drawnFile))?.[1]);
    expect(sheets).toBeLessThanOrEqual(areas === 1 ? 2 : 4);
    for (const { kind, text: line } of page.page.lines) {
      if (kind === 'dated' || kind === 'hazard') expect(text).toContain(flat(line));
    }
  },
);

test('large letters are larger, and the sums stand on a sheet of their own', async () => {
  const plan = planCase(LAWN);
  const sums = { title: 'Appendix', figures: writtenSums(plan, ENGLISH) };
  const file = await drawn([{ ...paper(LAWN), sums }]);
  const last = run('pdftotext', '-f', '2', '-layout', file, '-');
  expect(last).toMatch(/Appendix/);
  const { total } = plan.areas[0]?.treatments.lime.set ?? {};
  if (!total || 'absent' in total) throw new Error('no lime');
  expect(flat(last)).toContain(ENGLISH.quantity(total.value));
  const large = await drawn([paper(LAWN)], { paper: 'letter', large: true });
  const heights = (each: string): number[] =>
    [...run('pdftotext', '-bbox', each, '-').matchAll(/yMin="([\d.]+)".*yMax="([\d.]+)"/g)].map(
      ([, top, bottom]) => Number(bottom) - Number(top),
    );
  expect(Math.max(...heights(large))).toBeGreaterThan(1.3 * Math.max(...heights(file)));
});

test('a name that is far too long, another writing direction and markup are drawn as they are', async () => {
  const name = 'Maximiliana '.repeat(25).trim();
  const file = { ...LAWN, client: { ...LAWN.client, name, place: '<b>שלום</b> & {x}' } };
  const text = textOf(await drawn([paper(file)]));
  expect(text).toContain(name);
  expect(text).toContain('<b>');
  expect(text).toContain('& {x}');
});

test('a case without a name or a client has a page with a title', async () => {
  const nobody = { ...LAWN, title: ' ', client: { ...LAWN.client, name: '', place: '' } };
  const text = textOf(await drawn([paper(nobody), paper(nobody, 'es')]));
  expect(text).toContain('What your soil needs');
  expect(text).toContain('Lo que necesita su suelo');
});

test('each client’s page begins on a sheet of its own', async () => {
  const alone = await drawn([paper(LAWN)]);
  const sheets = (each: string): number => Number(/Pages:\s+(\d+)/.exec(run('pdfinfo', each))?.[1]);
  const file = await drawn([paper(LAWN), paper(LAWN, 'es')]);
  const second = String(sheets(alone) + 1);
  const text = run('pdftotext', '-f', second, '-l', second, file, '-');
  expect(text.trim()).toMatch(/^Weir Cottage/);
  expect(text).toContain('cal agrícola');
});

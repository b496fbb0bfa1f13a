import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { Paper } from '../../core/casefile/office';
import type { WrittenLine } from '../../core/casefile/parts/issued';
import type { Language } from '../../core/casefile/parts/language';
import { CELL, type WrittenPage } from './writtenPage';
import type { WrittenStep } from './writtenSums';

/** A page as it goes onto paper. */
export interface PaperPage {
  readonly page: WrittenPage;
  readonly language: Language;
  /** How its figures were reached, under a heading; nothing where that is not wanted. */
  readonly sums?: { readonly title: string; readonly figures: readonly WrittenStep[][] };
}

/** How pages are printed. */
export interface Printing {
  readonly paper: Paper;
  /** Larger letters, for whoever reads them with trouble. */
  readonly large: boolean;
}

/** The family of the letters, as whoever makes the file has to name it. */
export const PDF_FONT = 'Source Sans 3';

/** Letters of running text, points: 10.5 is a book's, 15 what large print begins near. Common practice. */
const [POINTS, LARGE_POINTS] = [10.5, 15];

/** Ink, rules, and the red of what can hurt, as the screens have them. */
const [INK_2, RULE, MADDER] = ['#4a4f48', '#b9bdb2', '#9b2c2c'];

/** Room above and under a line. */
const LINE_MARGIN: [number, number, number, number] = [0, 1.2, 0, 1.2];

/** Words before the first colon of a line with a day stand out: the day, and whose. */
function dated(words: string): Content {
  const at = words.indexOf(':') + 1;
  const text = [{ text: words.slice(0, at), bold: true }, words.slice(at)];
  return { text, margin: LINE_MARGIN };
}

/** A stroke beside what is to be seen first; its first word says what it is about. */
function besideStroke(words: string, color: string, size: number): Content {
  const at = words.indexOf('.') + 1;
  const text = [{ text: words.slice(0, at), bold: true }, words.slice(at)];
  return {
    table: { widths: ['*'], body: [[{ text, fontSize: size }]] },
    layout: {
      hLineWidth: () => 0,
      vLineWidth: (at) => (at === 0 ? 2.5 : 0),
      vLineColor: () => color,
      paddingLeft: () => 7,
      paddingTop: () => 2,
      paddingBottom: () => 2,
    },
    margin: [0, 1.5, 0, 1.5],
  };
}

/** Rows of a table under their head. */
function tableOf(head: WrittenLine, rows: readonly WrittenLine[], size: number): Content {
  const names = head.text.split(CELL);
  return {
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: names.map((_name, at) => (at === 0 ? '*' : 'auto')),
      body: [
        names.map((text) => ({ text, fontSize: size * 0.9, color: INK_2 })),
        ...rows.map(({ text }) => text.split(CELL).map((cell) => ({ text: cell }))),
      ],
    },
    layout: {
      hLineWidth: (at) => (at === 0 ? 0 : 0.5),
      hLineColor: () => RULE,
      vLineWidth: () => 0,
      paddingLeft: () => 0,
      paddingRight: () => 12,
    },
    margin: [0, 4, 0, 4],
  };
}

/**
 * A heading, that whoever finds the way by the list of headings finds too.
 * @param sheet whether it begins a sheet of its own
 */
function heading(text: string, size: number, top: number, sheet = false): Content {
  const shown = { text, bold: true, fontSize: size, outline: true, headlineLevel: 1 };
  return { ...shown, margin: [0, top, 0, 2], ...(sheet ? { pageBreak: 'before' } : {}) };
}

function contentOf(line: WrittenLine, size: number): Content {
  const { kind, text } = line;
  switch (kind) {
    case 'hazard':
      return besideStroke(text, MADDER, size);
    case 'caution':
      return besideStroke(text, RULE, size * 0.9);
    case 'heading':
    case 'section':
      return heading(text, size * 1.2, size * 0.7);
    case 'lead':
      return { text, bold: true, fontSize: size * 1.15, margin: [0, 4, 0, 2] };
    case 'dated':
      return dated(text);
    case 'footer':
      return { text, fontSize: size * 0.8, color: INK_2, margin: [0, 10, 0, 0] };
    default:
      return { text, margin: LINE_MARGIN };
  }
}

function bodyOf(lines: readonly WrittenLine[], size: number): Content[] {
  return lines.flatMap((line, at): Content[] => {
    if (line.kind === 'row') return [];
    // A line is never parted between two sheets.
    if (line.kind !== 'table') return [{ stack: [contentOf(line, size)], unbreakable: true }];
    const rest = lines.slice(at + 1);
    const end = rest.findIndex(({ kind }) => kind !== 'row');
    return [tableOf(line, rest.slice(0, end < 0 ? rest.length : end), size)];
  });
}

function sumsOf({ title, figures }: NonNullable<PaperPage['sums']>, size: number): Content[] {
  const small = size * 0.85;
  return [
    heading(title, size * 1.2, 0, true),
    ...figures.map((steps): Content => ({
      table: {
        dontBreakRows: true,
        widths: ['*', 'auto'],
        body: steps.map(({ label, sum, origin, value }) => [
          { text: [label, sum ? ` = ${sum}` : '', origin ? `\n${origin}` : ''], fontSize: small },
          { text: value, fontSize: small, alignment: 'right' as const },
        ]),
      },
      layout: 'lightHorizontalLines',
      margin: [0, 4, 0, 8],
    })),
  ];
}

/** Whose page it is, under its title. */
function whoOf(who: string): Content[] {
  return who === '' ? [] : [{ text: who, color: INK_2, margin: [0, 0, 0, 4] }];
}

/**
 * What is to be drawn of clients' pages, each beginning on a sheet of its own: real text in embedded letters, with
 * headings in the file's outline. A renderer of the same page as screen, print and e-mail.
 * @param made the day that the file says that it was made on; files of the same pages are then alike
 */
export function pagesPdf(
  pages: readonly PaperPage[],
  { paper, large }: Printing,
  made: Date,
): TDocumentDefinitions {
  const size = large ? LARGE_POINTS : POINTS;
  const [first] = pages;
  const content = pages.flatMap(({ page, sums }, at): Content[] => [
    heading(page.title, size * 1.7, 0, at > 0),
    ...whoOf(page.who),
    ...bodyOf(page.lines, size),
    ...(sums ? sumsOf(sums, size) : []),
  ]);
  return {
    pageSize: paper === 'a4' ? 'A4' : 'LETTER',
    pageMargins: [54, 50, 54, 54],
    info: { title: first?.page.title ?? '', creationDate: made },
    language: first?.language === 'es' ? 'es-US' : 'en-US',
    displayTitle: true,
    defaultStyle: { font: PDF_FONT, fontSize: size, lineHeight: 1.1 },
    content,
    footer: (now, count) => ({
      text: `${now} / ${count}`,
      alignment: 'right',
      fontSize: 8,
      color: INK_2,
      margin: [0, 16, 54, 0],
    }),
    // A heading is never the last line of a sheet.
    pageBreakBefore: (node, query) =>
      node.headlineLevel === 1 && query.getFollowingNodesOnPage().length === 0,
  };
}

import type { CaseFile } from '../../core/casefile/casefile';
import type { WrittenLine } from '../../core/casefile/parts/issued';
import type { Office } from '../../core/casefile/office';
import type { Msg } from '../../core/kernel/messages/msg';
import type { Plan } from '../../core/plan/types';
import { reminderLetter } from '../../core/tell/letter';
import type { SlipBlock } from '../../core/tell/slip/document';
import { isUnnamed } from '../../core/tell/slip/unnamed';
import type { Voice } from '../../words/voice';

/** A client's page in its words: what every renderer draws, and what is kept of a page that was given out. */
export interface WrittenPage {
  /** The name of the case; on a page without names, or where it has none, what the page is. */
  readonly title: string;
  /** Name and place of the client; '' on a page without names. */
  readonly who: string;
  readonly lines: readonly WrittenLine[];
}

/** Parts the cells of a row. */
export const CELL = '\t';

/** Who signs the page, if anybody, and how to reach them. */
export type Signed = Pick<Office, 'signature' | 'contact'>;

const isFilled = (part: string): boolean => part.trim() !== '';

/** Cautions that can hurt a body stand apart from those about water and the law. */
function cautionKind(block: Extract<SlipBlock, { kind: 'caution' }>): WrittenLine['kind'] {
  return block.caution === 'lead' || block.caution === 'salts' ? 'hazard' : 'caution';
}

function linesOf(block: SlipBlock, write: (message: Msg) => string): WrittenLine[] {
  switch (block.kind) {
    case 'table': {
      const row = (cells: readonly Msg[]): string => cells.map(write).join(CELL);
      return [
        { kind: 'table', text: row(block.head) },
        ...block.rows.map((cells): WrittenLine => ({ kind: 'row', text: row(cells) })),
      ];
    }
    case 'caution':
      return [{ kind: cautionKind(block), text: `${write(block.title)} ${write(block.text)}` }];
    default:
      return [{ kind: block.kind, text: write(block.text) }];
  }
}

/** Whom to ask: the office's own lines under a heading. */
function signedLines({ signature, contact }: Signed, voice: Voice): WrittenLine[] {
  const lines = [signature, contact].filter(isFilled);
  if (lines.length === 0) return [];
  return [
    { kind: 'section', text: voice.text('slip.section.ask') },
    ...lines.map((text): WrittenLine => ({ kind: 'sign', text: text.trim() })),
  ];
}

/** What stands over a client's page: the case and whose it is, unless nobody is named. */
function headOf(file: CaseFile, voice: Voice): Pick<WrittenPage, 'title' | 'who'> {
  const unnamed = isUnnamed(file);
  return {
    title: (unnamed ? '' : file.title.trim()) || voice.text('slip.unnamedTitle'),
    who: unnamed ? '' : [file.client.name, file.client.place].filter(isFilled).join(', '),
  };
}

/**
 * Writes the letter that reminds a client of the next test, with its labels.
 * @returns nothing where no ground has a test to come
 */
export function writtenLetter(
  file: CaseFile,
  { areas, workings }: Plan,
  voice: Voice,
  signed: Signed,
): WrittenPage | undefined {
  const write = (message: Msg): string => voice.message(message, { workings, plain: true });
  const blocks = reminderLetter(file, areas);
  if (blocks.length === 0) return undefined;
  const lines = blocks.flatMap((block) => linesOf(block, write));
  return { ...headOf(file, voice), lines: [...lines, ...signedLines(signed, voice)] };
}

/**
 * Writes the page of a plan in a language: the same lines in the same order for screen, paper and post.
 * @param voice a voice that has the words of pages
 */
export function writtenPage(
  file: CaseFile,
  { slip, workings }: Plan,
  voice: Voice,
  signed: Signed = { signature: '', contact: '' },
): WrittenPage {
  const write = (message: Msg): string => voice.message(message, { workings, plain: true });
  let section: string | undefined;
  const written = slip.blocks.flatMap((block) => {
    if (block.kind === 'section') section = block.text.id;
    const lines = linesOf(block, write);
    const isDated = block.kind === 'sentence' && section === 'slip.section.calendar';
    return isDated ? lines.map((line): WrittenLine => ({ ...line, kind: 'dated' })) : lines;
  });
  return {
    ...headOf(file, voice),
    lines: [
      ...written,
      ...signedLines(signed, voice),
      { kind: 'footer', text: voice.text('slip.footer') },
    ],
  };
}

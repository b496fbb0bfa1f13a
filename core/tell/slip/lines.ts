import type { LineEdit } from '../../casefile/parts/line';
import type { Msg, MsgParam } from '../../kernel/messages/msg';
import { msg } from '../../kernel/messages/msg';
import { fingerprint } from '../../kernel/typed/fingerprint';
import { own } from '../../kernel/typed/own';
import type { Workings } from '../../kernel/working/workings';
import type { PageLine, PageLines, SlipBlock } from './document';

/** Nobody sees more digits of a figure on a page: what changes behind them is no change. */
const SEEN_DIGITS = 5;

type Edits = Readonly<Record<string, LineEdit>>;

/** Finds the value of a figure of the page. */
type Values = Pick<Workings, 'get'>;

/** A message with its figures in place of what points at them. */
export function resolved({ id, params = {} }: Msg, values: Values): unknown {
  const value = (param: MsgParam): unknown => {
    if (typeof param !== 'object') return param;
    if ('id' in param) return resolved(param, values);
    if (!('working' in param)) return param;
    const working = values.get(param.working);
    if (!working || 'absent' in working) return null;
    const { value, unit } = working.value;
    return [Number(value.toPrecision(SEEN_DIGITS)), unit];
  };
  return [id, ...Object.entries(params).map(([name, param]) => [name, value(param)])];
}

/** The sentence itself, without the name of its area. */
function inner(text: Msg): Msg {
  const what = text.id === 'slip.inArea' ? text.params?.['what'] : undefined;
  return typeof what === 'object' && 'id' in what ? what : text;
}

type Changeable = Extract<SlipBlock, { readonly kind: 'sentence' | 'lead' }>;

/** What an advisor may change: sentences of the program's. What can hurt, and what was typed elsewhere, stays. */
function isChangeable(block: SlipBlock): block is Changeable {
  const isSaid = block.kind === 'sentence' || block.kind === 'lead';
  return isSaid && block.text.id !== 'slip.paragraph';
}

function added(key: string, { text }: LineEdit, areaId: string | undefined): PageLine {
  const block: SlipBlock = {
    kind: 'sentence',
    text: msg('slip.paragraph', { words: text }),
    ...(areaId === undefined ? {} : { areaId }),
  };
  return { key, block, what: 'added', standsFor: '', isStale: false };
}

/** One line with what the advisor did to it. */
function edited(
  key: string,
  block: Changeable,
  standsFor: string,
  edit: LineEdit | undefined,
): PageLine {
  const plain: PageLine = { key, block, what: undefined, standsFor, isStale: false };
  if (!edit || edit.what === 'added') return plain;
  const isStale = edit.restsOn !== standsFor;
  if (edit.what === 'struck') return { ...plain, what: edit.what, isStale };
  const words = msg('slip.paragraph', { words: edit.text });
  return { ...plain, block: { ...block, text: words }, what: edit.what, isStale };
}

/**
 * The lines of the page in their order, struck ones too, each with the advisor's change; what was added stands under its
 * line, at the end where that line is no more. Keys are the area, the sentence, and its number among its like:
 * `lawn:slip.limeAgain:1`.
 * @param values the figures of the plan
 */
export function pageLines(blocks: readonly SlipBlock[], edits: Edits, values: Values): PageLines {
  const counted = new Map<string, number>();
  const found = new Set<string>();
  const under = (anchor: string, areaId?: string): PageLine[] =>
    Object.entries(edits)
      .filter(([, { what, after }]) => what === 'added' && after === anchor)
      .sort(([, a], [, b]) => (a.at < b.at ? -1 : 1))
      .map(([key, edit]) => {
        found.add(key);
        return added(key, edit, areaId);
      });
  const lines = blocks.flatMap((block): PageLine[] => {
    if (!isChangeable(block)) {
      return [{ key: undefined, block, what: undefined, standsFor: '', isStale: false }];
    }
    const like = `${block.areaId ?? 'all'}:${inner(block.text).id}`;
    const count = (counted.get(like) ?? 0) + 1;
    counted.set(like, count);
    const key = `${like}:${count}`;
    found.add(key);
    const standsFor = fingerprint(JSON.stringify(resolved(block.text, values)));
    return [edited(key, block, standsFor, own(edits, key)), ...under(key, block.areaId)];
  });
  const homeless = Object.entries(edits)
    .filter(([key, { what }]) => what === 'added' && !found.has(key))
    .map(([key, edit]) => added(key, edit, undefined));
  const lost = Object.entries(edits)
    .filter(([key, { what }]) => what === 'words' && !found.has(key))
    .map(([key, { text }]) => ({ key, words: text }));
  // The cautions close every page.
  const end = lines.findLastIndex(({ block }) => block.kind !== 'caution') + 1;
  return { lines: [...lines.slice(0, end), ...homeless, ...lines.slice(end)], lost };
}

/** What is printed: no struck line, and no heading over nothing. */
export function printed(lines: readonly PageLine[]): SlipBlock[] {
  const left = lines.filter(({ what }) => what !== 'struck').map(({ block }) => block);
  return left.filter(
    ({ kind }, at) =>
      kind !== 'section' || !['section', 'caution', undefined].includes(left[at + 1]?.kind),
  );
}

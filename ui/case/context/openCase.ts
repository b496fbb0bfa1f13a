import { isCase } from '../../../core/casefile/isCase';
import type { ValidatedCase } from '../../../files/schemas/caseFile';
import { readCase } from '../../../store/cases';
import { claimPage, livingPages } from '../../../store/mirror';
import { forgetLeftovers, replayPending } from '../../../store/replay';
import { CaseSession } from '../../../store/session';
import { messageText } from '../../format/message';

export type OpenedCase =
  | { readonly kind: 'open'; readonly session: CaseSession }
  | { readonly kind: 'missing' }
  | { readonly kind: 'refused'; readonly words: string; readonly document: unknown };

/** What a document is: the validator, which is large, is fetched where there is something for it to say. */
async function checkedCase(raw: unknown): Promise<ValidatedCase> {
  if (isCase(raw)) return { kind: 'valid', file: raw };
  const { validateCaseFile } = await import('../../../files/schemas/caseFile');
  return validateCaseFile(raw);
}

/**
 * Opens a case: stores what a dead page had typed, reads and checks the document, and holds what
 * met another value for the advisor to choose.
 */
export async function openCase(id: string): Promise<OpenedCase> {
  const page = claimPage();
  const living = await livingPages();
  const left = await replayPending(living, Date.now());
  const read = await readCase(id, Date.now());
  if (read.kind === 'missing') return read;
  if (read.kind === 'refused') {
    return { kind: 'refused', words: messageText(read.reason), document: read.raw };
  }
  const checked = await checkedCase(read.raw);
  if (checked.kind === 'invalid') {
    return { kind: 'refused', words: messageText(checked.reason), document: read.raw };
  }
  const session = new CaseSession({ ...read.row, doc: checked.file }, { page });
  const held = left.get(id);
  if (held) {
    session.hold(held);
    forgetLeftovers(id, new Set([...living, page]));
  }
  return { kind: 'open', session };
}

import { readCase } from '../../../store/cases';
import { claimPage, livingPages } from '../../../store/mirror';
import { forgetLeftovers, replayPending } from '../../../store/replay';
import { CaseSession } from '../../../store/session';
import { messageText } from '../../format/message';

export type OpenedCase =
  | { readonly kind: 'open'; readonly session: CaseSession }
  | { readonly kind: 'missing' }
  | { readonly kind: 'refused'; readonly words: string; readonly document: unknown };

/**
 * Opens a case: stores what a dead page had typed, reads and checks the document, and holds what
 * met another value for the advisor to choose.
 */
export async function openCase(id: string): Promise<OpenedCase> {
  // The check of documents is fetched while the case is still being read.
  const checker = import('../../../files/schemas/caseFile');
  const page = claimPage();
  const living = await livingPages();
  const left = await replayPending(living, Date.now());
  const read = await readCase(id, Date.now());
  if (read.kind === 'missing') return read;
  if (read.kind === 'refused') {
    return { kind: 'refused', words: messageText(read.reason), document: read.raw };
  }
  const { validateCaseFile } = await checker;
  const checked = validateCaseFile(read.raw);
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

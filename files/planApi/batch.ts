import { MOST_BYTES, type Line } from './body';
import { refusal, type PlanAnswer } from './answer';

/** So many lines of a batch are at work at once: enough to keep the threads busy, and others are served between them. */
const AT_ONCE = 4;

function written(line: number, { status, body }: PlanAnswer): string {
  return `{"line":${line},"status":${status},"answer":${body}}\n`;
}

/**
 * The answers to lines, in their order, a line each, as soon as they are ready. A line that is at fault says so and keeps
 * no other from being answered; no line is asked for before there is room for its answer.
 * @param answer works out the bytes of one case
 */
export async function* answersTo(
  lines: AsyncGenerator<Line>,
  answer: (bytes: Uint8Array) => Promise<PlanAnswer>,
): AsyncGenerator<string> {
  const one = async ({ line, bytes }: Line): Promise<string> => {
    if (bytes === 'tooLarge') return written(line, refusal(413, `more than ${MOST_BYTES} bytes`));
    if (bytes === 'tooSlow')
      return written(line, refusal(408, 'the next line did not come in time'));
    return written(line, await answer(bytes));
  };
  const atWork: Promise<string>[] = [];
  let coming: Promise<IteratorResult<Line, void>> | undefined;
  let ended = false;
  try {
    while (!ended || atWork.length > 0) {
      if (!ended && atWork.length < AT_ONCE) coming ??= lines.next();
      const [first] = atWork;
      // Whatever is there first: another line, or an answer for the one who waits.
      const got = await Promise.race([...(first ? [first] : []), ...(coming ? [coming] : [])]);
      if (typeof got === 'string') {
        atWork.shift();
        yield got;
        continue;
      }
      coming = undefined;
      if (got.done) ended = true;
      else atWork.push(one(got.value));
    }
  } finally {
    await lines.return(undefined);
  }
}

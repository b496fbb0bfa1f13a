/** What holds for whatever is sent or opened: an answer in words, and no exception. */
import { readCases } from '../files/caseJson';
import { readGeoJson } from '../files/geojson';
import { readPack } from '../files/packJson';
import { ReportTable } from '../files/reportTable/reportTable';
import { POST } from '../app/api/plan/route';
import { brokenFile, hostileText } from './hostile';

const ANSWERS = [200, 400, 413];

/** What is wrong with the answer to a body; nothing where it is sound. */
async function wrongAnswer(body: string): Promise<string | undefined> {
  const headers = { 'content-type': 'application/json' };
  const request = new Request('http://localhost/api/plan', { method: 'POST', headers, body });
  const answer = await POST(request);
  const text = await answer.text();
  if (!ANSWERS.includes(answer.status)) return `status ${answer.status}`;
  const value: unknown = JSON.parse(text);
  if (answer.status === 400)
    return Array.isArray(value) && value.length > 0 ? undefined : 'no fault';
  return typeof value === 'object' && value !== null ? undefined : 'no object';
}

/** Reads a file by all readers; each has to say what it is or why it is refused. */
function wrongReading(text: string): string | undefined {
  const cases = readCases(text);
  if (cases.kind === 'refused' && cases.faults.length === 0) return 'a case is refused for nothing';
  const pack = readPack(text);
  if (pack.kind !== 'pack' && pack.faults.length === 0) return 'a pack is refused for nothing';
  readGeoJson(text);
  const table = new ReportTable(text, []);
  return table.page(0, 10, false).rows.length <= 10 ? undefined : 'more rows than asked for';
}

type Broken = Record<number, string>;

/** Seeds of bodies whose answer is wrong, or that threw. */
export async function wrongBodies(from: number, to: number): Promise<Broken> {
  const broken: Broken = {};
  for (let seed = from; seed < to; seed += 1) {
    const wrong = await wrongAnswer(hostileText(seed)).catch((error: unknown) => String(error));
    if (wrong !== undefined) broken[seed] = wrong;
  }
  return broken;
}

/** Seeds of files whose reading is wrong, or that threw. */
export function wrongFiles(from: number, to: number): Broken {
  const broken: Broken = {};
  for (let seed = from; seed < to; seed += 1) {
    try {
      const wrong = wrongReading(brokenFile(seed));
      if (wrong !== undefined) broken[seed] = wrong;
    } catch (error) {
      broken[seed] = String(error);
    }
  }
  return broken;
}

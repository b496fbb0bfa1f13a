/** What holds for whatever is sent or opened: an answer in words, and no exception. */
import { isDeepStrictEqual } from 'node:util';
import { readCases, type ReadCases } from '../files/caseJson';
import { parseJson } from '../files/located';
import { openCases, RefusedFile } from '../files/openCases';
import { textOf } from '../files/parts';
import { readGeoJson } from '../files/geojson';
import { readPack } from '../files/packJson';
import { ReportTable } from '../files/reportTable/reportTable';
import { POST } from '../app/api/plan/route';
import { brokenBackup, brokenFile, hostileText } from './hostile';

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

/** A file as it is read case by case. */
async function readByCase(text: string): Promise<ReadCases> {
  try {
    const { cases, ...beside } = await openCases(textOf(new Blob([text])));
    const all = [];
    for await (const each of cases) all.push(each);
    return { kind: 'cases', cases: all, ...beside };
  } catch (error) {
    if (error instanceof RefusedFile) return { kind: 'refused', faults: error.faults };
    throw error;
  }
}

/** Seeds of broken backups of which reading case by case says something else than reading the whole. */
export async function wrongBackups(from: number, to: number): Promise<Broken> {
  const broken: Broken = {};
  for (let seed = from; seed < to; seed += 1) {
    // Half a sign cannot be in a file.
    const text = await new Blob([brokenBackup(seed)]).text();
    const [whole, byCase] = [readCases(text), await readByCase(text)];
    // Read whole, what is no JSON is known before anything else; and a cut or an odd sign may be found at another place.
    const isJson = parseJson(text).kind === 'value';
    const alike = isJson ? isDeepStrictEqual(whole, byCase) : whole.kind === byCase.kind;
    if (!alike) broken[seed] = `${whole.kind}, by case ${byCase.kind}`;
  }
  return broken;
}

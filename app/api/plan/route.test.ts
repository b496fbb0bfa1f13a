import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { lawnCase, ORACLE } from '../../../test/cases';
import * as route from './route';

/** What these tests read of an answer. */
interface Answered {
  readonly areas: readonly { lime: { limeProductLb: number | null }; text: { ph: string } }[];
  readonly slipText: string;
  readonly workings: Readonly<Record<string, { unit?: string }>>;
}

const DOCUMENT = readFileSync('docs/formats/plan-api.md', 'utf8');
const frozen = (name: string): Record<string, unknown> =>
  JSON.parse(readFileSync(`files/planApi/fixtures/${name}-v1.json`, 'utf8')) as Record<
    string,
    unknown
  >;

const good = JSON.stringify(frozen('request'));

const JSON_TYPE = { 'content-type': 'application/json' };

function ask(
  body: BodyInit,
  headers: Record<string, string> = JSON_TYPE,
  query = '',
): Promise<Response> {
  const init = { method: 'POST', headers, body, duplex: 'half' };
  return route.POST(new Request(`http://localhost/api/plan${query}`, init as RequestInit));
}

/**
 * What a reader may rely on: the fields and what kind of value each holds. Advice gets better, so that numbers, days and
 * words change; of a list every entry is of one kind, and figures come and go with the advice.
 */
function shapeOf(value: unknown): unknown {
  if (Array.isArray(value)) return value.slice(0, 1).map(shapeOf);
  if (value === null) return null;
  if (typeof value !== 'object') return typeof value;
  const { workings, ...fields } = value as Record<string, unknown>;
  const some = workings ? { workings: 'figures by their ids' } : {};
  return {
    ...Object.fromEntries(Object.entries(fields).map(([key, each]) => [key, shapeOf(each)])),
    ...some,
  };
}

/** Fields of the first that the second lacks, or in which it holds another kind of value. */
function lost(before: unknown, now: unknown, at = ''): string[] {
  if (before === null || now === null) return [];
  if (typeof before !== 'object') return before === now ? [] : [at];
  if ([before, now].some((each) => Array.isArray(each) && each.length === 0)) return [];
  if (typeof now !== 'object') return [at];
  return Object.entries(before).flatMap(([key, each]) =>
    key in now
      ? lost(each, (now as Record<string, unknown>)[key], `${at}/${key}`)
      : [`${at}/${key}`],
  );
}

test('the frozen request gets the frozen response, to which fields may only be added', async () => {
  const answer = await ask(JSON.stringify(frozen('request')));
  expect(answer.status).toBe(200);
  expect(lost(shapeOf(frozen('response')), shapeOf(await answer.json()))).toEqual([]);
});

/** The JSON blocks of the document, in their order: requests and responses by turns. */
const blocks = [...DOCUMENT.matchAll(/```json\n([\s\S]*?)```/g)].map(
  ([, text = '']) => JSON.parse(text) as object,
);

test.each([
  ['the complete example', 0],
  ['the smallest example', 2],
])('the document does what it says: %s', async (_name, at) => {
  const answer = await ask(JSON.stringify(blocks[at]));
  expect(answer.status).toBe(200);
  expect(await answer.json()).toMatchObject(blocks[at + 1] ?? {});
});

test('the document’s faults are what the route answers', async () => {
  const small = { ...blocks[2], planFrom: 20271004, areas: { lawn: 'grass' } };
  const answer = await ask(JSON.stringify(small));
  expect([answer.status, await answer.json()]).toEqual([400, blocks[4]]);
});

test('the document names every field of the response', async () => {
  const response: unknown = await (await ask(JSON.stringify(frozen('request')))).json();
  const names = new Set<string>();
  const collect = (value: unknown, inside: string): void => {
    if (typeof value !== 'object' || value === null) return;
    for (const [key, each] of Object.entries(value)) {
      if (!Array.isArray(value) && inside !== 'workings') names.add(key);
      collect(each, key);
    }
  };
  collect(response, '');
  expect([...names].filter((name) => !DOCUMENT.includes(name))).toEqual([]);
});

test('metric units in sentences, page and workings; what names its unit keeps it', async () => {
  const both = await Promise.all([ask(good), ask(good, undefined, '?units=metric')]);
  const [us, metric] = (await Promise.all(both.map((each) => each.json()))) as [Answered, Answered];
  expect(metric.areas[0]?.lime.limeProductLb).toBe(us.areas[0]?.lime.limeProductLb);
  expect(us.slipText).toMatch(/\d lb of/);
  expect(metric.slipText).toMatch(/\d kg of/);
  expect(metric.slipText).not.toMatch(/\d lb|square feet/);
  const units = Object.values(metric.workings).map(({ unit }) => unit);
  expect(units).toContain('kg');
  expect(units).not.toContain('lb');
  expect((await ask(good, undefined, '?units=stones')).status).toBe(400);
});

test('the page is in the language of the client, the rest in English', async () => {
  const file = lawnCase(ORACLE);
  const spanish = { ...file, client: { ...file.client, language: 'es' } };
  const answer = await ask(JSON.stringify(spanish));
  const plan = (await answer.json()) as Answered;
  expect([answer.status, plan]).toEqual([200, expect.anything()]);
  expect(plan.slipText).toContain('QUÉ COMPRAR');
  expect(plan.areas[0]?.text.ph).toMatch(/^Lime /);
});

function chunked(text: string, size: number): ReadableStream<Uint8Array> {
  const bytes = new TextEncoder().encode(text);
  let at = 0;
  return new ReadableStream({
    pull(controller) {
      if (at >= bytes.length) return controller.close();
      controller.enqueue(bytes.slice(at, at + size));
      at += size;
    },
  });
}

test.each<[string, () => Promise<Response>, number]>([
  ['a case in chunks without a length', () => ask(chunked(good, 7)), 200],
  [
    'a case with its charset',
    () => ask(good, { 'content-type': 'Application/JSON; charset=utf-8' }),
    200,
  ],
  ['no type', () => ask(chunked(good, 999), {}), 415],
  ['plain text', () => ask(good, { 'content-type': 'text/plain' }), 415],
  ['a form', () => ask('a=b', { 'content-type': 'application/x-www-form-urlencoded' }), 415],
  ['something like JSON', () => ask(good, { 'content-type': 'application/jsonx' }), 415],
  ['too much', () => ask(' '.repeat(1_000_001)), 413],
  ['too much, in chunks', () => ask(chunked(' '.repeat(1_100_000), 65_536)), 413],
  ['nothing', () => ask(''), 400],
  ['half a case', () => ask(good.slice(0, 500)), 400],
  ['NaN', () => ask(good.replace('"2027-10-04"', 'NaN')), 400],
  ['no UTF-8', () => ask(new Uint8Array([0x22, 0xff, 0xfe, 0x22])), 400],
  ['a deep list', () => ask('['.repeat(9000) + ']'.repeat(9000)), 400],
  [
    'a deep list in a case',
    () => ask(good.replace('"4"', `${'['.repeat(50)}${']'.repeat(50)}`)),
    400,
  ],
  ['a long list', () => ask(`[${'0,'.repeat(6000)}0]`), 400],
  ['__proto__', () => ask(good.replace('"labels"', '"__proto__": {"a": 1}, "labels"')), 400],
  [
    'a newer case',
    () => ask(good.replace('"schema": 2', '"schema": 9').replace('"schema":2', '"schema":9')),
    400,
  ],
])('%s', async (_name, request, status) => {
  const answer = await request();
  expect(answer.status).toBe(status);
  if (status === 400) {
    const faults = (await answer.json()) as Record<string, unknown>[];
    expect(faults.length).toBeGreaterThan(0);
    for (const fault of faults) expect(Object.keys(fault)).toEqual(['path', 'got', 'expected']);
  }
});

test.each(['GET', 'HEAD', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'] as const)('%s is 405', (method) => {
  const answer = route[method]();
  expect([answer.status, answer.headers.get('allow')]).toEqual([405, 'POST']);
});

type Node = Record<string, unknown>;

function places(node: unknown, at: readonly string[] = []): (readonly string[])[] {
  if (typeof node !== 'object' || node === null) return [at];
  const inside = Object.entries(node).flatMap(([key, value]) => places(value, [...at, key]));
  return at.length > 0 ? [at, ...inside] : inside;
}

const PLACES = places(frozen('request'));

/** The document with one place changed, by way of its own copy. */
function changed(document: Node, place: readonly string[], value: unknown): Node {
  const copy = structuredClone(document);
  let node: Node = copy;
  for (const key of place.slice(0, -1)) {
    const inside = node[key];
    // A change before may have taken this place away.
    if (typeof inside !== 'object' || inside === null) return copy;
    node = inside as Node;
  }
  const last = place.at(-1) ?? '';
  if (value === undefined) delete node[last];
  else node[last] = value;
  return copy;
}

const typedJunk = fc.constantFrom(
  ...['', ' ', '0', '-1', '1e9', '9'.repeat(400), '1/0', 'NaN', 'Infinity', '<', '<5', '6,1', '∞'],
  ...[`12' 6"`, '3.8 m', '0 ft', '10-10-10', '0-0-0', '2027-02-30', '0001-01-01', '2199-12-31'],
  ...['rows', 'plants', 'raised-beds', 'unknown', 'one-trip', 'laboratory', 'mixed-vegetables'],
  ...['lb/acre', 'oz/100ft2', 'P', 'K', 'mehlich-3', 'weed-and-feed-28-0-3', '../../etc', '\u0000'],
);
const junk = fc.oneof(
  { weight: 4, arbitrary: typedJunk as fc.Arbitrary<unknown> },
  fc.constantFrom<unknown>(undefined, null, true, 0, -1, 1e308, [], {}, ['lawn', 'lawn'], [[]]),
  fc.jsonValue({ maxDepth: 4 }),
  fc.array(fc.constant('x'), { minLength: 201, maxLength: 220 }),
);

test('3,000 mutations of a case: never anything but an answer of the documented kinds', async () => {
  const counts = new Map<number, number>();
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.constantFrom(...PLACES), junk), { minLength: 1, maxLength: 4 }),
      fc.boolean(),
      async (changes, inChunks) => {
        const document = changes.reduce(
          (now, [place, value]) => changed(now, place, value),
          frozen('request'),
        );
        const text = JSON.stringify(document);
        const answer = await ask(inChunks ? chunked(text, 1000) : text);
        counts.set(answer.status, (counts.get(answer.status) ?? 0) + 1);
        expect([200, 400, 413]).toContain(answer.status);
        const body = (await answer.json()) as { workings?: Record<string, Node> };
        const odd = Object.values(body.workings ?? {}).filter(
          (working) => !('absent' in working) && typeof working['value'] !== 'number',
        );
        expect(odd).toEqual([]);
      },
    ),
    { seed: 20271004, numRuns: 3000 },
  );
  expect(counts.get(200)).toBeGreaterThan(300);
  expect(counts.get(400)).toBeGreaterThan(300);
});

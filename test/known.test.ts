/** What once ended a page or a server, each as a test of its own. */
import type { Area } from '../core/casefile/parts/area';
import { EMPTY_SHAPE } from '../core/casefile/parts/shape';
import { POST } from '../app/api/plan/route';
import type { CaseFile } from '../core/casefile/casefile';
import { SHIPPED_MATERIALS } from '../core/catalog/materials/materials';
import { planCase, turnsOn } from '../core/plan/plan';
import { houseCopy, withValue } from '../core/catalog/packs/house';
import { readCases } from '../files/caseJson';
import { readPack, writePack } from '../files/packJson';
import { messageText } from '../ui/format/message';
import { anyCase } from './anyCase';
import { withStrips } from './backups';
import { brokenLaws } from './caseLaws';
import { fieldReport, lawnCase, ORACLE } from './cases';
import { SHIPPED_PACKS } from '../core/catalog/packs/shipped';
import { KNOWN_CASES } from './knownCases';

test.each(KNOWN_CASES)('%s keeps the laws', (_name, input) => {
  expect(brokenLaws(lawnCase(input))).toEqual([]);
});

test.each([84, 1503, 1533, 1628, 3380])(
  'the seed %s, which once broke a law, keeps them',
  (seed) => {
    expect(brokenLaws(anyCase(seed))).toEqual([]);
  },
);

test('a kit’s reading that is called like an analyte keeps the laws', () => {
  const kit = fieldReport('kit', ['5.0']);
  const [reading] = Object.values(kit.readings);
  if (!reading) throw new Error('no reading');
  const named = { ...kit, readings: { ph: { ...reading, id: 'ph' } } };
  expect(brokenLaws(lawnCase({ reports: [named] }))).toEqual([]);
});

function withParts(file: CaseFile, more: readonly Partial<Area['parts'][string]>[]): CaseFile {
  const [lawn] = Object.values(file.areas);
  if (!lawn) throw new Error('no lawn');
  const parts = Object.fromEntries(
    more.map((part, at) => [
      `p${at}`,
      { id: `p${at}`, order: at, sign: 'add', name: '', areaId: '', shape: EMPTY_SHAPE, ...part },
    ]),
  ) as Area['parts'];
  return { ...file, areas: { ...file.areas, [lawn.id]: { ...lawn, parts } } };
}

const square = (squareFeet: string): Area['shape'] => ({
  ...EMPTY_SHAPE,
  kind: 'square-feet',
  squareFeet,
});

test('a hole larger than its ground is a problem, and no negative area', () => {
  const file = withParts(lawnCase(ORACLE), [{ sign: 'less', shape: square('9000') }]);
  const plan = planCase(file);
  const [area] = plan.areas;
  expect(area && 'absent' in area.ground.area).toBe(true);
  expect(brokenLaws(file)).toEqual([]);
});

test('ground that is surely no larger counts with its smaller end', () => {
  const [sure, guessed] = [undefined, 'guess' as const].map(
    (measuredBy) =>
      planCase(lawnCase({ ...ORACLE, ...(measuredBy ? { measuredBy } : {}) })).areas[0]?.ground
        .counted,
  );
  if (!sure || !guessed || 'absent' in sure || 'absent' in guessed) throw new Error('no ground');
  expect(guessed.value.value).toBeLessThan(sure.value.value);
});

/** Nine lawns, each less a bed that was guessed at, one cut out of the next: 2⁹ corners once ended the server. */
test('many unsure parts are worked out in the same breath', () => {
  const parts = Array.from({ length: 20 }, () => ({
    sign: 'less' as const,
    shape: { ...EMPTY_SHAPE, kind: 'rectangle' as const, length: '4 paces', width: '3 paces' },
  }));
  const file = withParts(lawnCase({ ...ORACLE, squareFeet: '60000', measuredBy: 'guess' }), parts);
  expect(brokenLaws(file)).toEqual([]);
});

test('more than is worked out is refused by the route with its reason, and planned as far as it goes here', async () => {
  const file = withStrips(lawnCase(ORACLE), 100);
  const headers = { 'content-type': 'application/json' };
  const body = JSON.stringify(file);
  const answer = await POST(new Request('http://x/api/plan', { method: 'POST', headers, body }));
  expect([answer.status, await answer.json()]).toMatchObject([
    413,
    { error: 'too much to work out' },
  ]);
  const plan = planCase(file);
  expect(plan.areas.length).toBeGreaterThan(20);
  expect(plan.broken.length).toBe(101 - plan.areas.length);
  expect(new Set(plan.broken.map(({ why }) => why))).toEqual(new Set(['areaTooMuch']));
  expect(messageText(turnsOn(plan))).not.toBe('');
});

test('an area whose plan throws says so, and the others go on', () => {
  const file = withStrips(lawnCase(ORACLE), 1);
  // Materials without a lime are a fault of the program that every area meets, and none takes the case down.
  const plan = planCase(file, { materials: { ...SHIPPED_MATERIALS, lime: [] } });
  expect([plan.areas.length, plan.broken.length]).toEqual([0, 2]);
  expect(plan.broken.map(({ why, fault }) => [why, fault !== undefined])).toEqual([
    ['areaBroken', true],
    ['areaBroken', true],
  ]);
  expect(plan.findings.map(({ name }) => name)).toEqual([
    'areaBroken',
    'areaBroken',
    'climateOfRegion',
  ]);
  expect(plan.slip.blocks).toEqual([]);
});

test('nesting beyond measure is said of a case and of a pack, and not worked through', () => {
  const deep = '['.repeat(20_000) + ']'.repeat(20_000);
  for (const read of [readCases(deep), readPack(deep)]) {
    if (read.kind !== 'refused') throw new Error('taken');
    expect(read.faults.map(({ reason }) => reason.id)).toEqual(['file.tooDeep']);
  }
});

test('the file of a pack without a pack says so', () => {
  const read = readPack('{"format":"agrologos-pack","schema":1}');
  expect(read.kind === 'refused' && read.faults.length > 0).toBe(true);
});

test.each(['lime/bySituation/established/cap/value', 'dressing/lawn/intervalDays/value'])(
  'a house pack with nothing at %s is refused',
  (path) => {
    const [shipped] = SHIPPED_PACKS.slice(-1);
    if (!shipped) throw new Error('no pack');
    const copy = houseCopy(shipped, 'house-1', 'Ours');
    expect(readPack(writePack(withValue(copy, path, 0))).kind).toBe('refused');
    expect(readPack(writePack(copy)).kind).toBe('pack');
  },
);

test('validation of a body full of faults ends with words, not with the stack', async () => {
  const areas = Object.fromEntries(
    Array.from({ length: 4900 }, (_none, at) => [`a${at}`, { x: 1, y: 2, z: 3 }]),
  );
  const body = JSON.stringify({ ...lawnCase(ORACLE), areas });
  const headers = { 'content-type': 'application/json' };
  const answer = await POST(new Request('http://x/api/plan', { method: 'POST', headers, body }));
  expect(answer.status).toBe(400);
});

test('an outline of ten thousand corners is no more than can be worked out', () => {
  const ring = Array.from({ length: 10_001 }, (_none, at) => {
    const angle = (2 * Math.PI * (at % 10_000)) / 10_000;
    return [-83 + 0.001 * Math.cos(angle), 40 + 0.001 * Math.sin(angle)];
  });
  const outline = JSON.stringify([[ring]]);
  const plan = planCase(lawnCase({ ...ORACLE, shape: { kind: 'outline' }, outline }));
  expect([plan.areas.length, plan.broken.length]).toEqual([1, 0]);
});

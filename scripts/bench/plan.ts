/**
 * Planning, bundled and run as the pages run it: from scratch, and again after a key, against parsing and validating the
 * same document. Everything that is compared is run by turns.
 */
import type { Area } from '../../core/casefile/parts/area';
import type { CaseFile } from '../../core/casefile/casefile';
import { newPastEntry, type PastEntry } from '../../core/casefile/parts/past';
import { planCase } from '../../core/plan/plan';
import { replan } from '../../core/plan/replan';
import { validateCaseFile } from '../../files/schemas/caseFile';
import { anyCase } from '../../test/anyCase';
import { lawns } from './lawns';
import { byTurns, median, tell, timed } from './timing';

/** The case after a key in the size of its last area, as the session hands it on: everything else the very same. */
function afterKey(file: CaseFile, key: number): CaseFile {
  const [id, area] = Object.entries(file.areas).at(-1) as [string, Area];
  const shape = { ...area.shape, length: String(100 + key) };
  return { ...file, areas: { ...file.areas, [id]: { ...area, shape } } };
}

const RUNS = 600;

function benchPlanning(): void {
  const text = JSON.stringify(lawns(1));
  const one = JSON.parse(text) as CaseFile;
  const twelve = lawns(12);
  let run = replan(twelve);
  let key = 0;
  const onKey = (): void => {
    run = replan(afterKey(twelve, (key += 1)), run);
  };
  const onTitle = (): void => {
    run = replan({ ...twelve, title: `Bench ${(key += 1)}` }, run);
  };
  replan(twelve, run);
  const [parsing = NaN, planning = NaN, keyed = NaN] = byTurns(RUNS, [
    () => void validateCaseFile(JSON.parse(text)),
    () => void planCase(one),
    onKey,
  ]);
  run = replan(twelve, run);
  const [again = NaN, idle = NaN] = byTurns(RUNS, [() => void planCase(one), onTitle]);
  console.log(
    `parse and validate one lawn ${parsing.toFixed(3)} ms, plan it ${planning.toFixed(3)} ms`,
  );
  tell('plan of one lawn ÷ parse and validate', planning / parsing, 4);
  tell('a key in one of twelve areas ÷ plan of one', keyed / planning, 3);
  tell('a key that no plan rests on, of twelve areas ÷ plan of one', idle / again, 0.2);
  const sizes = [6, 12, 24].map((count) => lawns(count));
  const [six = NaN, dozen = NaN, two = NaN] = byTurns(
    RUNS / 10,
    sizes.map((file) => () => void planCase(file)),
  );
  tell('plan of twelve areas ÷ six', dozen / six);
  tell('plan of twenty-four areas ÷ twelve', two / dozen);
  // Without a climate nothing goes by programme and stage, and all else is worked out.
  const undated = { ...twelve, climate: { ...twelve.climate, card: '' } };
  const [dated = NaN, without = NaN] = byTurns(RUNS / 10, [
    () => void planCase(twelve),
    () => void planCase(undated),
  ]);
  tell('the year of twelve areas by climate ÷ their plan without', dated / without - 1, 0.5);
}

const YEARS = 10;

/** Ten years in the diary of every piece of ground: three of nitrogen a year, and lime in every third. */
function withDiary(file: CaseFile): CaseFile {
  const first = Number(file.planFrom.slice(0, 4)) - YEARS;
  const past = Object.keys(file.areas).flatMap((areaId) =>
    Array.from({ length: YEARS }, (_none, at) => first + at).flatMap((year, at) => {
      const told = (kind: PastEntry['kind'], month: string, pounds: string): PastEntry =>
        newPastEntry({
          id: `${areaId}-${year}-${month}`,
          areaId,
          kind,
          on: `${year}-${month}-10`,
          amount: { text: pounds, unit: 'lb/1000ft2', method: '' },
          percent: kind === 'lime' ? '90' : '46-0-0',
          outcome: 'done',
        });
      const fed = ['04', '06', '09'].map((month) => told('fertilizer', month, '2'));
      return at % 3 === 0 ? [...fed, told('lime', '10', '40')] : fed;
    }),
  );
  return { ...file, past: Object.fromEntries(past.map((entry) => [entry.id, entry])) };
}

function benchDiary(): void {
  const twelve = lawns(12);
  const kept = withDiary(twelve);
  const [plain = NaN, diary = NaN] = byTurns(RUNS / 10, [
    () => void planCase(twelve),
    () => void planCase(kept),
  ]);
  tell(`ten years of diary over twelve areas ÷ without`, diary / plain, 2);
}

const CASES = 10_000;

/** Cases in a row, each forgotten after it was planned. */
function benchMany(): void {
  const thousands: number[] = [];
  const held: number[] = [];
  for (let from = 0; from < CASES; from += 1000) {
    const files = Array.from({ length: 1000 }, (_none, at) => anyCase(from + at));
    thousands.push(timed(() => files.forEach((file) => void planCase(file))));
    (globalThis as { gc?: () => void }).gc?.();
    held.push(process.memoryUsage().heapUsed / 1e6);
  }
  const first = median(thousands.slice(0, 5));
  const last = median(thousands.slice(5));
  tell(`${CASES} cases in a row: the later half ÷ the earlier`, last / first);
  console.log(`memory held after each thousand, MB: ${held.map((mb) => mb.toFixed(0)).join(' ')}`);
}

benchPlanning();
benchDiary();
benchMany();

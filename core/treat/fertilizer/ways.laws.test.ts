import { demoCounty } from '../../../demo/county';
import { lawnCase } from '../../../test/cases';
import type { CaseFile } from '../../casefile/casefile';
import { decisionKey } from '../../casefile/decisions';
import { NO_STOCK } from '../../casefile/parts/stock';
import { SHIPPED_MATERIALS } from '../../catalog/materials/materials';
import { PLANTS } from '../../catalog/plants/plants';
import { parseDate, type IsoDate } from '../../kernel/typed/date';
import { planCase } from '../../plan/plan';
import { areasOf } from '../../casefile/casefile';
import type { AreaPlan } from '../../area/areaPlan';
import { FERTILIZER_WAYS, type FertilizerWayId } from './types';

/** Some of it is refused by any plant that may refuse anything. */
const OFFERED = [
  'weed-and-feed-28-0-3',
  'muriate-of-potash-0-0-60',
  'calcium-nitrate-15.5-0-0',
  'ammonium-sulfate-21-0-0',
  'fertilizer-10-10-10',
  'sulfate-of-potash-0-0-50',
  'feather-meal-12-0-0',
];

/** A case in which every area goes one way, with much on hand and much that was chosen before. */
function goingOneWay(file: CaseFile, way: FertilizerWayId): CaseFile {
  const areas = areasOf(file);
  const decisions = areas.map(({ id }) => [
    decisionKey(id, 'feed-way'),
    { what: 'feed-way', value: way, reason: '', at: '2027-01-01T00:00:00Z' } as const,
  ]);
  const amounts = areas.flatMap(({ id }) =>
    OFFERED.map((materialId) => [`${id}:${materialId}`, { areaId: id, materialId, pounds: 2 }]),
  );
  return {
    ...file,
    decisions: { ...file.decisions, ...(Object.fromEntries(decisions) as CaseFile['decisions']) },
    stock: Object.fromEntries(OFFERED.map((id) => [id, { ...NO_STOCK, onHand: '3' }])),
    bought: {
      kind: 'cheapest',
      madeFrom: '',
      amounts: Object.fromEntries(amounts) as CaseFile['bought']['amounts'],
    },
  };
}

const need = (plan: AreaPlan, nutrient: 'N' | 'P2O5' | 'K2O'): number => {
  const figure = plan.treatments.fertilizer.needs.need[nutrient];
  return 'absent' in figure ? 0 : figure.value.value;
};

/** What is wrong with the products of a plan, told from the catalogue alone. */
function refusedIn(plan: AreaPlan): string[] {
  const { options } = plan.treatments.fertilizer;
  const { chloride, rules } = plan.plant;
  return options.flatMap(({ way, parts }) =>
    parts.flatMap(({ material: { id } }) => {
      const shipped = SHIPPED_MATERIALS.fertilizers.find((each) => each.id === id);
      if (!shipped) return [`${way}: ${id} is unknown`];
      const { also, nitrate, pesticide, grade, organic, mined } = shipped;
      const wrong = [
        pesticide && 'pesticide',
        chloride === 'sensitive' && (also.Cl ?? 0) > 0 && 'chloride',
        rules.includes('no-nitrate') && nitrate && 'nitrate',
        grade.P2O5 > 0 && need(plan, 'P2O5') < 0.01 && 'phosphate',
        way === 'organic' && !organic && !mined && 'not organic',
      ].filter((each) => each !== false);
      return wrong.map((why) => `${plan.plant.id} ${way}: ${id} (${String(why)})`);
    }),
  );
}

test('every way of choosing × every plant: what the plant does not bear is never in it', () => {
  const seen = new Set<string>();
  for (const plant of Object.keys(PLANTS)) {
    for (const p of ['4', '200']) {
      const input = { plant, ph: '6.2', p: { text: p }, k: { text: '40' }, planFrom: '2027-03-01' };
      for (const way of FERTILIZER_WAYS) {
        if (way === 'by-need' || (p === '200' && way === 'organic')) continue;
        const { areas, broken } = planCase(goingOneWay(lawnCase(input), way));
        expect([plant, way, broken.map(({ fault }) => fault)]).toEqual([plant, way, []]);
        const [plan] = areas;
        if (!plan) throw new Error(plant);
        seen.add(plan.treatments.fertilizer.chosen.way);
        expect(refusedIn(plan)).toEqual([]);
      }
    }
  }
  expect([...seen].sort()).toEqual([...FERTILIZER_WAYS].sort());
}, 240_000);

/** What is needed of each area bought as two sources of nitrogen and one of potash, each half of a half and so on. */
function bought(file: CaseFile): CaseFile {
  const amounts = planCase(file).areas.flatMap((plan) => {
    const { extent } = plan.ground;
    const thousands = 'absent' in extent ? 0 : extent.value.value;
    const of = (materialId: string, pounds: number) => [
      `${plan.area.id}:${materialId}`,
      { areaId: plan.area.id, materialId, pounds: Math.max(pounds, 1e-3) },
    ];
    return [
      of('urea-46-0-0', (need(plan, 'N') * thousands * 0.5) / 0.46),
      of('ammonium-sulfate-21-0-0', (need(plan, 'N') * thousands * 0.5) / 0.21),
      of('sulfate-of-potash-0-0-50', (need(plan, 'K2O') * thousands) / 0.5),
    ];
  });
  const chosen = goingOneWay(file, 'best-buy');
  return {
    ...chosen,
    bought: {
      ...chosen.bought,
      amounts: Object.fromEntries(amounts) as CaseFile['bought']['amounts'],
    },
  };
}

const today = ((): IsoDate => {
  const parsed = parseDate('2027-03-01');
  if (parsed.kind !== 'value') throw new Error('no day');
  return parsed.value;
})();

test.each(['organic', 'on-hand', 'best-buy'] as const)(
  'the demo county by %s: products that go together are within the caps of one date, and each has its days',
  (way) => {
    let dated = 0;
    for (const file of demoCounty(today)) {
      for (const plan of planCase(way === 'best-buy' ? bought(file) : goingOneWay(file, way))
        .areas) {
        const { chosen, limits } = plan.treatments.fertilizer;
        if (chosen.way !== way) continue;
        const onDay = new Map<string, number>();
        for (const { material, applications, set, together } of chosen.parts) {
          expect([plan.area.id, material.id, applications.length]).toEqual([
            plan.area.id,
            material.id,
            set.doses.length,
          ]);
          dated += applications.length;
          const thousands = 'absent' in plan.ground.extent ? 1 : plan.ground.extent.value.value;
          for (const { date, amount } of applications) {
            if (material.release !== 'quick' || !together?.N || 'absent' in amount.printed)
              continue;
            const n = (amount.printed.value.value * material.grade.N) / 100 / thousands;
            onDay.set(date, (onDay.get(date) ?? 0) + n);
          }
        }
        const most = Math.max(limits.quickN.value, 2);
        for (const n of onDay.values()) {
          // Each is rounded to what hands can measure.
          expect(n).toBeLessThanOrEqual(most * 1.05);
        }
      }
    }
    expect(dated).toBeGreaterThan(3);
  },
);

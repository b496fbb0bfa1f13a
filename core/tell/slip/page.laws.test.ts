/** What holds of every page, whatever is typed: over seeded cases. */
import { anyCase } from '../../../test/anyCase';
import type { Msg } from '../../kernel/messages/msg';
import { planCase } from '../../plan/plan';
import type { Plan } from '../../plan/types';
import { calendarOf } from '../calendar';
import type { SlipBlock } from './document';

const SEEDS = Array.from({ length: 160 }, (_none, at) => at * 7 + 3);

/** Every figure that a message names, in what stands within it too. */
function figuresIn({ params = {} }: Msg): string[] {
  return Object.values(params).flatMap((param) => {
    if (typeof param !== 'object') return [];
    if ('working' in param) return [param.working];
    return 'id' in param ? figuresIn(param) : [];
  });
}

const messagesOf = (block: SlipBlock): readonly Msg[] =>
  block.kind === 'table' ? [...block.head, ...block.rows.flat()] : [block.text];

const each = (holds: (plan: Plan, seed: number) => void): void => {
  for (const seed of SEEDS) holds(planCase(anyCase(seed)), seed);
};

test('every figure on the page is a figure of the plan', () => {
  each(({ slip, workings }, seed) => {
    const ids = slip.blocks.flatMap(messagesOf).flatMap(figuresIn);
    const missing = ids.filter((id) => {
      const working = workings.get(id);
      return !working || 'absent' in working;
    });
    expect([seed, missing]).toEqual([seed, []]);
  });
});

test('hazards of the soil stand above all else', () => {
  each(({ slip }, seed) => {
    const kinds = slip.blocks.map(
      (block) =>
        block.kind === 'caution' && (block.caution === 'lead' || block.caution === 'salts'),
    );
    const last = kinds.lastIndexOf(true);
    expect([seed, kinds.slice(0, last + 1).every(Boolean)]).toEqual([seed, true]);
  });
});

test('where fertilizer has days the page never says that none is needed', () => {
  const NONE = ['slip.noFeed', 'slip.noFeedKnown', 'slip.feedLater'];
  each(({ slip, areas }, seed) => {
    for (const plan of areas) {
      const fed = calendarOf(plan).some(({ kind }) => /nitrogen|phosphate|potash/.test(kind));
      const said = slip.blocks.filter(
        (block) =>
          block.areaId === plan.area.id && block.kind !== 'table' && NONE.includes(block.text.id),
      );
      if (fed && plan.plant.group !== 'mixes')
        expect([seed, plan.area.id, said]).toEqual([seed, plan.area.id, []]);
    }
  });
});

test('of phosphorus and potassium that were measured the page has a word, or an amount', () => {
  const WORDS = {
    p: ['slip.found.p', 'judged.phosphorusStop', 'slip.brayOnLimy', 'slip.unrated'],
    k: ['slip.found.k', 'judged.potassiumStop', 'slip.unrated'],
  };
  let measured = 0;
  each(({ slip, areas }, seed) => {
    for (const { area, plant, readings, treatments } of areas) {
      const said = slip.blocks.flatMap((block) =>
        block.areaId === area.id && block.kind === 'sentence' ? [block.text.id] : [],
      );
      for (const analyte of ['p', 'k'] as const) {
        const { need } = treatments.fertilizer.needs.rows[analyte === 'p' ? 'P2O5' : 'K2O'];
        const isFed = !('absent' in need) && need.value.value > 0;
        if (!readings[analyte].typed || plant.group === 'mixes' || isFed) continue;
        measured += 1;
        const told = said.some((id) => WORDS[analyte].includes(id));
        expect([seed, area.id, analyte, told]).toEqual([seed, area.id, analyte, true]);
      }
    }
  });
  expect(measured).toBeGreaterThan(50);
});

test('the days of the page are in order', () => {
  each(({ slip }, seed) => {
    const days = slip.blocks.flatMap((block) => {
      const text = block.kind === 'sentence' ? block.text : undefined;
      const what = text?.id === 'slip.inArea' ? text.params?.['what'] : text;
      const date =
        typeof what === 'object' && 'id' in what && what.id !== 'slip.retest'
          ? what.params?.['date']
          : undefined;
      return typeof date === 'object' && 'date' in date ? [date.date] : [];
    });
    expect([seed, days]).toEqual([seed, [...days].sort()]);
  });
});

test('nobody is told not to do what the page dates', () => {
  each(({ slip, areas }, seed) => {
    const doNots = slip.blocks.flatMap((block) =>
      block.kind === 'sentence' && block.text.id.startsWith('doNot.') ? [block.text.id] : [],
    );
    const kinds = new Set(areas.flatMap(calendarOf).map(({ kind }) => kind));
    const limed = kinds.has('lime');
    if (areas.length === 1 && limed) {
      expect([seed, doNots]).not.toEqual([seed, expect.arrayContaining(['doNot.noAsh'])]);
      expect([seed, doNots]).not.toEqual([
        seed,
        expect.arrayContaining(['doNot.noLimeForNothing']),
      ]);
    }
    if (areas.length === 1 && kinds.has('nitrogen')) {
      expect([seed, doNots]).not.toEqual([
        seed,
        expect.arrayContaining(['doNot.noLegumeNitrogen']),
      ]);
    }
  });
});

/** What the reading has to say of an analyte where the page says this of it. */
const READ_AS: Readonly<Record<string, readonly [analyte: string, then: RegExp]>> = {
  boron: ['b', /^reading\.then\.b\.(excess|high)$/],
  boronShort: ['b', /^reading\.then\.b$/],
  zincShort: ['zn', /^reading\.then\.zn$/],
  manganeseShort: ['mn', /^reading\.then\.mn$/],
  copperShort: ['cu', /^reading\.then\.cu$/],
  sulfurShort: ['s', /^reading\.then\.s$/],
  magnesium: ['mg', /^reading\.then\.mg$/],
  calcium: ['ca', /^reading\.then\.ca$/],
};

test('the page and the reading say the same of every nutrient', () => {
  let compared = 0;
  each(({ areas }, seed) => {
    for (const { judgements, reading, soilTest } of areas) {
      for (const { says } of judgements) {
        const name = says.id.slice('judged.'.length);
        const [analyte, then] = READ_AS[name] ?? [];
        if (name === 'phosphorusStop')
          expect([seed, soilTest.p.rating]).toEqual([seed, 'very-high']);
        if (name === 'potassiumStop')
          expect([seed, soilTest.k.rating]).toEqual([seed, 'very-high']);
        if (!analyte || !then) continue;
        compared += 1;
        const line = reading.lines.find((each) => each.analyte === analyte);
        expect([seed, name, line?.then?.id]).toEqual([seed, name, expect.stringMatching(then)]);
      }
    }
  });
  expect(compared).toBeGreaterThan(10);
});

import { ANALYTE_FACTS } from '../analytes';
import { SITUATIONS } from '../situations';
import { NEED_CLASSES, type PlantForm } from '../plants/plants';
import { msg, type Into, type Msg, type MsgId, type MsgParam } from '../../kernel/messages/msg';
import { NUTRIENTS } from '../nutrients';
import { RATINGS, type NitrogenRates, type NutrientBands, type Pack } from './pack';

/** What is wrong with a pack at one place. */
export interface PackFault {
  /** Keys with slashes. */
  readonly path: string;
  readonly got: string;
  readonly expected: Msg;
}

function fault<Id extends MsgId>(
  path: string,
  got: unknown,
  id: Id,
  ...into: Into<Id, MsgParam>
): PackFault {
  return { path, got: JSON.stringify(got), expected: msg(id, ...into) };
}

/** Ends have to rise, one for each class but the last: else two classes overlap, or one has no value. */
function endsFaults(path: string, ends: readonly number[]): PackFault[] {
  const most = RATINGS.length - 1;
  if (ends.length !== most) return [fault(path, ends, 'expected.ends', { count: most })];
  return ends.flatMap((end, index) => {
    const before = ends[index - 1];
    return before !== undefined && end <= before
      ? [fault(`${path}/${index}`, end, 'expected.above', { before })]
      : [];
  });
}

function bandsFaults(
  path: string,
  bands: NutrientBands | null,
  known: readonly string[],
): PackFault[] {
  if (!bands) return [];
  const { method } = bands;
  const unknown =
    method === '' || method === 'other' || !known.includes(method)
      ? [fault(`${path}/method`, method, 'expected.extractant')]
      : [];
  if ('upTo' in bands) return [...unknown, ...endsFaults(`${path}/upTo`, bands.upTo)];
  if (!('byGroup' in bands)) return unknown;
  const groups = Object.entries(bands.byGroup);
  const none = groups.length === 0 ? [fault(`${path}/byGroup`, {}, 'expected.groups')] : [];
  return [
    ...unknown,
    ...none,
    ...groups.flatMap(([group, ends]) => endsFaults(`${path}/byGroup/${group}`, ends)),
  ];
}

/** Rates of the ratings from low to very high: a richer soil never gets more. */
function ratesFaults(path: string, rates: readonly number[] | null | undefined): PackFault[] {
  if (!rates) return [];
  return rates.flatMap((rate, index) => {
    const before = rates[index - 1];
    return before !== undefined && rate > before
      ? [fault(`${path}/${index}`, rate, 'expected.atMost', { before })]
      : [];
  });
}

function nitrogenFaults(path: string, rates: NitrogenRates): PackFault[] {
  if (rates.by === 'organic-matter') return ratesFaults(`${path}/rates`, rates.rates);
  if (rates.by !== 'clippings') return [];
  const { returned, removed } = rates;
  return returned.value > removed.value
    ? [
        fault(`${path}/returned/value`, returned.value, 'expected.atMost', {
          before: removed.value,
        }),
      ]
    : [];
}

function fertilizerFaults({ feeding, classes }: Pack): PackFault[] {
  const byPlant = Object.entries(feeding).flatMap(([plant, { N, P2O5, K2O }]) => [
    ...nitrogenFaults(`feeding/${plant}/N`, N),
    ...ratesFaults(`feeding/${plant}/P2O5`, P2O5),
    ...ratesFaults(`feeding/${plant}/K2O`, K2O),
  ]);
  const forms = Object.keys(classes ?? {}) as PlantForm[];
  const byClass = forms.flatMap((form) =>
    NEED_CLASSES.flatMap((name) =>
      NUTRIENTS.flatMap((nutrient) => {
        const path = `classes/${form}/${nutrient}/${name}`;
        const of = classes?.[form];
        if (!of) return [];
        if (nutrient !== 'N') return ratesFaults(path, of[nutrient][name]);
        const rates = of.N[name];
        return rates ? nitrogenFaults(path, rates) : [];
      }),
    ),
  );
  return [...byPlant, ...byClass];
}

function seasonFaults({ lime, dressing }: Pack): PackFault[] {
  const all = {
    'lime/seasons': lime.seasons,
    'dressing/lawn/seasons': dressing.lawn.seasons,
    'dressing/bed/seasons': dressing.bed.seasons,
  };
  return Object.entries(all).flatMap(([path, seasons]) =>
    seasons.flatMap(({ from, to }, index) =>
      from < to ? [] : [fault(`${path}/${index}/to`, to, 'expected.dayAfter', { from })],
    ),
  );
}

/** Caps, intervals and years of nothing would leave no amount, or no end of dates. */
function nothingFaults({ lime, dressing, retestYears, rowSideDressN }: Pack): PackFault[] {
  const { lawn, bed } = dressing;
  const caps = SITUATIONS.flatMap((situation) => {
    const { cap, depth } = lime.bySituation[situation];
    const path = `lime/bySituation/${situation}`;
    return [
      { path: `${path}/cap`, value: cap },
      { path: `${path}/depth`, value: depth },
    ];
  });
  const rules = [['lawn', lawn] as const, ['bed', bed] as const].flatMap(
    ([name, { quickN, slowN, quickK2O, intervalDays }]) => [
      { path: `dressing/${name}/quickN`, value: quickN },
      { path: `dressing/${name}/slowN`, value: slowN },
      { path: `dressing/${name}/quickK2O`, value: quickK2O },
      { path: `dressing/${name}/intervalDays`, value: intervalDays },
    ],
  );
  const others = [
    { path: 'lime/intervalMonths', value: lime.intervalMonths },
    { path: 'retestYears', value: retestYears },
    { path: 'rowSideDressN', value: rowSideDressN },
  ];
  return [...caps, ...rules, ...others].flatMap(({ path, value }) =>
    value && value.value <= 0 ? [fault(`${path}/value`, value.value, 'expected.moreThanZero')] : [],
  );
}

/**
 * What a pack of the right shape says against itself: classes that overlap or that no value falls into, an
 * extractant that nobody knows, a richer soil that is given more, a season that ends before it begins, a cap or an
 * interval of nothing.
 */
export function faultsOfPack(pack: Pack): readonly PackFault[] {
  const { p, k } = pack.soilTest;
  return [
    ...bandsFaults('soilTest/p', p, ANALYTE_FACTS.p.methods),
    ...bandsFaults('soilTest/k', k, ANALYTE_FACTS.k.methods),
    ...fertilizerFaults(pack),
    ...seasonFaults(pack),
    ...nothingFaults(pack),
  ];
}

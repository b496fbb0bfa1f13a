import { NUTRIENTS, type Nutrient } from '../nutrients';
import { SITUATIONS } from '../situations';
import { NEED_CLASSES, type Plant, type PlantForm } from '../plants/plants';
import type { SourceId, Standing } from '../../kernel/sources';
import { own } from '../../kernel/typed/own';
import { quantity, type Quantity, type Substance, type Unit } from '../../kernel/units/quantity';
import { msg, type Msg, type NamesIn } from '../../kernel/messages/msg';
import {
  RATINGS,
  type Cited,
  type ApplicationLimits,
  type NitrogenRates,
  type NutrientBands,
  type Pack,
  type SeasonWindow,
} from './pack';

/** The parts of a pack, in the order in which it is read. */
export const PACK_PARTS = [
  'soilTest',
  'organicMatter',
  'plants',
  'lawn',
  'bed',
  'woody',
  'plot',
  'lime',
  'lawnDates',
  'bedDates',
] as const;
type PackPart = (typeof PACK_PARTS)[number];

/** One value of a pack: a number in its unit, or a day of the year as `MM-DD`. */
export interface PackCell {
  /** Where it stands in the pack: keys with slashes. */
  readonly path: string;
  readonly label: Msg;
  readonly value: Quantity | string;
}

/** Values that are printed together, and where. */
export interface PackRow {
  /** The same of rows that say the same thing in different packs. */
  readonly key: string;
  readonly part: PackPart;
  readonly what: Msg;
  /** For what it holds in this pack: an extractant, a group of soils, a class of plants. */
  readonly by: Msg | undefined;
  readonly cells: readonly PackCell[];
  readonly source: SourceId;
  readonly locator: string | undefined;
  readonly year: number | undefined;
  readonly standing: Standing;
}

type Printed = Pick<PackRow, 'source' | 'locator' | 'year' | 'standing'>;

/** Ratings that have an upper end. */
const ENDED = RATINGS.slice(0, -1);

function cell(path: string, label: Msg, value: number, unit: Unit, of: Substance): PackCell {
  return { path, label, value: quantity(value, unit, of) };
}

function printedIn(
  { source: packSource }: Pack,
  { source, locator, year, standing }: Cited & { readonly standing: Standing },
): Printed {
  const own = standing === 'practice' || standing === 'house' ? standing : packSource;
  return { source: source ?? own, locator, year, standing };
}

function endCells(path: string, ends: readonly number[], unit: Unit, of: Substance): PackCell[] {
  return ends.map((end, index) => {
    const rating = msg(`rating.${ENDED[index] ?? 'high'}`);
    return cell(`${path}/${index}`, msg('packCell.upTo', { rating }), end, unit, of);
  });
}

function bandRows(pack: Pack, name: 'p' | 'k', bands: NutrientBands | null): PackRow[] {
  if (!bands) return [];
  const path = `soilTest/${name}`;
  const unit = bands.unit === 'mg/L' ? 'mg/L' : 'ppm';
  const of = name === 'p' ? 'P' : 'K';
  const method = { family: 'extractant', name: bands.method } as const;
  const inPounds = bands.unit === 'lb/acre' ? 'yes' : 'no';
  const by = msg('packRow.method', { method, inPounds });
  const what = msg(`read.${name}`);
  const row = { key: name, part: 'soilTest', what, by, ...printedIn(pack, bands) } as const;
  if ('upTo' in bands) {
    return [{ ...row, cells: endCells(`${path}/upTo`, bands.upTo, unit, of) }];
  }
  if ('byGroup' in bands) {
    const cells = Object.entries(bands.byGroup).flatMap(([group, ends]) =>
      endCells(`${path}/byGroup/${group}`, ends, unit, of).map((each) => ({
        ...each,
        label: msg('packCell.ofGroup', {
          group: { family: 'soilGroup', name: group },
          end: each.label,
        }),
      })),
    );
    return [{ ...row, cells }];
  }
  const { base, perCec, cecUnknown } = bands.critical;
  const cells = [
    cell(`${path}/critical/base`, msg('packCell.base'), base, unit, of),
    cell(`${path}/critical/perCec`, msg('packCell.perCec'), perCec, 'ratio', 'CEC'),
    cell(`${path}/critical/cecUnknown`, msg('packCell.cecUnknown'), cecUnknown, unit, of),
    cell(`${path}/lowBelowShare`, msg('packCell.lowBelow'), bands.lowBelowShare, 'ratio', 'share'),
    cell(`${path}/highUpToAbove`, msg('packCell.highAbove'), bands.highUpToAbove, unit, of),
  ];
  return [{ ...row, cells }];
}

function organicRows(pack: Pack): PackRow[] {
  const { organicMatter, organicAbove } = pack;
  const printed = printedIn(pack, { standing: 'recalled' });
  const row = { part: 'organicMatter', by: undefined, ...printed } as const;
  const classes = organicMatter && {
    ...row,
    key: 'om',
    what: msg('read.om'),
    cells: endCells('organicMatter/upTo', organicMatter.upTo, '%', 'OM'),
  };
  const above = cell('organicAbove', msg('packCell.above'), organicAbove, '%', 'OM');
  return [
    ...(classes ? [classes] : []),
    { ...row, key: 'organic', what: msg('packRow.organicSoil'), cells: [above] },
  ];
}

type RateUnit = 'lb/1000ft2' | 'lb/acre';

function ratedCells(
  path: string,
  rates: readonly number[],
  unit: RateUnit,
  of: Nutrient,
): PackCell[] {
  return rates.map((rate, index) =>
    cell(`${path}/${index}`, msg(`rating.${RATINGS[index] ?? 'low'}`), rate, unit, of),
  );
}

/** Classes of organic matter that nitrogen goes by, from the lowest. */
const ORGANIC = ['low', 'medium', 'high', 'organic'] as const;

function nitrogenCells(path: string, rates: NitrogenRates, unit: RateUnit): PackCell[] {
  if (rates.by === 'plant') {
    return [cell(`${path}/rate`, msg('packCell.aYear'), rates.rate, unit, 'N')];
  }
  if (rates.by === 'organic-matter') {
    return rates.rates.map((rate, index) => {
      const label = msg(`packCell.om.${ORGANIC[index] ?? 'low'}`);
      return cell(`${path}/rates/${index}`, label, rate, unit, 'N');
    });
  }
  return (['returned', 'removed'] as const).map((name) =>
    cell(`${path}/${name}/value`, msg(`packCell.${name}`), rates[name].value, unit, 'N'),
  );
}

/** A row for each nutrient that has a rate. */
function rateRows(
  row: Omit<PackRow, 'key' | 'what' | 'cells'>,
  plant: Plant | undefined,
  path: (nutrient: Nutrient) => string,
  rates: {
    readonly N: NitrogenRates | undefined;
    readonly P2O5: readonly number[] | null | undefined;
    readonly K2O: readonly number[] | null | undefined;
  },
  unit: RateUnit,
): PackRow[] {
  return NUTRIENTS.flatMap((nutrient): PackRow[] => {
    // One plant's rates stand beside one another, whether a pack has them by plant or by class.
    const key = plant ? `rate/${nutrient}` : path(nutrient);
    const part = plant ? 'plants' : row.part;
    const named = { ...row, key, part, what: msg(`nutrient.${nutrient}`) } as const;
    if (nutrient === 'N') {
      const { N } = rates;
      return N ? [{ ...named, cells: nitrogenCells(path('N'), N, unit) }] : [];
    }
    const list = rates[nutrient];
    return list ? [{ ...named, cells: ratedCells(path(nutrient), list, unit, nutrient) }] : [];
  });
}

function plantRows(pack: Pack, id: string, plant: Plant | undefined): PackRow[] {
  const rates = own(pack.feeding, id);
  if (!rates) return [];
  return rateRows(
    {
      part: 'plants',
      by: msg('name.own', { name: { family: 'plant', name: id } }),
      ...printedIn(pack, rates),
    },
    plant,
    (nutrient) => `feeding/${id}/${nutrient}`,
    rates,
    rates.unit ?? 'lb/1000ft2',
  );
}

function classRows(pack: Pack, form: PlantForm, plant: Plant | undefined): PackRow[] {
  const rates = pack.classes?.[form];
  if (!rates) return [];
  return NEED_CLASSES.flatMap((need) => {
    const of = <T>(nutrient: Nutrient, value: T): T | undefined =>
      plant && plant.needs[nutrient] !== need ? undefined : value;
    return rateRows(
      { part: form, by: msg(`needClass.${need}`), ...printedIn(pack, rates) },
      plant,
      (nutrient) => `classes/${form}/${nutrient}/${need}`,
      {
        N: of('N', rates.N[need]),
        P2O5: of('P2O5', rates.P2O5[need]),
        K2O: of('K2O', rates.K2O[need]),
      },
      'lb/1000ft2',
    );
  });
}

type OwnName = Exclude<NamesIn<'packRow'>, 'method'>;
/** Where a value with a standing of its own stands; its last key has words. */
type OwnPath = OwnName | `lime/${OwnName}` | `dressing/${'lawn' | 'bed'}/${OwnName}`;

/** The values of a pack that have a standing of their own, as rows of one cell. */
function ownRow(
  pack: Pack,
  part: PackPart,
  path: OwnPath,
  { value, standing }: { readonly value: number; readonly standing: Standing },
  unit: Unit,
  of: Substance,
): PackRow {
  const name = (path.split('/').at(-1) ?? path) as OwnName;
  return {
    key: path,
    part,
    what: msg(`packRow.${name}`),
    by: undefined,
    ...printedIn(pack, { standing }),
    cells: [cell(`${path}/value`, msg('packCell.value'), value, unit, of)],
  };
}

function seasonRow(
  pack: Pack,
  part: PackPart,
  path: string,
  seasons: readonly SeasonWindow[],
): PackRow {
  const cells = seasons.flatMap(({ from, to }, index) => [
    { path: `${path}/${index}/from`, label: msg('packCell.from'), value: from },
    { path: `${path}/${index}/to`, label: msg('packCell.to'), value: to },
  ]);
  const printed = printedIn(pack, { standing: 'practice' });
  return { key: path, part, what: msg('packRow.seasons'), by: undefined, ...printed, cells };
}

function limeRows(pack: Pack): PackRow[] {
  const { lime, phUncertainty, retestYears } = pack;
  const situations = SITUATIONS.map((situation): PackRow => {
    const { cap, depth } = lime.bySituation[situation];
    const path = `lime/bySituation/${situation}`;
    return {
      key: path,
      part: 'lime',
      what: msg(`packRow.${situation}`),
      by: undefined,
      ...printedIn(pack, { standing: cap.standing }),
      cells: [
        cell(`${path}/cap/value`, msg('packCell.cap'), cap.value, 'lb/1000ft2', 'product'),
        cell(`${path}/depth/value`, msg('packCell.depth'), depth.value, 'in', 'depth'),
      ],
    };
  });
  const sandy: PackRow = {
    key: 'sandy',
    part: 'lime',
    what: msg('packRow.sandy'),
    by: undefined,
    ...printedIn(pack, { standing: 'practice' }),
    cells: [
      cell('lime/sandy/cec', msg('packCell.belowCec'), lime.sandy.cec, 'meq/100g', 'CEC'),
      cell('lime/sandy/target', msg('packCell.target'), lime.sandy.target, 'pH', 'water'),
    ],
  };
  return [
    ...situations,
    ownRow(pack, 'lime', 'lime/least', lime.least, 'lb/1000ft2', 'product'),
    ownRow(pack, 'lime', 'lime/confirmAbove', lime.confirmAbove, 'lb/1000ft2', 'product'),
    ownRow(pack, 'lime', 'lime/firmDoses', lime.firmDoses, 'doses', 'count'),
    ownRow(pack, 'lime', 'lime/intervalMonths', lime.intervalMonths, 'months', 'time'),
    ownRow(pack, 'lime', 'lime/testMonthsBefore', lime.testMonthsBefore, 'months', 'time'),
    seasonRow(pack, 'lime', 'lime/seasons', lime.seasons),
    sandy,
    ownRow(pack, 'lime', 'phUncertainty', phUncertainty, 'pH', 'water'),
    ownRow(pack, 'lime', 'retestYears', retestYears, 'years', 'time'),
  ];
}

function applicationRows(pack: Pack, name: 'lawn' | 'bed'): PackRow[] {
  const rules: ApplicationLimits = pack.dressing[name];
  const part = `${name}Dates` as const;
  const path = `dressing/${name}` as const;
  const { quickN, slowN, quickK2O, intervalDays, apartFromLimeDays } = rules;
  const rate = 'lb/1000ft2';
  const row = pack.rowSideDressN;
  return [
    ownRow(pack, part, `${path}/quickN`, quickN, rate, 'N'),
    ownRow(pack, part, `${path}/slowN`, slowN, rate, 'N'),
    ...(quickK2O ? [ownRow(pack, part, `${path}/quickK2O`, quickK2O, rate, 'K2O')] : []),
    ownRow(pack, part, `${path}/intervalDays`, intervalDays, 'days', 'time'),
    ownRow(pack, part, `${path}/apartFromLimeDays`, apartFromLimeDays, 'days', 'time'),
    seasonRow(pack, part, `${path}/seasons`, rules.seasons),
    ...(name === 'bed' && row ? [ownRow(pack, part, 'rowSideDressN', row, 'lb/100ft', 'N')] : []),
  ];
}

/**
 * Every value of a pack with its unit and with where it is printed, in the order in which a pack is read.
 * @param plant of the rates only those that this plant is fed by, its own before its class's
 */
export function valuesOf(pack: Pack, plant?: Plant): readonly PackRow[] {
  const { p, k } = pack.soilTest;
  const forms: readonly PlantForm[] = plant ? [plant.form] : ['lawn', 'bed', 'woody', 'plot'];
  const plants = plant ? [plant.id] : Object.keys(pack.feeding);
  const own = plants.flatMap((id) => plantRows(pack, id, plant));
  const byClass = forms.flatMap((form) => classRows(pack, form, plant));
  const dates = (['lawn', 'bed'] as const).filter(
    (name) => !plant || (plant.form === 'lawn') === (name === 'lawn'),
  );
  const changed = new Set(pack.changed ?? []);
  const rows = [
    ...bandRows(pack, 'p', p),
    ...bandRows(pack, 'k', k),
    ...organicRows(pack),
    ...own,
    ...(plant && own.length > 0 ? [] : byClass),
    ...limeRows(pack),
    ...dates.flatMap((name) => applicationRows(pack, name)),
  ];
  return rows.map((row) =>
    row.cells.some(({ path }) => changed.has(path))
      ? { ...row, source: 'house', standing: 'house' }
      : row,
  );
}

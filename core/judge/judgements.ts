import type { Analyte } from '../catalog/analytes';
import { materialName } from '../catalog/materials/named';
import type { MsgParam, Msg, NamesIn } from '../kernel/messages/msg';
import { msg } from '../kernel/messages/msg';
import type { SourceId } from '../kernel/sources';
import type { PlanContext } from '../kernel/working/context';
import { valueOf } from '../kernel/working/working';
import { quantity } from '../kernel/units/quantity';
import { SODIUM_IN_WATER_PPM, LIMY_WATER_PPM } from '../tables/soil/water';
import { carrier, isShort, spooned } from './carriers';
import { gypsum } from './gypsum';
import type { JudgedArea } from './input';
import { leachingWater } from './leaching';
import { limeOfWater } from './waterLime';

/** What a client has to be told of a piece of ground besides amounts and days. */
export type JudgementId = NamesIn<'judged'>;

/** How grave it is: it can hurt plants, soil or somebody; it stands in the way; it is a hint. */
type Weight = 'harm' | 'limits' | 'hint';

/** Something that was found, how grave it is, by what rule, and what follows from it in the client's words. */
export interface Judgement {
  readonly id: JudgementId;
  readonly weight: Weight;
  readonly source: SourceId;
  readonly says: Msg;
}

type Judge = (area: JudgedArea, ctx: PlanContext) => Msg | undefined;

const sees = ({ area }: JudgedArea, clue: string): boolean =>
  area.site.clues.split(' ').includes(clue);
const isGrass = ({ plant }: JudgedArea): boolean => plant.form === 'lawn';
const isMix = ({ plant }: JudgedArea): boolean => plant.group === 'mixes';
/** How much a line of the reading stands in the way; 0 where it was not measured. */
const limits = ({ reading }: JudgedArea, analyte: string): number =>
  reading.lines.find((line) => line.analyte === analyte)?.limits ?? 0;
/** Whether an amount is for the whole of it, or for 1000 ft² where nobody knows its size. */
const knownOf = ({ ground }: JudgedArea): 'yes' | 'no' => (ground.known ? 'yes' : 'no');
const said = (when: boolean, text: Msg): Msg | undefined => (when ? text : undefined);

/** A value of the report that is over a level, as it stands in a sentence. */
function over({ readings }: JudgedArea, analyte: Analyte, level: number): MsgParam | undefined {
  const figure = (readings.others as Readonly<Record<string, typeof readings.waterPh | undefined>>)[
    analyte
  ];
  const value = figure && valueOf(figure)?.value;
  return figure && value !== undefined && value > level ? { working: figure.id } : undefined;
}

/** A mix whose salts are high already, by what its plants bear or by the classes of its extract; too few salts hold nothing up. */
function isRichMix(area: JudgedArea): boolean {
  const salts = area.reading.lines.find(({ analyte }) => analyte === 'ec')?.then?.id ?? '';
  const isHigh = /^reading\.then\.ec\.(high|excess)$/.test(salts);
  return isMix(area) && (isHigh || area.treatments.fertilizer.hold?.why === 'salts');
}

/** From this pH up a soil locks iron and manganese up for any plant. Common practice. */
const LOCKED_FROM_PH = 6.5;

/** Whether a soil locks iron and manganese up for what grows there; one whose pH nobody knows may well do so. */
function isLockedUp({ readings: { waterPh }, plant }: JudgedArea): boolean {
  const ph = valueOf(waterPh)?.value ?? Infinity;
  return ph >= LOCKED_FROM_PH || ph > plant.window.high;
}

/** Yellow between the veins where the soil locks up what the plant lacks, or iron that is short where the plant shows it. */
function lacksIron(area: JudgedArea): boolean {
  return (sees(area, 'yellow-veins') && isLockedUp(area)) || limits(area, 'fe') > 0;
}

/** Whether what a tree lacks first on such soil is manganese: maples. */
function lacksManganeseFirst({ plant: { responds } }: JudgedArea): boolean {
  return responds.includes('mn') && !responds.includes('fe');
}

/** An amount of the product that carries what is short. */
function carried(
  ctx: PlanContext,
  area: JudgedArea,
  analyte: 'mg' | 'ca',
  id: 'judged.magnesium' | 'judged.calcium',
): Msg | undefined {
  const amount = carrier(ctx, area, analyte);
  if (!amount || 'absent' in amount) return undefined;
  return msg(id, { amount: { working: amount.id }, known: knownOf(area) });
}

/** The same where a spoon too much does harm. */
function bySpoon(
  ctx: PlanContext,
  area: JudgedArea,
  analyte: 'b' | 'zn',
  id: 'judged.boronShort' | 'judged.zincShort',
): Msg | undefined {
  const amount = isShort(area, analyte) ? spooned(ctx, area, analyte) : undefined;
  if (!amount) return undefined;
  const { ounces, spoons } = amount;
  const shown = { amount: { working: ounces.id }, spoons: { working: spoons.id } };
  return msg(id, { ...shown, known: knownOf(area) });
}

/** Boron that poisons: any plant, or one of these by much less. Too little of it stands in the way as well. */
function hasMuchBoron({ reading, readings }: JudgedArea): boolean {
  const then = reading.lines.find(({ analyte }) => analyte === 'b')?.then?.id ?? '';
  return /^reading\.then\.b\.(excess|high)$/.test(then) && !readings.untested;
}

/** Something that is short where its plant shows it, and that has no dose of its own here. */
function lacks(area: JudgedArea, analyte: 'mn' | 'cu' | 's'): boolean {
  const line = area.reading.lines.find((each) => each.analyte === analyte);
  return (line?.limits ?? 0) > 0 && !isMix(area) && !area.readings.untested;
}

/** Every judgement, the gravest first: each says whether it holds, and what the client is told. */
const JUDGES: Readonly<Record<JudgementId, Judge>> = {
  mixedSample: ({ mixedSample, plant }) =>
    said(mixedSample, msg('judged.mixedSample', { plant: msg(`plant.${plant.id}`) })),
  // Before any washing: without calcium that seals such a soil for good.
  sodic: (area, ctx) => {
    if (limits(area, 'na') < 3) return undefined;
    const amount = gypsum(ctx, area);
    return amount && !('absent' in amount)
      ? msg('judged.sodic', { amount: { working: amount.id }, known: knownOf(area) })
      : msg('judged.sodicOpen');
  },
  sodicOpen: () => undefined,
  leach: (area, ctx) => {
    if (area.treatments.fertilizer.hold?.why !== 'salts' || isMix(area)) return undefined;
    const inches = leachingWater(ctx, area);
    return inches && msg('judged.leach', { inches: { working: inches.id } });
  },
  mixFlush: (area) => said(isRichMix(area), msg('judged.mixFlush')),
  mixFeed: (area) => said(isMix(area) && !isRichMix(area), msg('judged.mixFeed')),
  saltyWater: (area) => {
    const sodium = over(area, 'water-na', SODIUM_IN_WATER_PPM);
    return sodium === undefined ? undefined : msg('judged.saltyWater', { sodium });
  },
  limyWater: (area, ctx) => {
    const lime = over(area, 'water-alkalinity', LIMY_WATER_PPM);
    const year = limeOfWater(ctx, area);
    if (lime === undefined) return undefined;
    if (!year || 'absent' in year.lime || 'absent' in year.sulfur) {
      return msg('judged.limyWater', { lime });
    }
    const brings = { lime, year: { working: year.lime.id } };
    // Only what wants acidic soil has a use for sulfur.
    return area.treatments.sulfur
      ? msg('judged.limyWaterAcid', { ...brings, sulfur: { working: year.sulfur.id } })
      : msg('judged.limyWaterYear', brings);
  },
  limyWaterYear: () => undefined,
  limyWaterAcid: () => undefined,
  standingWater: (area) =>
    said(
      sees(area, 'standing-water') || area.area.site.drainage === 'slow',
      msg('judged.standingWater'),
    ),
  moss: (area) => said(sees(area, 'moss'), msg('judged.moss')),
  ironTree: (area) => {
    if (!lacksIron(area) || area.plant.group !== 'trees') return undefined;
    return msg(lacksManganeseFirst(area) ? 'judged.manganeseTree' : 'judged.ironTree');
  },
  manganeseTree: () => undefined,
  veinsElsewhere: (area) =>
    said(sees(area, 'yellow-veins') && !lacksIron(area), msg('judged.veinsElsewhere')),
  ironLawn: (area) => said(lacksIron(area) && area.plant.form === 'lawn', msg('judged.ironLawn')),
  ironPlants: (area) =>
    said(
      lacksIron(area) && area.plant.form !== 'lawn' && area.plant.group !== 'trees',
      msg('judged.ironPlants'),
    ),
  phosphorusStop: (area) =>
    said(
      !isMix(area) && area.soilTest.p.rating === 'very-high',
      msg('judged.phosphorusStop', { form: area.plant.form }),
    ),
  potassiumStop: (area) =>
    said(!isMix(area) && area.soilTest.k.rating === 'very-high', msg('judged.potassiumStop')),
  habit: ({ habit }) => {
    const passes = habit?.p.passes;
    const [other] = habit?.inTurn ?? [];
    if (!habit || passes?.what !== 'too-much' || !other) return undefined;
    return msg('judged.habit', {
      material: materialName(habit.material),
      years: { working: passes.in.id },
      other: materialName(other),
    });
  },
  magnesium: (area, ctx) => carried(ctx, area, 'mg', 'judged.magnesium'),
  calcium: (area, ctx) => carried(ctx, area, 'ca', 'judged.calcium'),
  boronShort: (area, ctx) => bySpoon(ctx, area, 'b', 'judged.boronShort'),
  zincShort: (area, ctx) => bySpoon(ctx, area, 'zn', 'judged.zincShort'),
  manganeseShort: (area) => said(lacks(area, 'mn'), msg('judged.manganeseShort')),
  copperShort: (area) => said(lacks(area, 'cu'), msg('judged.copperShort')),
  sulfurShort: (area) => said(lacks(area, 's'), msg('judged.sulfurShort')),
  boron: (area) => said(hasMuchBoron(area), msg('judged.boron')),
  growth: ({ plant, form, treatments }) => {
    const isVine = plant.rules.includes('vine-growth');
    const goesByGrowth = isVine || plant.rules.includes('tree-growth');
    const isThere = form === 'established' && !treatments.fertilizer.hold;
    return said(goesByGrowth && isThere, msg('judged.growth', { kind: isVine ? 'vine' : 'tree' }));
  },
  shade: ({ area, plant }) =>
    said(plant.form === 'lawn' && area.growing.shade === 'yes', msg('judged.shade')),
  clover: (area) => said(sees(area, 'clover') && isGrass(area), msg('judged.clover')),
  crabgrass: (area) =>
    said(
      sees(area, 'crabgrass') && isGrass(area),
      msg('judged.crabgrass', { season: area.plant.season }),
    ),
  plantain: (area) => said(sees(area, 'plantain') && isGrass(area), msg('judged.plantain')),
  paleLeaves: (area) => said(sees(area, 'yellow-leaves') && !isMix(area), msg('judged.paleLeaves')),
  purpleLeaves: (area) =>
    said(sees(area, 'purple-leaves') && !isMix(area), msg('judged.purpleLeaves')),
  whiteCrust: (area) => said(sees(area, 'white-crust'), msg('judged.whiteCrust')),
  slope: ({ area, plant }) =>
    said(plant.form === 'lawn' && area.site.slope === 'steep', msg('judged.slope')),
  strip: ({ strips }) => {
    const feet = Math.max(0, ...strips.filter(({ isHere }) => isHere).map((each) => each.feet));
    return feet > 0 ? msg('judged.strip', { feet: quantity(feet, 'ft', 'ground') }) : undefined;
  },
};

/** How grave each is; one that is added has to say it. */
const WEIGHTS: Readonly<Record<JudgementId, Weight>> = {
  mixedSample: 'harm',
  leach: 'harm',
  mixFlush: 'harm',
  mixFeed: 'hint',
  saltyWater: 'harm',
  limyWater: 'limits',
  limyWaterYear: 'limits',
  limyWaterAcid: 'limits',
  sodic: 'harm',
  sodicOpen: 'harm',
  standingWater: 'limits',
  moss: 'limits',
  ironTree: 'limits',
  manganeseTree: 'limits',
  veinsElsewhere: 'limits',
  ironLawn: 'limits',
  ironPlants: 'limits',
  phosphorusStop: 'limits',
  potassiumStop: 'limits',
  habit: 'limits',
  magnesium: 'limits',
  calcium: 'limits',
  boronShort: 'limits',
  zincShort: 'limits',
  manganeseShort: 'limits',
  copperShort: 'limits',
  sulfurShort: 'hint',
  boron: 'harm',
  growth: 'hint',
  shade: 'hint',
  clover: 'hint',
  crabgrass: 'hint',
  plantain: 'hint',
  paleLeaves: 'hint',
  purpleLeaves: 'hint',
  whiteCrust: 'hint',
  slope: 'hint',
  strip: 'limits',
};

/** Where a rule is printed; the others are common practice. */
const PRINTED: Readonly<Partial<Record<JudgementId, SourceId>>> = {
  leach: 'further-salts',
  habit: 'draw-down',
  mixFlush: 'sme',
  sodic: 'esp',
  boron: 'further-boron',
  boronShort: 'further-boron',
  zincShort: 'further-dtpa',
  manganeseShort: 'further-dtpa',
  copperShort: 'further-dtpa',
  sulfurShort: 'further-sulfate',
};

const GRAVEST_FIRST: readonly Weight[] = ['harm', 'limits', 'hint'];

/** All that holds on a piece of ground, the gravest first. Nothing is said of ground that nobody knows anything of. */
export function judgementsOf(ctx: PlanContext, area: JudgedArea): Judgement[] {
  const found = (Object.keys(JUDGES) as JudgementId[]).flatMap((id): Judgement[] => {
    const says = JUDGES[id](area, ctx);
    if (!says) return [];
    return [{ id, weight: WEIGHTS[id], source: PRINTED[id] ?? 'practice', says }];
  });
  return GRAVEST_FIRST.flatMap((grave) => found.filter(({ weight }) => weight === grave));
}

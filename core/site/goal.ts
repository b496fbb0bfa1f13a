import type { Area } from '../casefile/parts/area';
import type { AreaSlice } from '../casefile/slice';
import { own } from '../kernel/typed/own';
import type { Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg, type Msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import { isAcidLover, PLANTS, type PhGoal, type Plant } from '../catalog/plants/plants';

type Ph = Figure<Quantity<'pH', 'water'>>;

/** The ends of the range, and the pH below which lime is due. */
type Edges = Readonly<Record<'low' | 'high' | 'below', Ph>>;

/** The numbers of a plant's pH. */
type GoalName = 'low' | 'high' | 'limeBelow' | 'limeTo';

/** What the soil of an area is to be for all that grows there. */
export interface AreaGoal {
  readonly window: { readonly low: number; readonly high: number };
  readonly limeBelow: number;
  /** The same as figures. */
  readonly edges: Edges;
  /** To what pH lime goes; absent where no pH suits all that grows there. */
  readonly limeTo: Ph;
  /** Why no pH suits all plants, as long as none of them governs. */
  readonly conflict: Msg | undefined;
  /** Acidic soil is what it wants. */
  readonly acid: boolean;
  /** Plants of the area, the one that is fed first. */
  readonly plants: readonly Plant[];
  /** The plant that the pH goes by where the advisor chose one. */
  readonly governs: Plant | undefined;
}

/** The range of a plant by the school that the area follows. */
function windowOf(plant: Plant, school: string | undefined): PhGoal {
  const other = plant.otherWindows.find((each) => each.school === school);
  if (!other) return plant;
  const { low, high, limeBelow, limeTo, source } = other;
  return { window: { low, high }, limeBelow, limeTo, source };
}

/** The plants of an area, the first of them the one that it is fed for. */
function plantsOf(area: Area, first: Plant): Plant[] {
  const others = [...new Set(area.sharing)].flatMap((id) => own(PLANTS, id) ?? []);
  return [first, ...others.filter(({ id }) => id !== first.id)];
}

interface Named {
  readonly plant: Plant;
  readonly goal: PhGoal;
  readonly figures: Edges & { readonly limeTo: Ph };
}

/** The pH figures of one plant. */
function figuresOf(
  ctx: PlanContext,
  at: string,
  plant: Plant,
  { window, limeBelow, limeTo, source }: PhGoal,
): Named['figures'] {
  const figure = (id: string, name: GoalName, value: number): Ph => {
    const label = msg(`goal.${name}`, { plant: msg(`plant.${plant.id}`) });
    return ctx.constant({ id: `${at}/${id}`, label, source }, value, 'pH', 'water');
  };
  return {
    low: figure('low', 'low', window.low),
    high: figure('high', 'high', window.high),
    below: figure('lime-below', 'limeBelow', limeBelow),
    limeTo: figure('lime-to', 'limeTo', limeTo),
  };
}

function valueOf(figure: Ph): number {
  return 'absent' in figure ? 0 : figure.value.value;
}

/** The figure of several plants that counts for all. */
function counting(
  ctx: PlanContext,
  id: string,
  name: GoalName,
  all: readonly Ph[],
  value: number,
): Ph {
  const entry = { id, label: msg(`goal.shared.${name}`) };
  const chosen = all.find((each) => valueOf(each) === value) ?? all[0];
  if (!chosen) throw new Error('counting: no plant grows here');
  return ctx.sheet.choose(
    entry,
    chosen,
    all.filter((each) => each !== chosen),
  );
}

/** Where the windows overlap, the smallest target that serves all; otherwise nothing until one governs. */
function shared(
  ctx: PlanContext,
  areaId: string,
  named: readonly Named[],
): Pick<AreaGoal, 'window' | 'limeBelow' | 'edges' | 'limeTo' | 'conflict'> {
  const at = `${areaId}/plant`;
  const all = (name: keyof Named['figures']): Ph[] => named.map(({ figures }) => figures[name]);
  const low = Math.max(...named.map(({ goal }) => goal.window.low));
  const high = Math.min(...named.map(({ goal }) => goal.window.high));
  const ends = {
    low: counting(ctx, `${at}/low`, 'low', all('low'), low),
    high: counting(ctx, `${at}/high`, 'high', all('high'), high),
  };
  const window = { low, high };
  const entry = { id: `${at}/lime-to`, label: msg('goal.shared.limeTo') };
  if (low > high) {
    const [some] = named;
    const lowest = named.find(({ goal }) => goal.window.high === high) ?? some;
    const highest = named.find(({ goal }) => goal.window.low === low) ?? some;
    if (!lowest || !highest) throw new Error('shared: no plant grows here');
    const conflict = msg('absent.plantsInConflict', {
      first: msg(`plant.${lowest.plant.id}`),
      second: msg(`plant.${highest.plant.id}`),
      high: { working: ends.high.id },
      low: { working: ends.low.id },
    });
    const ids = all('limeTo').map(({ id }) => id);
    const limeTo = ctx.sheet.absent(entry, conflict, ids);
    return { window, limeBelow: low, edges: { ...ends, below: ends.low }, limeTo, conflict };
  }
  const limeBelow = Math.min(high, Math.max(...named.map(({ goal }) => goal.limeBelow)));
  const below = counting(
    ctx,
    `${at}/lime-below`,
    'limeBelow',
    [...all('below'), ends.high],
    limeBelow,
  );
  const smallest = Math.min(...named.map(({ goal }) => goal.limeTo));
  // A target that leaves another plant below its own lower edge is none: that edge counts then.
  const limeTo =
    smallest >= limeBelow
      ? counting(ctx, entry.id, 'limeTo', all('limeTo'), smallest)
      : ctx.sheet.choose(entry, below, all('limeTo'));
  return { window, limeBelow, edges: { ...ends, below }, limeTo, conflict: undefined };
}

/**
 * What pH an area is to have: its plant's range by the school that it follows; of several plants the
 * overlap of their ranges. Where they have none in common nothing is limed until one governs.
 */
export function goalOf(ctx: PlanContext, file: AreaSlice, area: Area, first: Plant): AreaGoal {
  const plants = plantsOf(area, first);
  const school = file.decisions.window?.value;
  const named = plants.map((plant): Named => {
    const goal = windowOf(plant, plant === first ? school : undefined);
    return { plant, goal, figures: figuresOf(ctx, `${area.id}/plant/${plant.id}`, plant, goal) };
  });
  const decided = file.decisions.governs?.value;
  const governing = plants.length > 1 ? named.find(({ plant }) => plant.id === decided) : undefined;
  const only = governing ?? (named.length === 1 ? named[0] : undefined);
  const acid = (only ? [only.plant] : plants).some(isAcidLover);
  const common = { acid, plants, governs: governing?.plant };
  if (only) {
    const { window, limeBelow } = only.goal;
    const { limeTo, ...edges } = only.figures;
    return { ...common, window, limeBelow, edges, limeTo, conflict: undefined };
  }
  return { ...common, ...shared(ctx, area.id, named) };
}

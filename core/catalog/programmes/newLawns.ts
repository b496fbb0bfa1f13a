import { own } from '../../kernel/typed/own';
import type { Form } from './growing';
import {
  at,
  endOf,
  fromDoses,
  onDay,
  planted,
  stoppedAt,
  type Dose,
  type Moment,
  type Programme,
} from './programme';

const base = { source: 'lawn-establishment', standing: 'recalled' } as const;

/** Seven weeks before the first frost: later nitrogen costs warm-season grass the winter. */
const WARM_STOP: Moment = at('warm-last', 1);

/** Cool-season grass is planted as the heat gives way, warm-season grass when the soil is warm. */
const COOL = { from: at('early-autumn'), until: endOf('early-autumn', 1) } as const;
const WARM = { from: at('warm-green'), until: at('warm-last', -4) } as const;
/** Sod is laid on any day on which ground can be worked and roots can follow. */
const COOL_SOD = { from: at('green-up', 2), until: at('late-autumn') } as const;

type Doses = readonly [Dose, ...Dose[]];

const worked = { P2O5: 1, K2O: 1 } as const;
const atSowing = { stage: 'atSowing', from: planted(0), to: planted(7), ...worked } as const;
const underSod = {
  ...({ stage: 'underSod', from: planted(-7), to: planted(0), stops: [planted(0)] } as const),
  ...worked,
};

/** Nitrogen so many days after planting. */
function after(stage: Dose['stage'], days: number, lb: number, within = 15): Dose {
  return { stage, from: planted(days), to: planted(days + within), lb };
}

/** Cool-season grass: none that is quick in heat, in which warm-season grass grows best. */
function cool(form: Form, planting: NonNullable<Programme['planting']>, doses: Doses): Programme {
  const [first, ...later] = doses;
  const outOfHeat = later.map((dose): Dose => ({ ...dose, notInHeat: true }));
  return fromDoses({ id: `cool-season-${form}`, ...base, planting }, [first, ...outOfHeat]);
}

/** Weeks from one to the next of what waits for spring. */
const APART = 5;

/** Warm-season grass: what a late planting leaves no time for waits until it is green. */
function warm(form: Form, doses: Doses, kind = 'warm-season', stop = WARM_STOP): Programme {
  const [first, ...later] = doses;
  const inSpring = later.map((dose, place): Dose => ({
    ...dose,
    elseFrom: at('warm-green', 1 + APART * place),
  }));
  const year = fromDoses({ id: `${kind}-${form}`, ...base, planting: WARM }, [first, ...inSpring]);
  const stopped = stoppedAt(WARM_STOP, year);
  return stop === WARM_STOP ? stopped : stoppedAt(stop, stopped);
}

/** Forms of a lawn's first year but the established. */
type NewLawn = Readonly<Partial<Record<Form, Programme>>>;

/** Cool-season grass: starter at sowing, a pound when it has been mown two or three times. */
const COOL_SEASON: NewLawn = {
  seed: cool('seed', COOL, [{ ...atSowing, lb: 0.5 }, after('afterMowing', 40, 1)]),
  sod: cool('sod', COOL_SOD, [{ ...underSod, lb: 0.5 }, after('afterRooting', 35, 0.75)]),
  overseed: cool('overseed', COOL, [{ ...atSowing, lb: 0.5 }, after('afterMowing', 40, 0.75)]),
  renovation: cool('renovation', COOL, [{ ...atSowing, lb: 0.75 }, after('afterMowing', 40, 0.75)]),
};

/** Grass that spreads fast: a pound a month until it covers. */
const SPREADING: NewLawn = {
  seed: warm('seed', [
    { ...atSowing, lb: 1 },
    after('afterMowing', 28, 0.75),
    after('untilCovered', 58, 0.75),
  ]),
  sod: warm('sod', [{ ...underSod, lb: 0.5 }, after('afterRooting', 30, 0.75)]),
  sprigs: warm('sprigs', [
    { ...atSowing, stage: 'beforePlanting', lb: 1 },
    after('untilCovered', 24, 0.75),
    after('untilCovered', 52, 0.75),
    after('untilCovered', 80, 0.75),
  ]),
  overseed: warm('overseed', [{ ...atSowing, lb: 0.5 }, after('afterMowing', 40, 0.75)]),
  renovation: warm('renovation', [{ ...atSowing, lb: 0.75 }, after('afterMowing', 35, 0.75)]),
};

/** Grass that spreads slowly. */
const SLOW: NewLawn = {
  ...SPREADING,
  seed: warm(
    'seed',
    [{ ...atSowing, lb: 0.5 }, after('afterMowing', 30, 0.5), after('untilCovered', 60, 0.75)],
    'slow',
  ),
  sprigs: warm(
    'sprigs',
    [
      { ...atSowing, stage: 'beforePlanting', lb: 0.5 },
      after('untilCovered', 30, 0.5),
      after('untilCovered', 60, 0.5),
    ],
    'slow',
  ),
};

/** Centipede and its like: at most a pound in the first year. */
const LEAN: NewLawn = {
  seed: warm(
    'seed',
    [{ ...atSowing, lb: 0.5 }, after('afterMowing', 49, 0.5)],
    'lean',
    onDay('08-01'),
  ),
  sod: warm(
    'sod',
    [{ ...underSod, lb: 0.5 }, after('afterRooting', 42, 0.5)],
    'lean',
    onDay('08-01'),
  ),
  sprigs: warm(
    'sprigs',
    [{ ...atSowing, stage: 'beforePlanting', lb: 0.5 }, after('untilCovered', 49, 0.5)],
    'lean',
    onDay('08-01'),
  ),
  overseed: warm('overseed', [{ ...atSowing, lb: 0.5 }], 'lean', onDay('08-01')),
  renovation: warm('renovation', [{ ...atSowing, lb: 0.5 }], 'lean', onDay('08-01')),
};

/** First years of warm-season lawns by plant; any other grass is of the cool season. */
const WARM_LAWNS: Readonly<Record<string, NewLawn>> = {
  bermudagrass: SPREADING,
  'st-augustinegrass': SPREADING,
  bahiagrass: SPREADING,
  zoysiagrass: SLOW,
  buffalograss: SLOW,
  centipedegrass: LEAN,
  carpetgrass: LEAN,
};

/** The first year of a lawn, by its grass and by how it is begun. */
export function newLawnYear(plant: string, form: Form): Programme | undefined {
  return (own(WARM_LAWNS, plant) ?? COOL_SEASON)[form];
}

import type { AreaPlan } from '../../area/areaPlan';
import { materialName } from '../../catalog/materials/named';
import type { SpreadProduct, SpreadRate, Spreading } from '../../treat/spread/spread';
import type { IsoDate } from '../../kernel/typed/date';
import { msg, type Msg } from '../../kernel/messages/msg';
import { toldTreatments } from '../told';
import { sentence, type SlipBlock } from './document';

/** A rate from a day on: products of a programme change it from one to the next. */
interface RateFrom {
  readonly rate: SpreadRate;
  readonly from: IsoDate;
}

/** The rates of a product in the order of their days, each where it begins. */
function turnsOf({ rates }: SpreadProduct): RateFrom[] {
  return rates
    .flatMap((rate) => rate.dates.map((from): RateFrom => ({ rate, from })))
    .sort((a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : 0))
    .filter(({ rate }, at, all) => rate !== all[at - 1]?.rate);
}

/** The dial of each rate, or the strip on which it is found. */
function dialLines(product: SpreadProduct, on: Spreading): SlipBlock[] {
  const turns = turnsOf(product);
  const material = materialName(product.material);
  return turns.flatMap(({ rate, from }): SlipBlock[] => {
    const { next, perPass, onStrip } = rate;
    const dated = { date: { date: from } };
    if (!('absent' in next.dial) && !('absent' in perPass)) {
      const dial = {
        material,
        dial: { working: next.dial.id },
        rate: { working: perPass.id },
      };
      return turns.length === 1
        ? [sentence('slip.spreadDial', dial)]
        : [sentence('slip.spreadDialFrom', { ...dial, ...dated })];
    }
    if ('absent' in on.swath || 'absent' in onStrip) return [];
    const strip = {
      material,
      amount: { working: onStrip.id },
      length: { working: on.strip.id },
      swath: { working: on.swath.id },
    };
    return turns.length === 1
      ? [sentence('slip.spreadTry', strip)]
      : [sentence('slip.spreadTryFrom', { ...strip, ...dated })];
  });
}

/** How the strips lie: so many along and across a rectangle, else so far apart. */
function stripLine({ along, across, swath }: Spreading): SlipBlock[] {
  if (along && across && !('absent' in along.apart) && !('absent' in across.count)) {
    return [
      sentence('slip.spreadStrips', {
        along: { working: along.count.id },
        apart: { working: along.apart.id },
        across: { working: across.count.id },
      }),
    ];
  }
  if ('absent' in swath) return [];
  return [sentence('slip.spreadApart', { apart: { working: swath.id } })];
}

/** What of a piece of ground is spread and told of, with the spreader. */
function toldProducts(plan: AreaPlan): readonly SpreadProduct[] {
  const told = toldTreatments(plan).filter(({ isDosed }) => isDosed);
  const materials = new Set(told.flatMap(({ products }) => products.map(({ key }) => key)));
  return (plan.spreading?.products ?? []).filter(({ key }) => materials.has(key));
}

/** The spreader's lines on the page: its dial, and its strips. */
export function spreadLines(plan: AreaPlan): SlipBlock[] {
  const { spreading } = plan;
  const products = toldProducts(plan);
  if (!spreading || products.length === 0) return [];
  const dials = products.flatMap((product) => dialLines(product, spreading));
  return [...dials, ...stripLine(spreading)];
}

function rowsOf(product: SpreadProduct): (readonly Msg[])[] {
  const turns = turnsOf(product);
  const blank = msg('slip.blank');
  const material = materialName(product.material);
  return turns.map(({ rate: { onStrip, next }, from }) => [
    turns.length === 1
      ? material
      : msg('slip.sheetProductFrom', { material, date: { date: from } }),
    'absent' in onStrip ? blank : msg('slip.amountCell', { amount: { working: onStrip.id } }),
    'absent' in next.dial ? blank : msg('slip.dialCell', { dial: { working: next.dial.id } }),
    blank,
    blank,
    blank,
  ]);
}

/** Whether every dial is told already: then nothing is left to be found out on a strip. */
export function isDialTold(plan: AreaPlan): boolean {
  const rates = toldProducts(plan).flatMap((product) => product.rates);
  return rates.length > 0 && rates.every(({ next }) => !('absent' in next.dial));
}

/** A sheet on which the client tries the spreader: what should go out on a strip, and blanks for what did. */
export function spreaderSheet(told: readonly AreaPlan[]): SlipBlock[] {
  const [first] = told.flatMap(({ spreading }) => spreading ?? []);
  const rows = told.flatMap(toldProducts).flatMap(rowsOf);
  if (!first || rows.length === 0) return [];
  return [
    sentence('slip.sheetStrip', { length: { working: first.strip.id } }),
    sentence('slip.sheetRuns'),
    sentence('slip.sheetOff'),
    {
      kind: 'table',
      head: [
        msg('slip.sheetHead.product'),
        msg('slip.sheetHead.wanted'),
        msg('slip.sheetHead.dial'),
        msg('slip.sheetHead.run', { n: 1 }),
        msg('slip.sheetHead.run', { n: 2 }),
        msg('slip.sheetHead.run', { n: 3 }),
      ],
      rows,
    },
  ];
}

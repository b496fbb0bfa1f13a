import {
  perThousandToPerAcre,
  poundsToOunces,
  squareFeetToThousands,
  perThousandToTotal,
  totalToPerThousand,
} from '../../kernel/units/convert';
import { quantity } from '../../kernel/units/quantity';
import { inUnit } from '../../kernel/units/families';
import { msg } from '../../kernel/messages/msg';
import type { ProductRate } from '../../treat/shared/amounts';
import type { BenchSheet } from '../benchSheet';
import type { BenchAnswer, BenchSum } from '../sum';

/** The same along a row, by how far rows lie apart. */
function alongRow(sheet: BenchSheet, rate: ProductRate): BenchAnswer[] {
  if (sheet.raw('between') === '') return [];
  const figure = sheet.ctx.sheet.derive(
    'multiply',
    { id: sheet.id('row'), label: msg('bench.answer.perRow'), source: 'geometry' },
    [rate, sheet.length('between'), hundredth(sheet, 'row')],
    (told, apart, each) => quantity(told.value * apart.value * each.value, 'lb/100ft', 'product'),
  );
  return [{ label: msg('bench.answer.perRow'), figure }];
}

/** A strip of a hundred feet is a tenth of a thousand square feet for each foot of its width. */
function hundredth(sheet: BenchSheet, name: 'row' | 'strip') {
  const label = msg('bench.hundredFeet');
  return sheet.ctx.constant({ id: sheet.id(`hundred-${name}`), label }, 0.1, 'ratio', 'share');
}

/** The same for one plant, by the ground that it has. */
function perPlant(sheet: BenchSheet, rate: ProductRate): BenchAnswer[] {
  if (sheet.raw('each') === '') return [];
  const extent = sheet.ctx.sheet.derive(
    'convert',
    { id: sheet.id('extent'), label: msg('ground.thousands'), source: 'definition' },
    [sheet.measure('each')],
    squareFeetToThousands,
  );
  const label = msg('bench.answer.perPlant');
  const pounds = sheet.ctx.sheet.derive(
    'multiply',
    { id: sheet.id('plant'), label },
    [rate, extent],
    perThousandToTotal,
  );
  const figure = sheet.ctx.sheet.derive(
    'convert',
    { id: sheet.id('plant-ounces'), label, source: 'definition' },
    [pounds],
    poundsToOunces,
  );
  return [{ label, figure }];
}

/** The rate over ground, however it was told. */
function rateOf(sheet: BenchSheet): ProductRate {
  const { sheet: writes } = sheet.ctx;
  const label = msg('bench.answer.perThousand');
  if (sheet.choice('toldFor') === 'row') {
    // A strip of a hundred feet is a tenth of a thousand square feet for each foot of its width.
    const across = writes.derive(
      'multiply',
      { id: sheet.id('strip-thousands'), label: msg('ground.thousands'), source: 'geometry' },
      [sheet.length('between'), hundredth(sheet, 'strip')],
      (apart, each) => quantity(apart.value * each.value, '1000ft2', 'ground'),
    );
    return writes.derive(
      'divide',
      { id: sheet.id('from-row'), label },
      [sheet.number('rowRate'), across],
      (pounds, thousands) => quantity(pounds.value / thousands.value, 'lb/1000ft2', 'product'),
    );
  }
  if (sheet.choice('toldFor') === 'onePlant') {
    const thousands = writes.derive(
      'convert',
      { id: sheet.id('plant-thousands'), label: msg('ground.thousands'), source: 'definition' },
      [sheet.measure('each')],
      squareFeetToThousands,
    );
    return writes.derive(
      'divide',
      { id: sheet.id('from-plant'), label },
      [sheet.measure('plantRate'), thousands],
      totalToPerThousand,
    );
  }
  return sheet.measure('rate');
}

/** Over ground, along rows, for a plant: what is told, then what it may be told as. */
const FIELDS_OF = {
  ground: ['rate', 'between', 'each'],
  row: ['rowRate', 'between', 'each'],
  onePlant: ['plantRate', 'each', 'between'],
} as const;

/** A rate in all the ways that people tell one. */
export const rate: BenchSum = {
  id: 'rate',
  fields: (sheet) => ['toldFor', ...FIELDS_OF[sheet.choice('toldFor') as keyof typeof FIELDS_OF]],
  usual: { toldFor: 'ground' },
  work: (sheet) => {
    const figure = rateOf(sheet);
    const perAcre = sheet.ctx.sheet.derive(
      'convert',
      { id: sheet.id('acre'), label: msg('bench.answer.perAcre'), source: 'definition' },
      [figure],
      perThousandToPerAcre,
    );
    const perHundred = sheet.ctx.sheet.derive(
      'convert',
      { id: sheet.id('per-hundred'), label: msg('bench.answer.perHundred'), source: 'definition' },
      [figure],
      (value) => inUnit('rate', value, 'lb/100ft2'),
    );
    return {
      answers: [
        { label: msg('bench.answer.perThousand'), figure, family: 'rate', carries: 'rate' },
        { label: msg('bench.answer.perAcre'), figure: perAcre },
        { label: msg('bench.answer.perHundred'), figure: perHundred },
        ...alongRow(sheet, figure),
        ...perPlant(sheet, figure),
      ],
      says: [msg('bench.shortCut')],
    };
  },
};

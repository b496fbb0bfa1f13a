import {
  perThousandToPerAcre,
  poundsToOunces,
  squareFeetToThousands,
  perThousandToTotal,
} from '../../kernel/units/convert';
import { quantity } from '../../kernel/units/quantity';
import { inUnit } from '../../kernel/units/families';
import { msg } from '../../kernel/messages/msg';
import type { BenchSheet } from '../benchSheet';
import type { BenchAnswer, BenchSum } from '../sum';

/** The same along a row, by how far rows lie apart. */
function alongRow(sheet: BenchSheet): BenchAnswer[] {
  if (sheet.raw('between') === '') return [];
  const figure = sheet.ctx.sheet.derive(
    'multiply',
    { id: sheet.id('row'), label: msg('bench.answer.perRow'), source: 'geometry' },
    [sheet.measure('rate'), sheet.length('between'), hundredth(sheet)],
    (rate, apart, each) => quantity(rate.value * apart.value * each.value, 'lb/100ft', 'product'),
  );
  return [{ label: msg('bench.answer.perRow'), figure }];
}

/** A strip of a hundred feet is a tenth of a thousand square feet for each foot of its width. */
function hundredth(sheet: BenchSheet) {
  const label = msg('bench.hundredFeet');
  return sheet.ctx.constant({ id: sheet.id('hundred'), label }, 0.1, 'ratio', 'share');
}

/** The same for one plant, by the ground that it has. */
function perPlant(sheet: BenchSheet): BenchAnswer[] {
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
    [sheet.measure('rate'), extent],
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

/** A rate in all the ways that people tell one. */
export const rate: BenchSum = {
  id: 'rate',
  fields: () => ['rate', 'between', 'each'],
  usual: {},
  work: (sheet) => {
    const figure = sheet.measure('rate');
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
        ...alongRow(sheet),
        ...perPlant(sheet),
      ],
      says: [msg('bench.shortCut')],
    };
  },
};

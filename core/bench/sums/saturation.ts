import { ppmAsCharge } from '../../equations/soil/milliequivalents';
import { equivalentFigure } from '../../site/report/extracted';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { Base } from '../../tables/molarMass';
import type { BenchSheet } from '../benchSheet';
import { BASES } from '../fields';
import type { BenchAnswer, BenchSum } from '../sum';

const FIELD_OF = { Ca: 'ca', Mg: 'mg', K: 'k', Na: 'na' } as const satisfies Record<Base, string>;

type Charge = Figure<Quantity<'meq/100g', 'bases'>>;

function chargeOf<B extends Base>(sheet: BenchSheet, base: B): Charge {
  const exact = sheet.ctx.sheet.equation(
    { id: sheet.id(`charge/${base}`), label: msg('bench.answer.charge') },
    ppmAsCharge<B>(),
    [
      sheet.amount(FIELD_OF[base], 'ppm', base),
      equivalentFigure<B>(sheet.ctx, sheet.id(`mass/${base}`), base),
    ],
  );
  // One of several bases from here on.
  return 'absent' in exact ? exact : { ...exact, value: { ...exact.value, of: 'bases' } };
}

/** The exchange capacity by its sum, and the share that each base has of it. */
export const saturation: BenchSum = {
  id: 'saturation',
  fields: () => ['ca', 'mg', 'k', 'na', 'acidity'],
  usual: { na: '0', acidity: '0' },
  work: (sheet) => {
    const { sheet: writes } = sheet.ctx;
    const charges = BASES.map((base) => [base, chargeOf(sheet, base)] as const);
    const cec = writes.derive(
      'add',
      { id: sheet.id('cec'), label: msg('bench.answer.cec') },
      [...charges.map(([, charge]) => charge), sheet.number('acidity')],
      (...all: readonly Quantity[]) =>
        quantity(
          all.reduce((sum, { value }) => sum + value, 0),
          'meq/100g',
          'CEC',
        ),
    );
    const hundred = sheet.ctx.constant(
      { id: sheet.id('whole'), label: msg('bench.whole'), source: 'definition' },
      100,
      '%',
      'share',
    );
    const shares = charges.map(([base, charge]): BenchAnswer => {
      const label = msg(`bench.answer.share.${base}`);
      const figure = writes.derive(
        'proportion',
        { id: sheet.id(`share/${base}`), label },
        [charge, hundred, cec],
        (part, whole, all) => quantity((part.value * whole.value) / all.value, '%', 'share'),
      );
      return { label, figure };
    });
    return {
      answers: [{ label: msg('bench.answer.cec'), figure: cec }, ...shares],
      says: [msg('bench.sufficiency')],
    };
  },
};

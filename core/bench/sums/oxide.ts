import {
  phosphateToPhosphorus,
  phosphorusToPhosphate,
  potashToPotassium,
  potassiumToPotash,
} from '../../kernel/units/convert';
import { quantity } from '../../kernel/units/quantity';
import { SHARE_OF_ION } from '../../tables/molarMass';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { BenchSheet } from '../benchSheet';
import type { BenchSum } from '../sum';

type Ion = { readonly N: 'NO3'; readonly S: 'SO4' };

/** The share of an element in what it is printed as. */
function shareOf(sheet: BenchSheet, of: keyof Ion, ion: Ion[keyof Ion]) {
  return sheet.ctx.constant(
    { id: sheet.id('ion'), label: msg(`bench.shareOf.${ion}`), source: 'aapfco' },
    SHARE_OF_ION[of],
    'ratio',
    'share',
  );
}

function toElement<S extends keyof Ion>(sheet: BenchSheet, of: S, ion: Ion[S]): Figure {
  return sheet.ctx.sheet.derive(
    'multiply',
    { id: sheet.id('changed'), label: msg('bench.answer.changed') },
    [sheet.amount('told', 'lb', ion), shareOf(sheet, of, ion)],
    (amount, part) => quantity(amount.value * part.value, 'lb', of),
  );
}

function toIon<S extends keyof Ion>(sheet: BenchSheet, of: S, ion: Ion[S]): Figure {
  return sheet.ctx.sheet.derive(
    'divide',
    { id: sheet.id('changed'), label: msg('bench.answer.changed') },
    [sheet.amount('told', 'lb', of), shareOf(sheet, of, ion)],
    (amount, part) => quantity(amount.value / part.value, 'lb', ion),
  );
}

function changed(sheet: BenchSheet): Figure {
  const { sheet: writes } = sheet.ctx;
  const entry = {
    id: sheet.id('changed'),
    label: msg('bench.answer.changed'),
    source: 'aapfco',
  } as const;
  switch (sheet.choice('change')) {
    case 'P2O5>P':
      return writes.derive(
        'convert',
        entry,
        [sheet.amount('told', 'lb', 'P2O5')],
        phosphateToPhosphorus,
      );
    case 'K>K2O':
      return writes.derive('convert', entry, [sheet.amount('told', 'lb', 'K')], potassiumToPotash);
    case 'K2O>K':
      return writes.derive(
        'convert',
        entry,
        [sheet.amount('told', 'lb', 'K2O')],
        potashToPotassium,
      );
    case 'NO3>N':
      return toElement(sheet, 'N', 'NO3');
    case 'SO4>S':
      return toElement(sheet, 'S', 'SO4');
    case 'N>NO3':
      return toIon(sheet, 'N', 'NO3');
    case 'S>SO4':
      return toIon(sheet, 'S', 'SO4');
    default:
      return writes.derive(
        'convert',
        entry,
        [sheet.amount('told', 'lb', 'P')],
        phosphorusToPhosphate,
      );
  }
}

/** An element and what a label or a laboratory prints it as. */
export const oxide: BenchSum = {
  id: 'oxide',
  fields: () => ['change', 'told'],
  usual: { change: 'P>P2O5' },
  work: (sheet) => ({
    answers: [{ label: msg('bench.answer.changed'), figure: changed(sheet), family: 'weight' }],
    says: [msg('bench.oxides')],
  }),
};

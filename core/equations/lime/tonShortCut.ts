import type { Equation } from '../../kernel/working/equation';
import { tonsPerAcreByShortCut } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';

/** Tons an acre × 50, as laboratories that print a garden rate reckon it. Common practice, 9 % too high. */
export const TON_SHORT_CUT: Equation<
  readonly [Quantity<'ton/acre', 'limestone'>],
  Quantity<'lb/1000ft2', 'limestone'>
> = { id: 'ton-short-cut', compute: tonsPerAcreByShortCut };

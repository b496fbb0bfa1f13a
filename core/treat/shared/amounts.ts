import type { Quantity } from '../../kernel/units/quantity';
import type { Figure } from '../../kernel/working/working';

export type Product = Figure<Quantity<'lb', 'product'>>;
export type Money = Figure<Quantity<'usd', 'money'>>;
export type ProductRate = Figure<Quantity<'lb/1000ft2', 'product'>>;

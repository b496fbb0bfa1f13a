import type { Unit } from './quantity';

/**
 * What two units come to when figures of them are multiplied; the other way round is the same. A number without a unit
 * leaves the other as it is.
 */
interface Products {
  readonly 'lb/1000ft2': { readonly '1000ft2': 'lb' };
  readonly 'lb/100ft': { readonly '100ft': 'lb' };
  readonly 'lb/bag': { readonly bags: 'lb' };
  readonly 'usd/bag': { readonly bags: 'usd' };
  readonly 'lb/yd3': { readonly yd3: 'lb' };
  readonly ft: { readonly ft: 'ft2'; readonly ft2: 'ft3' };
}

type Known<A extends Unit, B extends Unit> = A extends keyof Products
  ? B extends keyof Products[A]
    ? Products[A][B]
    : never
  : never;

/** Units that count and measure nothing: a share, a number of doses. */
type Bare = 'ratio' | 'doses' | 'strips';

/** The unit of a product. */
export type Times<A extends Unit, B extends Unit> =
  (B extends Bare ? A : never) | (A extends Bare ? B : never) | Known<A, B> | Known<B, A>;

/** The unit of a quotient: what times the divisor comes to the dividend. */
export type Over<A extends Unit, B extends Unit> =
  | (B extends Bare ? A : never)
  | (A extends B ? 'ratio' : never)
  | { [U in Unit]: A extends Times<U, B> ? U : never }[Unit];

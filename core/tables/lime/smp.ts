/**
 * SMP buffer table, tons/acre of agricultural ground limestone to 8 in.
 *
 * Shoemaker, McLean & Pratt 1961, SSSA Proc. 25:274–277, as tabled in NCR-221 (Watson & Brown) and
 * McLean 1982 (Methods of Soil Analysis, part 2, ch. 12). Standing: recalled. The last digits of
 * the 6.0 column at 6.3, 6.2, 6.1 are 4.5, 5.2, 5.9 as the Tri-State lines ask (a second
 * recollection had 4.4, 5.1, 5.8).
 *
 * NCR-221 heads the third column 7.0; Tri-State E-2567 prints the same numbers under 6.8.
 */
export const SMP_TARGETS = [6.0, 6.5, 7.0] as const;

/** Rows by soil-buffer pH, descending: `[buffer pH, to 6.0, to 6.5, to 7.0]`. */
export const SMP_ROWS: readonly (readonly [number, number, number, number])[] = [
  [6.8, 1.0, 1.2, 1.4],
  [6.7, 1.7, 2.1, 2.4],
  [6.6, 2.4, 2.9, 3.4],
  [6.5, 3.1, 3.8, 4.5],
  [6.4, 3.8, 4.7, 5.5],
  [6.3, 4.5, 5.5, 6.5],
  [6.2, 5.2, 6.4, 7.5],
  [6.1, 5.9, 7.2, 8.6],
  [6.0, 6.6, 8.1, 9.6],
  [5.9, 7.3, 9.0, 10.6],
  [5.8, 8.0, 9.8, 11.7],
  [5.7, 8.7, 10.7, 12.7],
  [5.6, 9.4, 11.6, 13.7],
  [5.5, 10.2, 12.5, 14.8],
  [5.4, 10.9, 13.4, 15.8],
  [5.3, 11.6, 14.2, 16.9],
  [5.2, 12.3, 15.1, 17.9],
  [5.1, 13.0, 16.0, 19.0],
  [5.0, 13.7, 16.9, 20.0],
  [4.9, 14.4, 17.8, 21.1],
  [4.8, 15.1, 18.6, 22.1],
];

/** Depth of soil that the table limes, inches. */
export const SMP_DEPTH_IN = 8;

/** pH that the SMP buffer itself is set to; a soil cannot read above it. */
export const SMP_BUFFER_START = 7.5;

/** A buffer above the table's first row has not moved enough to be told apart from none. */
export const SMP_RESOLVES_TO = Math.max(...SMP_ROWS.map(([buffer]) => buffer));

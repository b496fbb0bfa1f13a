import type { Plant } from '../../catalog/plants/plants';
import type { SourceId, Standing } from '../../kernel/sources';
import type { NitrogenRates, Pack } from '../../catalog/packs/pack';
import type { Nutrient } from '../../catalog/nutrients';

/** Rates of one nutrient in a pack: where they stand there, and in which unit. */
export interface Cells<T> {
  readonly rates: T;
  /** The column of the pack's table. */
  readonly column: string;
  readonly unit: 'lb/1000ft2' | 'lb/acre';
  readonly source: SourceId;
  readonly standing: Standing;
}

/** What a pack gives a plant; a nutrient that is not here has no rate. */
export interface PlantCells {
  readonly N: Cells<NitrogenRates> | undefined;
  readonly P2O5: Cells<readonly number[]> | undefined;
  readonly K2O: Cells<readonly number[]> | undefined;
}

/** The rates of a plant by its own row of the pack, else by how much plants of its form ask for. */
export function cellsOf(pack: Pack, { id, form, needs }: Plant): PlantCells {
  const own = pack.feeding[id];
  const classes = pack.classes?.[form];
  const from = own ?? classes;
  const cells = <T>(nutrient: Nutrient, rates: T | null | undefined): Cells<T> | undefined => {
    if (!from || rates === null || rates === undefined) return undefined;
    const row = own ? id : `${form}-${needs[nutrient]}`;
    return {
      rates,
      column: `${row}/${nutrient}`,
      unit: own?.unit ?? 'lb/1000ft2',
      source: from.source ?? pack.source,
      standing: from.standing,
    };
  };
  return {
    N: cells('N', own ? own.N : classes?.N[needs.N]),
    P2O5: cells('P2O5', own ? own.P2O5 : classes?.P2O5[needs.P2O5]),
    K2O: cells('K2O', own ? own.K2O : classes?.K2O[needs.K2O]),
  };
}

import type { Plant } from '../../catalog/plants/plants';
import { yearlyRatesOf } from '../../catalog/programmes/programmes';
import type { SourceId, Standing } from '../../kernel/sources';
import type { NitrogenRates, Pack } from '../../catalog/packs/pack';
import { LITERATURE } from './literature';
import { generalRow } from '../../catalog/packs/general';
import type { Nutrient } from '../../catalog/nutrients';

/** Rates of one nutrient in a table: where they stand there, and in which unit. */
export interface Cells<T> {
  readonly rates: T;
  /** The table: a pack in its version, or the literature on a plant. */
  readonly table: string;
  /** The column of the table. */
  readonly column: string;
  readonly unit: 'lb/1000ft2' | 'lb/acre';
  readonly source: SourceId;
  readonly standing: Standing;
}

/** What a plant is given; a nutrient that is not here has no rate. */
export interface PlantCells {
  /** Of the pack alone; where it has none the calendar of the grass or the literature on the plant counts. */
  readonly N: Cells<NitrogenRates> | undefined;
  readonly P2O5: Cells<readonly number[]> | undefined;
  readonly K2O: Cells<readonly number[]> | undefined;
}

/** The cells of a nutrient in some rates of a pack. */
function packCells<T>(
  pack: Pack,
  from: NonNullable<Pack['feeding'][string]> | NonNullable<Pack['classes']>['bed'],
  row: string,
  nutrient: Nutrient,
  rates: T | null | undefined,
): Cells<T> | undefined {
  if (rates === null || rates === undefined) return undefined;
  return {
    rates,
    table: `${pack.id}-v${pack.version}`,
    column: `${row}/${nutrient}`,
    unit: 'unit' in from && from.unit ? from.unit : 'lb/1000ft2',
    source: from.source ?? pack.source,
    standing: from.standing,
  };
}

/** Phosphate or potash by the literature on a plant. */
function literatureCells(
  plant: Plant,
  nutrient: 'P2O5' | 'K2O',
): Cells<readonly number[]> | undefined {
  const printed = yearlyRatesOf(plant);
  const rates = printed?.[nutrient];
  if (!printed || !rates) return undefined;
  const { unit, source, standing } = printed;
  return { rates, table: LITERATURE, column: `${plant.id}/${nutrient}`, unit, source, standing };
}

/**
 * The rates of a plant by its own row of the pack, by the pack's classes in versions that have them; else phosphate and
 * potash by the literature on it, and by the pack's garden or lawn where that is silent too.
 */
export function cellsOf(pack: Pack, plant: Plant): PlantCells {
  const { id, form, needs } = plant;
  const own = pack.feeding[id];
  if (own) {
    return {
      N: packCells(pack, own, id, 'N', own.N),
      P2O5: packCells(pack, own, id, 'P2O5', own.P2O5),
      K2O: packCells(pack, own, id, 'K2O', own.K2O),
    };
  }
  const classes = pack.classes?.[form];
  if (classes) {
    const row = (nutrient: Nutrient): string => `${form}-${needs[nutrient]}`;
    return {
      N: packCells(pack, classes, row('N'), 'N', classes.N[needs.N]),
      P2O5: packCells(pack, classes, row('P2O5'), 'P2O5', classes.P2O5[needs.P2O5]),
      K2O: packCells(pack, classes, row('K2O'), 'K2O', classes.K2O[needs.K2O]),
    };
  }
  const general = generalRow(pack, plant);
  const byTest = (nutrient: 'P2O5' | 'K2O'): PlantCells['K2O'] =>
    literatureCells(plant, nutrient) ??
    (general && packCells(pack, general.rates, general.row, nutrient, general.rates[nutrient]));
  return { N: undefined, P2O5: byTest('P2O5'), K2O: byTest('K2O') };
}

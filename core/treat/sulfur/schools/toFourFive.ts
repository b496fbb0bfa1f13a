import { SULFUR_ROWS, SULFUR_SOILS, type SulfurSoil } from '../../../tables/sulfur';
import { perHundredToPerThousand } from '../../../kernel/units/convert';
import { byTable, type SulfurTable } from './byTable';
import type { SulfurMethod } from './school';

function toFourFive(id: 'table' | 'clay-high', soil: SulfurSoil): SulfurTable<'lb/100ft2'> {
  return {
    id,
    rows: SULFUR_ROWS,
    column: SULFUR_SOILS.indexOf(soil) + 1,
    equation: `sulfur-${soil}`,
    soil,
    label: 'sulfur.toLowest',
    source: 'sulfur-table',
    unit: 'lb/100ft2',
    toRate: (q) => perHundredToPerThousand(q),
  };
}

/** The table of the blueberry bulletins, to 4.5. */
export const table: SulfurMethod = {
  id: 'table',
  fits: () => true,
  gross: (ctx, areaId, input) => byTable(ctx, areaId, input, toFourFive('table', input.soil)),
};

/** The other clay column that is printed: half as much again. */
export const clayHigh: SulfurMethod = {
  id: 'clay-high',
  fits: ({ soil }) => soil === 'clay',
  gross: (ctx, areaId, input) => byTable(ctx, areaId, input, toFourFive('clay-high', 'clay-high')),
};

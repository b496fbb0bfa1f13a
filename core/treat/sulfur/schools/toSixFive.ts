import { TO_SIX_FIVE_ROWS, TO_SIX_FIVE_SOILS } from '../../../tables/sulfur';
import { perAcreToPerThousand } from '../../../kernel/units/convert';
import { byTable, type SulfurTable } from './byTable';
import { isMild, type SulfurMethod } from './school';

function columnOf(soil: (typeof TO_SIX_FIVE_SOILS)[number]): SulfurTable<'lb/acre'> {
  return {
    id: 'to-six-five',
    rows: TO_SIX_FIVE_ROWS,
    column: TO_SIX_FIVE_SOILS.indexOf(soil) + 1,
    equation: `sulfur-to-6.5-${soil}`,
    soil,
    label: 'sulfur.toSixFive',
    source: 'western-handbook',
    unit: 'lb/acre',
    toRate: (q) => perAcreToPerThousand(q),
  };
}

/** The table that is made for targets of 6.5 and above. */
export const toSixFive: SulfurMethod = {
  id: 'to-six-five',
  fits: isMild,
  gross: (ctx, areaId, input) => byTable(ctx, areaId, input, columnOf(input.soil)),
};

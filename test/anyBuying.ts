import type { CaseFile } from '../core/casefile/casefile';
import { MATERIAL_KINDS, newMaterial, type OwnMaterial } from '../core/casefile/parts/material';
import type { Stock } from '../core/casefile/parts/stock';
import { Dice } from './dice';

function ownMaterialOf(dice: Dice, id: string, order: number): OwnMaterial {
  const typed = (good: string): string =>
    dice.chance(0.2) ? dice.one(['', '6.', 'x', '400']) : good;
  return {
    ...newMaterial(id, order, dice.one(MATERIAL_KINDS)),
    name: dice.one(['Old bag', '', '<b>', '{name}']),
    printed: {
      grade: typed(dice.one(['10-10-10', '0-0-50', '28-0-3', '4-3-3'])),
      percent: typed('90'),
      slowN: typed(''),
      bag: typed('40'),
      cup: typed('8'),
      labelRate: typed(''),
    },
    also: dice.chance(0.3) ? { Cl: '5', S: typed('10') } : {},
    flags: {
      organic: dice.one(['', 'yes', 'no']),
      pesticide: dice.one(['', '', 'yes']),
      retired: dice.one(['', '', 'yes']),
    },
  };
}

function stockOf(dice: Dice): Stock {
  const pack = (id: string) => ({
    id,
    pounds: dice.one(['', '5', '50', '0', 'x', '12.5']),
    price: dice.one(['', '7.50', '30', '-1', 'x', '0']),
  });
  return {
    onHand: dice.one(['', '0', '3', '25', 'x', '-2', '1e9']),
    had: dice.one(['', 'yes', 'no']),
    packs: Object.fromEntries(dice.some(['p1', 'p2', 'toString'], 0.4).map((id) => [id, pack(id)])),
  };
}

/** Own materials, what lies in sheds and shops, limits, and a best buy of what may be there no more. */
export function buyingOf(
  dice: Dice,
  areaIds: readonly string[],
  materialIds: readonly string[],
): Pick<CaseFile, 'materials' | 'stock' | 'buying' | 'bought'> {
  const own = dice.some(['m1', 'm2', 'm3'], 0.2);
  const ids = [...materialIds, ...own.map((id) => `own-${id}`), 'gone'];
  const amounts = areaIds.flatMap((areaId) =>
    dice.some(ids, 0.05).map((materialId) => ({
      areaId: dice.chance(0.05) ? 'gone' : areaId,
      materialId,
      pounds: dice.one([0, -1, 0.01, 2, 40, 1e6]),
    })),
  );
  const limit = (): string => dice.one(['', '', '0', '10', '6.', '200']);
  return {
    materials: Object.fromEntries(own.map((id, at) => [id, ownMaterialOf(dice, id, at)])),
    stock: Object.fromEntries(dice.some(ids, 0.06).map((id) => [id, stockOf(dice)])),
    buying: { short: limit(), over: limit(), products: limit(), trips: limit() },
    bought: {
      kind: dice.one(['', 'cheapest', 'organic']),
      madeFrom: 'before',
      amounts: Object.fromEntries(
        amounts.map((amount) => [`${amount.areaId}:${amount.materialId}`, amount]),
      ),
    },
  };
}

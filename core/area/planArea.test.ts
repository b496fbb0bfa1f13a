import { anyCase } from '../../test/anyCase';
import { areasOf } from '../casefile/casefile';
import { sliceOf } from '../casefile/slice';
import { SHIPPED_MATERIALS } from '../catalog/materials/materials';
import { NEWEST_PACKS, SHIPPED_PACK } from '../catalog/packs/shipped';
import { PlanContext } from '../kernel/working/context';
import type { Working } from '../kernel/working/working';
import { climateOf } from '../site/climate';
import { Survey } from '../site/ground/ground';
import { planArea } from './planArea';
import { vocabulariesOf } from './vocabularies';

/** A value without the scope in the ids of its figures. */
function unscoped(value: unknown): unknown {
  return JSON.parse(
    JSON.stringify(value, (_key, each: unknown) =>
      each instanceof Map ? [...(each as ReadonlyMap<string, unknown>)] : each,
    ).replaceAll('~again', ''),
  );
}

test('an area may be planned twice in one plan: the same figures under ids of their own', () => {
  for (let seed = 0; seed < 20; seed += 1) {
    const file = anyCase(seed);
    for (const area of areasOf(file)) {
      const ctx = new PlanContext();
      const by = { pack: SHIPPED_PACK, packs: NEWEST_PACKS, materials: SHIPPED_MATERIALS };
      const slice = sliceOf(
        file,
        area,
        vocabulariesOf(area, by.materials, by.pack, file.spreaders),
      );
      const ground = new Survey(new PlanContext(), file).ground(area);
      const input = {
        ...by,
        file: slice,
        area,
        ground,
        planFrom: ctx.date('', file.planFrom),
        climate: climateOf(ctx, file),
      };
      const first = planArea(ctx, input);
      const written = new Map<string, Working>(ctx.sheet.workings);
      const again = planArea(ctx.scoped('again'), input);
      expect(unscoped(again)).toEqual(unscoped(first));
      expect(ctx.sheet.workings.size).toBe(2 * written.size);
      for (const [id, working] of written) {
        expect(ctx.sheet.workings.get(id)).toBe(working);
        expect(unscoped(ctx.sheet.workings.get(`${id}~again`))).toEqual(unscoped(working));
      }
    }
  }
});

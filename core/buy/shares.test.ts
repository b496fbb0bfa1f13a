import { planCase } from '../plan/plan';
import { sharesOf } from '../treat/fertilizer/products';
import { PlanContext } from '../kernel/working/context';
import { valueOf, type Figure } from '../kernel/working/working';
import { NUTRIENTS } from '../catalog/nutrients';
import { anyCase } from '../../test/anyCase';
import { jobOf } from './job';

/** A job tells what a product holds in plain numbers; the sheet writes the same with its sums. They must not part. */
test('what a product holds is the same to the solver and on the sheet', () => {
  let held = 0;
  for (let seed = 0; seed < 60; seed += 1) {
    const file = anyCase(seed);
    const plan = planCase(file);
    for (const product of jobOf(file, plan.areas).products) {
      const { material } = product;
      const fertilizer = plan.areas
        .flatMap(({ treatments }) => treatments.fertilizer.fit)
        .find(({ id }) => id === material.id);
      if (!fertilizer) continue;
      const shares = sharesOf(new PlanContext(), 'x', fertilizer);
      for (const nutrient of NUTRIENTS) {
        const figure = shares[nutrient] as Figure | undefined;
        const onSheet = figure ? (valueOf(figure)?.value ?? NaN) : 0;
        expect(product.shares[nutrient]).toBeCloseTo(onSheet, 12);
        held += 1;
      }
    }
  }
  expect(held).toBeGreaterThan(150);
});

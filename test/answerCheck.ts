import type { Answer } from '../core/buy/answer';
import type { Job } from '../core/buy/job';

/** By how much a sum may be off: a solver's own tolerance, in lb. */
const OFF = 1e-3;

/**
 * What is wrong with an answer, told from the job alone: nothing of this knows how answers are found. Each piece of ground within least
 * and most, nothing that may not go on it, the packs enough and not one too many, no more products and trips than allowed.
 */
export function faultsOfAnswer(job: Job, answer: Answer): string[] {
  const faults: string[] = [];
  const productOf = (id: string) => job.products.find(({ material }) => material.id === id);
  for (const area of job.areas) {
    const sum = { N: 0, P2O5: 0, K2O: 0, usefulP: 0, quickN: 0, slowN: 0 };
    for (const { areaId, material, pounds } of answer.amounts) {
      if (areaId !== area.id) continue;
      const product = productOf(material.id);
      if (!product) {
        faults.push(`${material.id} cannot be had`);
        continue;
      }
      if (!area.fit.includes(material.id)) faults.push(`${material.id} may not go on ${area.id}`);
      if (pounds <= 0) faults.push(`${material.id}: ${pounds} lb`);
      sum.N += pounds * product.shares.N;
      sum.P2O5 += pounds * product.shares.P2O5;
      sum.K2O += pounds * product.shares.K2O;
      if (!area.idle.includes(material.id)) sum.usefulP += pounds * product.shares.P2O5;
      if (product.quick) sum.quickN += pounds * product.shares.N;
      else sum.slowN += pounds * product.shares.N;
    }
    const off = OFF * Math.max(1, area.thousands);
    for (const [name, has, least] of [
      ['N', sum.N, area.least.N],
      ['P2O5', sum.usefulP, area.least.P2O5],
      ['K2O', sum.K2O, area.least.K2O],
    ] as const) {
      if (has < least - off) faults.push(`${area.id}: ${has} lb ${name}, least ${least}`);
    }
    for (const name of ['N', 'P2O5', 'K2O'] as const) {
      if (sum[name] > area.most[name] + off) {
        faults.push(`${area.id}: ${sum[name]} lb ${name}, most ${area.most[name]}`);
      }
    }
    const trips = Math.max(
      sum.quickN / area.trip.quickN,
      sum.slowN / area.trip.slowN,
      area.trip.K2O === undefined ? 0 : sum.K2O / area.trip.K2O,
    );
    if (trips > answer.trips + OFF) faults.push(`${area.id}: ${trips} trips, said ${answer.trips}`);
  }
  if (answer.trips > job.mostTrips) faults.push(`${answer.trips} trips`);
  if (answer.products.length > job.mostProducts) faults.push(`${answer.products.length} products`);
  let cost = 0;
  for (const { material, pounds, packs, leftOver } of answer.products) {
    const product = productOf(material.id);
    const held = packs.reduce((sum, { pack, count }) => sum + pack.lb * count, 0);
    const there = (product?.onHand ?? 0) + held;
    if (pounds > 0.98 * there + OFF * 10) faults.push(`${material.id}: ${pounds} lb of ${there}`);
    if (Math.abs(there - pounds - leftOver) > OFF) faults.push(`${material.id}: ${leftOver} left`);
    for (const { pack, count } of packs) {
      if (!Number.isInteger(count) || count < 1) faults.push(`${count} packs`);
      if (!product?.packs.some(({ lb, usd }) => lb === pack.lb && usd === pack.usd)) {
        faults.push(`${material.id}: no pack of ${pack.lb} lb`);
      }
      cost += (pack.usd ?? NaN) * count;
    }
  }
  if (job.money && Math.abs(cost - (answer.cost ?? NaN)) > 0.005) {
    faults.push(`costs ${cost}, said ${String(answer.cost)}`);
  }
  return faults;
}

import { blankColumn } from '../../../core/casefile/parts/report';
import { sampleOf, newSample } from '../../../core/casefile/parts/sample';
import { newArea } from '../../../core/casefile/parts/area';
import { decisionKey, DECISIONS } from '../../../core/casefile/decisions';
import { nanoid } from 'nanoid';
import { areasOf, type CaseFile } from '../../../core/casefile/casefile';
import { PLANTS } from '../../../core/catalog/plants/plants';
import { own } from '../../../core/kernel/typed/own';
import type { Edit } from '../../../store/session';
import type { Json } from '../../../store/patch';
import { text } from '../../format/text';

/** What a sample is called: its own name, else its number in the case. */
export function sampleName(doc: CaseFile, sampleId: string): string {
  const name = own(doc.samples, sampleId)?.name.trim() ?? '';
  const number = Object.keys(doc.samples).indexOf(sampleId) + 1;
  return name === '' ? text('ground.sampleUnnamed', { n: number }) : name;
}

function asJson(value: unknown): Json {
  return value as Json;
}

/** The edits that put another piece of ground into the case, and its id. It shares the first sample. */
export function addGround(doc: CaseFile, plant: string): { id: string; edits: readonly Edit[] } {
  const id = nanoid(8);
  const situation = own(PLANTS, plant)?.form === 'lawn' ? 'established' : 'tilled';
  const before = areasOf(doc);
  const order = Math.max(0, ...before.map((area) => area.order)) + 1;
  const pace = before.at(-1)?.pace ?? '';
  const [sample] = Object.values(doc.samples);
  const shared = sample
    ? [{ path: `samples/${sample.id}/areaIds`, value: asJson([...sample.areaIds, id]) }]
    : [];
  return {
    id,
    edits: [
      { path: `areas/${id}`, value: asJson(newArea(id, order, { plant, situation }, pace)) },
      ...shared,
    ],
  };
}

function withoutArea(doc: CaseFile, areaId: string): Edit[] {
  return Object.values(doc.samples)
    .filter(({ areaIds }) => areaIds.includes(areaId))
    .map((sample) => ({
      path: `samples/${sample.id}/areaIds`,
      value: asJson(sample.areaIds.filter((each) => each !== areaId)),
    }));
}

/** The edits that take a piece of ground out of the case, with all that was decided for it. */
export function removeGround(doc: CaseFile, areaId: string): readonly Edit[] {
  const decisions = DECISIONS.map((what) => decisionKey(areaId, what))
    .filter((key) => own(doc.decisions, key))
    .map((key): Edit => ({ path: `decisions/${key}`, value: undefined }));
  const past = Object.values(doc.past)
    .filter((entry) => entry.areaId === areaId)
    .map(({ id }): Edit => ({ path: `past/${id}`, value: undefined }));
  return [
    { path: `areas/${areaId}`, value: undefined },
    ...withoutArea(doc, areaId),
    ...decisions,
    ...past,
  ];
}

/** The edits that let a sample speak for the ground: one of the case, a new one, or none. */
export function giveSample(doc: CaseFile, areaId: string, sampleId: string): readonly Edit[] {
  if (sampleOf(doc, areaId)?.id === sampleId) return [];
  const without = withoutArea(doc, areaId);
  if (sampleId === '') return without;
  const chosen = own(doc.samples, sampleId);
  if (chosen) {
    const areaIds = [...chosen.areaIds, areaId];
    return [...without, { path: `samples/${sampleId}/areaIds`, value: asJson(areaIds) }];
  }
  const id = nanoid(8);
  const results = Object.values(doc.reports)
    .filter(({ source }) => source === 'laboratory')
    .map((report): Edit => ({
      path: `reports/${report.id}/results/${id}`,
      value: asJson(blankColumn(report)),
    }));
  return [
    ...without,
    { path: `samples/${id}`, value: asJson(newSample(id, [areaId])) },
    ...results.slice(0, 1),
  ];
}

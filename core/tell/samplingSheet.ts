import { sampleOf } from '../casefile/parts/sample';
import { type CaseFile } from '../casefile/casefile';
import type { AreaPlan } from '../area/areaPlan';
import type { SlipBlock } from './slip/document';
import { msg } from '../kernel/messages/msg';

/** The client's sheet for one piece of ground: how many cores, how deep, and how to go about it. */
function groundBlocks(file: CaseFile, { area, plant, sampling }: AreaPlan): SlipBlock[] {
  const school = sampling.schools.find(({ chosen }) => chosen);
  if (!school) return [];
  const name = area.name.trim() === '' ? msg(`area.unnamed.${plant.form}`) : area.name.trim();
  const sample = sampleOf(file, area.id)?.name.trim() ?? '';
  const figures = {
    samples: { working: school.samples.id },
    cores: { working: school.coresEach.id },
    depth: { working: sampling.depth.id },
  };
  const sentences = [
    msg('sheet.core'),
    ...(sample === '' ? [] : [msg('sheet.name', { name: sample })]),
    ...(sampling.notBefore ? [msg('sheet.notBefore', { date: { date: sampling.notBefore } })] : []),
    ...sampling.how,
  ];
  return [
    { kind: 'heading', text: msg('sheet.ground', { name }) },
    { kind: 'lead', text: msg(`sheet.take.${school.id}`, figures) },
    ...sentences.map((text): SlipBlock => ({ kind: 'sentence', text })),
  ];
}

/** One page for the client: how to take the samples, and what to bring. */
export function samplingSheet(file: CaseFile, areas: readonly AreaPlan[]): SlipBlock[] {
  const sampled = areas.filter(({ area }) => sampleOf(file, area.id));
  return [
    ...sampled.flatMap((plan) => groundBlocks(file, plan)),
    { kind: 'heading', text: msg('sheet.bring') },
    ...(['bag', 'size', 'past', 'question'] as const).map((what): SlipBlock => ({
      kind: 'sentence',
      text: msg(`sheet.bring.${what}`),
    })),
  ];
}

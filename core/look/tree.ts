import type { PresentWorking, WorkingId } from '../kernel/working/working';
import type { Workings } from '../kernel/working/workings';

/** A step of a sum with the figures that it was made from. */
export interface Node {
  readonly working: PresentWorking;
  readonly inputs: readonly PresentWorking[];
}

/** Every step that a figure rests on, itself first; of a choice only what was chosen. */
export function stepsUnder(id: WorkingId, workings: Workings): readonly Node[] {
  const seen = new Set<WorkingId>();
  const nodes: Node[] = [];
  const visit = (at: WorkingId): void => {
    const working = workings.get(at);
    if (!working || 'absent' in working || seen.has(at)) return;
    seen.add(at);
    const ways = working.op === 'choose' ? working.inputs.slice(0, 1) : working.inputs;
    const inputs = ways.flatMap((each) => {
      const input = workings.get(each);
      return input && !('absent' in input) ? [input] : [];
    });
    nodes.push({ working, inputs });
    ways.forEach(visit);
  };
  visit(id);
  return nodes;
}

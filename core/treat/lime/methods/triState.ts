import {
  TRI_STATE_BUFFER,
  TRI_STATE_DEPTH_IN,
  TRI_STATE_LINES,
} from '../../../tables/lime/triState';
import { msg, type Msg } from '../../../kernel/messages/msg';
import { agriculturalLimestone } from '../basis';
import type { RequirementMethod } from '../method';
import { triState } from '../../../equations/lime/triState';

type Line = (typeof TRI_STATE_LINES)[number];

const TARGETS = TRI_STATE_LINES.map(({ target }) => target);
const [LOWEST, HIGHEST] = [Math.min(...TARGETS), Math.max(...TARGETS)];

/** The line for a target, its own or the next higher one; none under the first. */
function lineFor(target: number): Line | undefined {
  if (target < LOWEST - 1e-9) return undefined;
  return TRI_STATE_LINES.find((line) => line.target >= target - 1e-9);
}

function whyNot(bufferPh: number, line: Line | undefined): Msg | undefined {
  if (!line) return msg('absent.targetOutside', { min: LOWEST, max: HIGHEST });
  if (bufferPh > TRI_STATE_BUFFER.max) {
    return msg('absent.bufferUnresolvable', { top: TRI_STATE_BUFFER.max });
  }
  if (bufferPh < TRI_STATE_BUFFER.min) {
    return msg('absent.bufferOutside', { min: TRI_STATE_BUFFER.min });
  }
  return undefined;
}

/** The Tri-State 1995 lines: the SMP table's numbers as equations, the top target headed 6.8. */
export const TRI_STATE: RequirementMethod = {
  id: 'tri-state',
  source: 'e-2567',
  standing: 'recalled',
  soils: 'mineral',
  basis: agriculturalLimestone('e-2567'),
  depthIn: TRI_STATE_DEPTH_IN,
  targets: TARGETS,
  compute: (ctx, prefix, { readings, target }) => {
    const buffer = readings.bufferPh;
    const entry = { id: `${prefix}/line`, label: msg('lime.triStateLine') };
    if ('absent' in buffer) return ctx.sheet.absent(entry, msg('absent.noBuffer'), [buffer.id]);
    if ('absent' in target) return ctx.sheet.absent(entry, target.absent, [target.id]);
    const line = lineFor(target.value.value);
    const refused = whyNot(buffer.value.value, line);
    if (refused || !line) {
      return ctx.sheet.absent(entry, refused ?? msg('absent.noTarget'), [buffer.id, target.id]);
    }
    return ctx.sheet.equation(
      {
        id: entry.id,
        label: msg('lime.triStateTo', {
          column: line.target,
          intercept: line.intercept,
          slope: line.slope,
        }),
        source: 'e-2567',
        standing: 'recalled',
      },
      triState(line),
      [buffer],
    );
  },
};

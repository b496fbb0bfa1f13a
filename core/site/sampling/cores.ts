import { decisionKey } from '../../casefile/decisions';
import type { AreaSlice } from '../../casefile/slice';
import { CONFIDENCE, VARIATION, type Confidence, type Varied } from '../../tables/ground/sampling';
import { isOwn } from '../../kernel/typed/own';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { CORES } from '../../equations/ground/cores';

export type Cores = Figure<Quantity<'ratio', 'count'>>;

/** What a wanted precision is asked for: of what, how sure, and how many cores that takes. */
export interface Precision {
  readonly of: Varied;
  readonly confidence: Confidence;
  /** Absent until the error that may be made is typed. */
  readonly cores: Cores;
}

const ERROR = { min: 5, max: 100 };

function oneOf<K extends string>(
  value: string | undefined,
  known: Readonly<Record<K, unknown>>,
  usual: K,
): K {
  return value !== undefined && isOwn(known, value) ? value : usual;
}

/** The number of cores for a wanted precision, as the advisor asks for it. */
export function precisionOf(ctx: PlanContext, file: AreaSlice, areaId: string): Precision {
  const decided = (what: 'cores-for' | 'cores-confidence'): string | undefined =>
    file.decisions[what]?.value;
  const of = oneOf<Varied>(decided('cores-for'), VARIATION, 'p');
  const confidence = oneOf<Confidence>(decided('cores-confidence'), CONFIDENCE, '90');
  const prefix = `${areaId}/sampling/precision`;
  const at = `decisions/${decisionKey(areaId, 'cores-error')}/value`;
  const error = ctx.number(
    { id: `${prefix}/error`, label: msg('sampling.error'), at },
    file.decisions['cores-error']?.value ?? '',
    ERROR,
    '%',
    'share',
    'decided',
  );
  const entry = {
    id: `${prefix}/cores`,
    label: msg('sampling.coresFor'),
    source: 'cores-formula' as const,
  };
  // A plan is made at every key: what nobody asked for is not worked out.
  if ('absent' in error) {
    return { of, confidence, cores: ctx.sheet.absent(entry, error.absent, [error.id]) };
  }
  const t = ctx.constant(
    { id: `${prefix}/t`, label: msg('sampling.t', { confidence }), source: 'cores-formula' },
    CONFIDENCE[confidence],
    'ratio',
    'share',
  );
  const variation = ctx.constant(
    { id: `${prefix}/cv`, label: msg(`sampling.cv.${of}`), source: 'soil-variation' },
    VARIATION[of],
    '%',
    'share',
  );
  const cores = ctx.sheet.equation(entry, CORES, [t, variation, error]);
  return { of, confidence, cores };
}

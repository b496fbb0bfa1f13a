import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { pool, type Pool } from 'workerpool';
import type { UnitSystem } from '../../core/kernel/units/metric';
import { answerPlan, refusal, type PlanAnswer } from '../../files/planApi/answer';

/** So many cases wait at the most for a thread; one more is told to come again. */
const MOST_WAITING = 64;
/** Far more than any case takes that is worked out at all; a thread that needs longer is ended. */
const LONGEST_MS = 30_000;
const SCRIPT = path.join(process.cwd(), '.next', 'plan-worker.cjs');

let threads: Pool | undefined;

/** The threads of this server, one a core. None under `next dev` and in tests: there is nothing built to run in them. */
function planners(): Pool | undefined {
  if (process.env.NODE_ENV !== 'production' || !existsSync(SCRIPT)) return undefined;
  threads ??= pool(SCRIPT, { workerType: 'thread', maxWorkers: availableParallelism() });
  return threads;
}

/** How many cases wait for a thread just now. */
export function waiting(): number {
  return threads?.stats().pendingTasks ?? 0;
}

/** Whether one more case would wait for too long. */
export function busy(): boolean {
  return waiting() >= MOST_WAITING;
}

/** Works a case out beside the server; 503 where that takes beyond all measure. */
export async function planned(bytes: Uint8Array, units: UnitSystem): Promise<PlanAnswer> {
  try {
    const beside = planners();
    if (!beside) return answerPlan(bytes, units);
    return (await beside.exec('answerPlan', [bytes, units]).timeout(LONGEST_MS)) as PlanAnswer;
  } catch (error) {
    // Said without anything of the case.
    console.error(`plan: ${error instanceof Error ? error.name : 'a thread ended'}`);
    return refusal(503, 'could not be worked out just now');
  }
}

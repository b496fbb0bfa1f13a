import loadHighs from 'highs';
import { isWithin, toLp, type Model, type Solution, type Solve } from '../core/buy/model';

type Highs = Awaited<ReturnType<typeof loadHighs>>;

/** What takes longer on models of this kind than it saves: heuristics, cuts below the root, trial branching, starting anew. */
const PLAIN = {
  mip_heuristic_effort: 0,
  mip_allow_cut_separation_at_nodes: false,
  mip_detect_symmetry: false,
  mip_pscost_minreliable: 0,
  mip_allow_restart: false,
};

function solved(highs: Highs, model: Model, seconds: number): Solution {
  const { Status, Columns } = highs.solve(toLp(model), {
    // Without it a mixed-integer answer may be a hundredth from the best.
    mip_rel_gap: 0,
    time_limit: seconds,
    ...PLAIN,
  });
  if (Status === 'Infeasible' || Status === 'Primal infeasible or unbounded') {
    return { kind: 'infeasible' };
  }
  const values = model.variables.map((_variable, at) => {
    const column = Columns[`x${at}`];
    return column && 'Primal' in column ? column.Primal : NaN;
  });
  if (Status === 'Optimal') return { kind: 'optimal', values };
  const isPoint = Status === 'Time limit reached' && isWithin(model, values);
  return isPoint ? { kind: 'time-out', values } : { kind: 'none', why: Status };
}

/** HiGHS, compiled to WebAssembly: it is loaded when somebody asks for it, once. */
export async function loadSolver(): Promise<Solve> {
  const highs = await loadHighs();
  return (model, seconds) => {
    try {
      return Promise.resolve(solved(highs, model, seconds));
    } catch (error) {
      return Promise.resolve({ kind: 'none', why: String(error) });
    }
  };
}

import type { Highs } from 'highs';
import type { ProgrammeSolution, ProgrammeSolver } from '../core';

/** A programme with variables that are 0 or 1. */
const BINARY = /^Binary$/m;

/** HiGHS as the solver of blends. */
export function highsSolver(highs: Highs): ProgrammeSolver {
  const { optimal, timeLimit } = highs.constants.modelStatus;
  return (data, { seconds, gapShare }) =>
    highs.withModel({ format: 'lp', data }, (model): ProgrammeSolution => {
      model.options.set({
        time_limit: seconds,
        mip_rel_gap: gapShare,
        mip_abs_gap: 1e-6,
        output_flag: false,
      });
      model.run();
      const status = model.getModelStatus();
      const hasPlan = status === optimal || status === timeLimit;
      if (!hasPlan) return { status: 'infeasible', values: {}, boundKg: -Infinity };
      const found = model.getSolution().colValue;
      const values: Record<string, number> = {};
      for (let at = 0; at < found.length; at += 1) values[model.getColName(at)] = found[at] ?? 0;
      const isProven = status === optimal;
      const boundKg = BINARY.test(data)
        ? Number(model.info.get('mip_dual_bound'))
        : // A linear programme tells no bound: it is solved, or nothing is known.
          isProven
          ? model.getObjectiveValue()
          : Infinity;
      return { status: isProven ? 'optimal' : 'stopped', values, boundKg };
    });
}

import type { CaseFile } from '../casefile/casefile';
import { own } from '../kernel/typed/own';

/**
 * A case of what a sum knew: the ground, the results and the labels of its small case in one that the office begins with.
 * @param begun an empty case of the office, with an id of its own
 */
export function asCase(small: CaseFile, begun: CaseFile, title: string): CaseFile {
  const [report] = Object.values(begun.reports);
  const [told] = Object.values(small.reports);
  const reports =
    report && told
      ? {
          [report.id]: {
            ...report,
            results: Object.fromEntries(
              Object.entries(report.results).map(([sample, column]) => [
                sample,
                { ...column, ...own(told.results, sample) },
              ]),
            ),
          },
        }
      : begun.reports;
  const { areas, labels, loads, decisions } = small;
  return { ...begun, title, areas, labels, loads, decisions, reports };
}

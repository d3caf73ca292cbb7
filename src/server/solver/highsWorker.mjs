import { parentPort } from 'node:worker_threads';
import load from 'highs';

/** Solves one programme after the other: a file of its own, since a bundle has no threads. */
parentPort.on('message', async ({ id, text, seconds }) => {
  try {
    const solver = await load();
    const found = solver.solve(text, { time_limit: seconds, mip_rel_gap: 0, mip_abs_gap: 0, random_seed: 1, threads: 1 });
    const chosen = Object.entries(found.Columns).flatMap(([name, { Primal }]) => (Primal > 0.5 ? [Number(name.slice(1))] : []));
    // What can be had at most when it was stopped: the same without whole numbers.
    const isStopped = found.Status !== 'Optimal' && found.Status !== 'Infeasible';
    const relaxed = isStopped
      ? solver.solve(text.replace(/Binary[^]*End/, bounds(text)), { threads: 1 }).ObjectiveValue
      : found.ObjectiveValue;
    parentPort.postMessage({ id, status: found.Status, chosen, bound: relaxed });
  } catch (error) {
    parentPort.postMessage({ id, problem: error instanceof Error ? error.message : String(error) });
  }
});

/** The variables of the programme, each between 0 and 1. */
function bounds(text) {
  const names = /Binary\n([^]*)End/.exec(text)[1].trim().split(/\s+/);
  return `Bounds\n${names.map((name) => ` 0 <= ${name} <= 1`).join('\n')}\nEnd`;
}

import * as Comlink from 'comlink';
import type { AnalysisApi } from './analysis.worker';

/** The worker that computes odds and findings away from the screen. `close` ends it, and whatever it is computing. */
export interface AnalysisClient {
  readonly remote: Comlink.Remote<AnalysisApi>;
  close(): void;
}

export function openAnalysis(): AnalysisClient {
  const worker = new Worker(new URL('./analysis.worker.ts', import.meta.url), { type: 'module' });
  const remote = Comlink.wrap<AnalysisApi>(worker);
  return {
    remote,
    close: () => {
      remote[Comlink.releaseProxy]();
      worker.terminate();
    },
  };
}

import { atOnce } from '../src/core/base';
import { demoTree } from '../demo/demoTree';
import { KNOWING_QUESTION, ODDS_QUESTION } from '../src/core/odds/question';
import { findAdvice } from '../src/core/odds/derived/advice';
import { findCloseness } from '../src/core/odds/derived/closeness';
import { findUnanswered } from '../src/core/structure';
export async function main() {
  const t = demoTree();
  for (const q of [ODDS_QUESTION, KNOWING_QUESTION]) { const a = findAdvice(t, findUnanswered(t), q).slice(0, 10); const t0 = performance.now(); const m = findCloseness(t, a, q); console.log(performance.now() - t0, m!.alike); m!.spreads.forEach((s, i) => console.log(a[i]!.kind, (a[i]!.worth * 100).toFixed(2), (s.low * 100).toFixed(2), (s.high * 100).toFixed(2))); }
}

import { atOnce } from '../src/core/base';
import { demoTree } from '../demo/demoTree';
import { KNOWING_QUESTION, ODDS_QUESTION } from '../src/core/odds/question';
import { findLoads } from '../src/core/odds/derived/load';
import { findStrengths } from '../src/core/odds/derived/dilemmas';
import { findAdviceInPieces } from '../src/core/odds/derived/advice';
import { findDilemmas, findUnanswered } from '../src/core/structure';
import { randomTree } from '../tests/support/randomTree';
export async function main() {
  const t = demoTree(); const name = (id: string) => t.transitions.find((x) => x.id === id)!.name; const pos = (id: string) => t.positions.find((x) => x.id === id)!.name;
  for (const q of [ODDS_QUESTION, KNOWING_QUESTION]) {
    let t0 = performance.now();
    const l = findLoads(t, q); console.log('loads', performance.now() - t0);
    for (const x of l) console.log((x.load * 100).toFixed(2), x.kind === 'move' ? name(x.transition) : 'PLACE ' + pos(x.position) + ' ' + x.moves);
    t0 = performance.now();
    const a = atOnce(findAdviceInPieces(t, findUnanswered(t), q)); console.log('advice', performance.now() - t0, a.ranked);
    for (const x of a.items.slice(0, 14)) console.log((x.worth * 100).toFixed(2), x.kind, JSON.stringify({...x, worth: 0}));
  }
  const t0 = performance.now();
  const s = findStrengths(t, KNOWING_QUESTION); console.log('strengths', performance.now() - t0, s.length);
  const d = findDilemmas(t).dilemmas;
  for (const x of d) { const f = s.find((y) => y.position === x.position && [y.a, y.b].includes(x.a) && [y.a, y.b].includes(x.b)); console.log('structural', pos(x.position), name(x.a), '|', name(x.b), f && (f.strength * 100).toFixed(2), f?.alone.map((v) => v.toFixed(3)), f?.mix.map((v) => v.toFixed(2))); }
  for (const f of s.slice(0, 12)) console.log('pair', pos(f.position), name(f.a), '|', name(f.b), (f.strength * 100).toFixed(2), f.alone.map((v) => v.toFixed(3)), f.mix.map((v) => v.toFixed(2)));
  const big = randomTree(2, { positions: 1000, transitions: 3000 });
  let t1 = performance.now(); const al = atOnce(findAdviceInPieces(big, findUnanswered(big), ODDS_QUESTION)); console.log('advice 1000', performance.now() - t1, al.ranked);
  t1 = performance.now(); findLoads(big, ODDS_QUESTION); console.log('loads 1000', performance.now() - t1);
}

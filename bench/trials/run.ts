import { conflicts } from './conflicts';
import { mutations } from './mutations';
import { plugs } from './plugs';

const TRIALS = { plugs: () => plugs(100), conflicts: () => conflicts(1000), mutations: () => mutations(2000) } as const;

/** `npm run trials [-- plugs|conflicts|mutations …]`: what an enemy would try, against a running gym; exit code 1 if it gives. */
export async function main(names: readonly string[]): Promise<number> {
  let isGood = true;
  for (const [name, trial] of Object.entries(TRIALS)) {
    if (names.length > 0 && !names.includes(name)) continue;
    for (const { what, said, good } of await trial()) {
      console.log(`${good ? 'held' : 'GAVE'}  ${what}: ${said}`);
      isGood &&= good;
    }
  }
  return isGood ? 0 : 1;
}

import { boardFrames } from './browser';
import { classes } from './classes';
import { dictation } from './dictation';
import { firstRung } from './firstRung';
import { boardLayouts } from './layout';
import { keyPresses } from './keyPress';
import { gripEntry } from './gripEntry';
import { largeBoard } from './largeBoard';
import type { Row } from './measure';
import { odds } from './odds';
import { solvers } from './solvers';
import { sixtyClients } from './trials/clients';

type Part = () => Promise<Row[]> | Row[];
const CORE: Record<string, Part> = { layout: boardLayouts, solvers, odds, classes };
const SERVED: Record<string, Part> = {
  frames: boardFrames,
  firstRung,
  keyPresses,
  dictation,
  gripEntry,
  largeBoard,
  clients: sixtyClients,
};
const ALL = { ...CORE, ...SERVED };
const WIDTH = 76;

/**
 * `npm run bench [-- PART …]`: every figure of docs/benchmarks.md as it is found, or those of some parts; "core" is all that needs no
 * running server.
 */
export async function main(args: readonly string[]): Promise<number> {
  const unknown = args.find((name) => name !== 'core' && !Object.hasOwn(ALL, name));
  if (unknown !== undefined) {
    console.error(`There is no part "${unknown}": core, ${Object.keys(ALL).join(', ')}.`);
    return 2;
  }
  const names = args.length === 0 ? Object.keys(ALL) : args.flatMap((name) => (name === 'core' ? Object.keys(CORE) : [name]));
  for (const part of names.map((name) => ALL[name]!))
    for (const { what, measured, wanted } of await part())
      console.log(`${what.padEnd(WIDTH)}  ${measured.padStart(14)}   wanted ${wanted}`);
  return 0;
}

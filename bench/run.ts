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

const CORE: readonly (() => Promise<Row[]> | Row[])[] = [boardLayouts, solvers, odds, classes];
const SERVED: typeof CORE = [boardFrames, firstRung, keyPresses, dictation, gripEntry, largeBoard, sixtyClients];
const WIDTH = 76;

/** `npm run bench [-- core]`: every figure of docs/benchmarks.md as it is found; "core" leaves out what needs a running server. */
export async function main(args: readonly string[]): Promise<number> {
  for (const part of args.includes('core') ? CORE : [...CORE, ...SERVED])
    for (const { what, measured, wanted } of await part())
      console.log(`${what.padEnd(WIDTH)}  ${measured.padStart(14)}   wanted ${wanted}`);
  return 0;
}

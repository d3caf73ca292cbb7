import { boardFrames } from './browser';
import { dictation } from './dictation';
import { firstRung } from './firstRung';
import { boardLayouts } from './layout';
import { keyPresses } from './keyPress';
import { gripEntry } from './gripEntry';
import { largeBoard } from './largeBoard';
import { solvers } from './solvers';
import { sixtyClients } from './trials/clients';

/** `npm run bench [-- core]`: every figure of docs/benchmarks.md; "core" leaves out what needs a running server. */
export async function main(args: readonly string[]): Promise<number> {
  const rows = [
    ...(await boardLayouts()),
    ...solvers(),
    ...(args.includes('core')
      ? []
      : [
          ...(await boardFrames()),
          ...(await firstRung()),
          ...(await keyPresses()),
          ...(await dictation()),
          ...(await gripEntry()),
          ...(await largeBoard()),
          ...(await sixtyClients()),
        ]),
  ];
  const width = Math.max(...rows.map((row) => row.what.length));
  for (const row of rows) console.log(`${row.what.padEnd(width)}  ${row.measured.padStart(14)}   wanted ${row.wanted}`);
  return 0;
}

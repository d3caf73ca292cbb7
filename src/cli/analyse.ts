import { analysisOf } from './analysis';
import { complain, readTree } from './readTree';

const USAGE = 'Usage: npm run -s analyse -- FILE [--round SECONDS] [--routes N] [--cycles N]';

interface Arguments {
  readonly file: string;
  readonly roundSeconds: number;
  readonly routes: number;
  readonly cycles: number;
}

const FLAGS = { '--round': ['roundSeconds', 3600], '--routes': ['routes', 1_000_000], '--cycles': ['cycles', 1_000_000] } as const;

function parseArguments(args: readonly string[]): Arguments | string {
  const numbers = { roundSeconds: 300, routes: 10_000, cycles: 10_000 };
  const files: string[] = [];
  for (let i = 0; i < args.length; i++) {
    const arg = args[i]!;
    const flag = FLAGS[arg as keyof typeof FLAGS];
    if (!flag) {
      if (arg.startsWith('--')) return `"${arg}" is not known. ${USAGE}`;
      files.push(arg);
      continue;
    }
    const given = Number(args[++i]);
    if (!Number.isInteger(given) || given < 1 || given > flag[1]) return `${arg} needs a whole number from 1 to ${flag[1]}.`;
    numbers[flag[0]] = given;
  }
  const [file] = files;
  return file !== undefined && files.length === 1 ? { file, ...numbers } : USAGE;
}

/** `npm run -s analyse -- FILE`: one JSON object on standard output (docs/tree-file.md). */
export async function main(args: readonly string[]): Promise<number> {
  const parsed = parseArguments(args);
  if (typeof parsed === 'string') return complain([parsed]);
  const tree = await readTree(parsed.file);
  if (!tree.ok) return complain(tree.error);
  process.stdout.write(`${JSON.stringify(analysisOf(tree.value, parsed), null, 2)}\n`);
  return 0;
}

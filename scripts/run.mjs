// Runs a TypeScript entry of this project on plain Node: node scripts/run.mjs FILE [arguments]
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { runnerImport } from 'vite';

const root = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const [file, ...args] = process.argv.slice(2);
const { module } = await runnerImport(path.resolve(root, file), {
  root,
  configFile: false,
  logLevel: 'error',
  resolve: { alias: { '@': path.join(root, 'src') } },
});
process.exitCode = (await module.main(args)) ?? 0;

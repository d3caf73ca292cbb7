// Checks the import rules of .dependency-cruiser.cjs, and that there was something to check.
import { execFileSync } from 'node:child_process';

let report;
try {
  report = JSON.parse(
    execFileSync(process.execPath, ['node_modules/dependency-cruiser/bin/dependency-cruise.mjs', '--output-type', 'json', 'src', 'demo'], {
      maxBuffer: 1 << 28,
    }).toString(),
  );
} catch (error) {
  report = JSON.parse(error.stdout.toString());
}
const { totalCruised, violations } = report.summary;
for (const { rule, from, to } of violations) console.error(`${rule.name}: ${from} -> ${to}`);
console.log(`${totalCruised} modules, ${violations.length} broken import rules`);
// With a TypeScript it does not know, the tool cruises nothing and calls that a success.
process.exitCode = violations.length > 0 || totalCruised < 50 ? 1 : 0;

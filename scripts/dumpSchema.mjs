import { execFileSync } from 'node:child_process';
import { readdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

/** The schema of a database as plain SQL, without what differs between servers. */
export function dumpSchema(url) {
  const version = readdirSync('/usr/lib/postgresql')
    .sort((a, b) => a - b)
    .at(-1);
  const text = execFileSync(`/usr/lib/postgresql/${version}/bin/pg_dump`, [
    '--schema-only',
    '--no-owner',
    '--no-privileges',
    url,
  ]).toString();
  const lines = text.split('\n').filter((line) => !/^(--|\\(un)?restrict|SET |SELECT pg_catalog)/.test(line));
  return `${lines
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n`;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) writeFileSync('db/schema.sql', dumpSchema(process.env.DATABASE_URL));

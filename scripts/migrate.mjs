// Plain-SQL migrations: db/migrations/NNNN_verb_noun.sql, each in one transaction, checksummed, under an advisory lock.
import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import postgres from 'postgres';

const LOCK = 431_001;
const DIR = path.join(path.dirname(fileURLToPath(import.meta.url)), '..', 'db', 'migrations');

/** Applies what is missing to the database at `url`; resolves to the names applied; an edited applied file is refused. */
export async function migrate(url, dir = DIR) {
  const sql = postgres(url, { max: 1, onnotice: () => {} });
  const done = [];
  try {
    await sql`select pg_advisory_lock(${LOCK})`;
    await sql`create table if not exists schema_migrations (name text primary key, sha256 text not null, applied_at timestamptz not null default now())`;
    const applied = new Map((await sql`select name, sha256 from schema_migrations`).map((row) => [row.name, row.sha256]));
    const files = (await readdir(dir)).filter((file) => /^\d{4}_[a-z0-9_]+\.sql$/.test(file)).sort();
    for (const file of files) {
      const text = await readFile(path.join(dir, file), 'utf8');
      const sha256 = createHash('sha256').update(text).digest('hex');
      if (applied.has(file)) {
        if (applied.get(file) !== sha256) throw new Error(`migration ${file} was changed after it was applied`);
        continue;
      }
      await sql.begin(async (tx) => {
        await tx.unsafe(text); // simple protocol: several statements in one file
        await tx`insert into schema_migrations (name, sha256) values (${file}, ${sha256})`;
      });
      done.push(file);
    }
  } finally {
    await sql.end({ timeout: 5 });
  }
  return done;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set');
  console.log('applied:', (await migrate(url)).join(', ') || 'nothing');
}

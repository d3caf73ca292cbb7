import postgres from 'postgres';
import { getEnv } from '../env';

export type Db = postgres.Sql;

/** A pool with the project's conventions: columns in camelCase, `date` kept as text, nothing else transformed. */
export function connect(url: string, max = 10): Db {
  return postgres(url, {
    max,
    idle_timeout: 30,
    connect_timeout: 10,
    // What waits longer than this waits for something that is stuck: better a sentence than a pool full of waiting.
    connection: { lock_timeout: 4_000, statement_timeout: 20_000, idle_in_transaction_session_timeout: 20_000 },
    onnotice: () => {},
    transform: { column: { from: postgres.toCamel }, undefined: null },
    types: { date: { to: 1082, from: [1082], serialize: (value: string) => value, parse: (value: string) => value } },
  }) as unknown as Db;
}

declare global {
  // One pool per process, also across the reloads of a development server.
  var redLadderDb: Db | undefined;
}

/** The process's pool, made at first use so that building needs no database. */
export const getDb = (): Db => (globalThis.redLadderDb ??= connect(getEnv().DATABASE_URL));

/** Runs the work in one transaction: all of it or nothing. */
export const inTransaction = <T>(db: Db, work: (tx: Db) => Promise<T>): Promise<T> =>
  db.begin((transaction) => work(transaction as unknown as Db)) as Promise<T>;

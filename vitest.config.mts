import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** No test fails because a machine is slow: the limits end what hangs. */
const patient = { environment: 'node', testTimeout: 60_000, hookTimeout: 60_000 } as const;
const slow = { ...patient, pool: 'forks' } as const;

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    projects: [
      { extends: true, test: { ...patient, name: 'unit', include: ['src/**/*.test.ts', 'demo/**/*.test.ts'] } },
      {
        extends: true,
        test: {
          ...slow,
          name: 'db',
          include: ['tests/db/**/*.test.ts'],
          globalSetup: ['tests/db/globalSetup.ts'],
          maxWorkers: 2,
          sequence: { groupOrder: 1 },
        },
      },
      {
        extends: true,
        test: {
          ...slow,
          name: 'e2e',
          include: ['tests/e2e/**/*.test.ts'],
          maxWorkers: 1,
          fileParallelism: false,
          sequence: { groupOrder: 2 },
          testTimeout: 180_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
});

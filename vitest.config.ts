import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      { test: { name: 'core', include: ['core/src/**/*.test.ts', 'knowledge/src/**/*.test.ts'], testTimeout: 60_000 } },
      {
        resolve: { alias: { '@': new URL('./web/src', import.meta.url).pathname } },
        test: {
          name: 'server',
          env: { ROSE_LOG: 'silent' },
          include: ['web/src/**/*.test.ts', 'bin/**/*.test.ts'],
          globalSetup: ['web/src/server/testing/cluster.ts'],
          testTimeout: 60_000,
          hookTimeout: 120_000,
          fileParallelism: true,
        },
      },
      {
        test: {
          name: 'journeys',
          include: ['e2e/**/*.test.ts'],
          globalSetup: ['e2e/application.ts'],
          testTimeout: 240_000,
          hookTimeout: 600_000,
          fileParallelism: false,
        },
      },
    ],
  },
});

import { defineConfig } from 'vitest/config';

const server = {
  env: { ROSE_LOG: 'silent', ROSE_COMPUTE: 'here' },
  globalSetup: ['web/src/server/testing/cluster.ts'],
  testTimeout: 60_000,
  hookTimeout: 120_000,
};
export default defineConfig({
  resolve: { alias: { '@': new URL('./web/src', import.meta.url).pathname } },
  test: {
    projects: [
      // Pure functions share nothing that a file could spoil for the next: one process has them all.
      { test: { name: 'core', include: ['core/src/**/*.test.ts', 'knowledge/{src,corpus,shipped}/**/*.test.ts'], testTimeout: 60_000, isolate: false } },
      // Each file has a database of its own and puts back what it set in the environment: the application is read once for all.
      { extends: true, test: { ...server, name: 'server', include: ['web/src/**/*.test.ts'], isolate: false } },
      { test: { ...server, name: 'scripts', include: ['bin/**/*.test.ts'] } },
      {
        test: {
          name: 'journeys',
          include: ['e2e/**/*.test.ts'],
          globalSetup: ['e2e/application.ts'],
          testTimeout: 480_000,
          hookTimeout: 600_000,
          fileParallelism: false,
        },
      },
    ],
  },
});

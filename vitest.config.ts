import { defineConfig } from 'vitest/config'
import { availableParallelism } from 'node:os'
import path from 'node:path'

export default defineConfig({
  resolve: { alias: { '@': path.resolve(import.meta.dirname, 'src') } },
  test: {
    // All cores; in processes, since threads of one process hear each other's broadcasts as tabs of one browser do.
    maxWorkers: availableParallelism(),
    // A slow moment of the machine is no fault: what is waited for has half a minute.
    expect: { poll: { timeout: 30_000 } },
    projects: [
      {
        extends: true,
        // One process reads what is tested once, and plans each job of the demo machines once.
        test: { name: 'unit', include: ['src/**/*.test.ts', 'src/**/*.test.tsx'], isolate: false, testTimeout: 60_000 },
      },
      {
        extends: true,
        test: {
          name: 'database',
          include: ['tests/*.test.ts'],
          fileParallelism: false,
          isolate: false,
          testTimeout: 60_000,
          hookTimeout: 60_000,
        },
      },
      {
        extends: true,
        // These put something of their own in a module’s place, so each reads all modules anew.
        test: { name: 'apart', include: ['tests/apart/*.test.ts'], fileParallelism: false, testTimeout: 60_000, hookTimeout: 60_000 },
      },
      {
        extends: true,
        test: { name: 'start', include: ['tests/start/*.test.ts'], fileParallelism: false, testTimeout: 120_000, hookTimeout: 60_000 },
      },
    ],
  },
})

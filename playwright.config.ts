import { defineConfig } from '@playwright/test'
import { launched } from './scripts/lib/chromium.mjs'

/** Each worker has an app and a database of its own; the list of them comes from `npm test`. */
const benches = JSON.parse(process.env['BENCHES'] ?? '[]') as readonly { readonly url: string }[]

export default defineConfig({
  testDir: 'e2e',
  // The walk with marked words has a build of its own: `npm run proof words`.
  testIgnore: process.env['MARKED_URL'] ? [] : ['words.spec.ts'],
  timeout: 90_000,
  expect: { timeout: 20_000 },
  workers: Math.max(1, benches.length),
  fullyParallel: false,
  reporter: [['list'], ['json']],
  use: {
    baseURL: benches[Number(process.env['TEST_PARALLEL_INDEX'] ?? 0)]?.url ?? 'http://127.0.0.1:4310',
    viewport: { width: 1280, height: 800 },
    trace: 'off',
    // Keeping every file for later takes half of a test's time: those that lose the network allow it.
    serviceWorkers: 'block',
    launchOptions: launched(),
  },
})

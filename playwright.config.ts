import { defineConfig } from '@playwright/test'
import { CHROMIUM_ARGS } from './scripts/lib/chromium.mjs'

export default defineConfig({
  testDir: 'e2e',
  timeout: 90_000,
  expect: { timeout: 20_000 },
  workers: 1,
  fullyParallel: false,
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env['BASE_URL'] ?? 'http://127.0.0.1:4310',
    viewport: { width: 1280, height: 800 },
    trace: 'off',
    launchOptions: { executablePath: '/usr/bin/chromium', chromiumSandbox: false, args: CHROMIUM_ARGS },
  },
})

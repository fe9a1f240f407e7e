import { expect, test } from '@playwright/test'
import { panelled } from '../tests/panelled'
import { card, signIn, step, title } from './bench'

test.use({ serviceWorkers: 'allow' })

test('a plan of 600 steps is stored, opens without a network, and goes on', async ({ page, context }) => {
  test.setTimeout(120_000)
  await signIn(page, 'Ines')
  await page.goto('/machines')
  const told = page.getByRole('region', { name: 'Put in a machine file' })
  await page.getByLabel('A machine file', { exact: true }).setInputFiles({
    name: 'panelled.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...panelled(), name: 'Panelled' })),
  })
  await told.getByRole('button', { name: 'Put it in' }).click({ timeout: 60_000 })
  await expect(told.getByRole('link', { name: 'Look at it' })).toBeVisible()
  await page.goto('/take-in')
  await page.getByRole('radio', { name: /^Panelled/ }).check()
  await page.getByLabel('What does it do?').fill('rattles')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await expect(page.getByRole('heading', { name: 'Which job?' })).toBeVisible()
  await page.getByRole('radio', { name: 'all panels', exact: true }).check()
  await page.getByLabel('Why it stays on').fill('nothing electric is near', { timeout: 60_000 })
  await expect(page.getByRole('button', { name: 'Start down' })).toBeEnabled()
  await page.getByRole('button', { name: 'Start down' }).click()
  await expect(card(page).getByText('Step 1 of 300')).toBeVisible()
  expect(await title(page)).toMatch(/panel \d+/i)
  await step(page)
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await expect
    .poll(() => page.evaluate(async () => (await (await caches.open('nailsmith-pages')).keys()).some((k) => k.url.includes('/jobs/'))))
    .toBe(true)
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  await context.setOffline(true)
  await page.reload()
  await expect(card(page).getByText('Step 2 of 300')).toBeVisible()
  expect(await title(page)).toMatch(/panel \d+/i)
  await step(page)
  await expect(card(page).getByText('Step 3 of 300')).toBeVisible()
  await context.setOffline(false)
})

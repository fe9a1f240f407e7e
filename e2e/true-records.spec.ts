import { expect, test } from '@playwright/test'
import { card, journal, keptForOffline, later, server, signIn, step, stepUntil, title } from './bench'

test.use({ serviceWorkers: 'allow' })

/** The device's clock can be put from within: every page of the test reads it with this added. */
const SHIFTED = () => {
  const real = Date.now.bind(Date)
  Date.now = () => real() + Number(localStorage.getItem('test-shift') ?? 0)
}

test.afterEach(({ request }) => server(request, 'start'))

test('the tractor’s ten minutes are not passed in a second, over a reload, offline or by a changed clock', async ({ page, request }) => {
  test.setTimeout(150_000)
  await page.addInitScript(SHIFTED)
  await signIn(page, 'Ines')
  await page.goto('/take-in')
  await page.getByRole('radio', { name: /^Heron/ }).check()
  await page.getByLabel('Which one').fill('slip 9')
  await page.getByLabel('What does it do?').fill('cuts out')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await page.getByRole('button', { name: 'None of them: sound' }).click()
  await page.getByRole('radio', { name: 'inspect connections', exact: true }).check()
  await page.getByRole('button', { name: 'Start down' }).click()
  const jobId = new URL(page.url()).pathname.split('/').at(-1)!
  await stepUntil(page, /Lever up, pull the service plug/)
  await card(page).getByRole('button', { name: 'I am qualified, I make it safe' }).click()
  await stepUntil(page, 'Wait 10 minutes: capacitors')
  await card(page)
    .getByLabel(/Minutes on the maker’s label/)
    .fill('12')
  await card(page).getByRole('button', { name: 'It waits from now' }).click()
  // What needs no wait is done meanwhile; the lid is shut.
  await stepUntil(page, /Loosen 8 captive lid screws/)
  const shut = async (): Promise<void> => {
    await expect(card(page).getByText(/“Wait 10 minutes: capacitors” still runs: 1[12] min/)).toBeVisible({ timeout: 15_000 })
    await expect(card(page).locator('button.bg-copper')).toHaveCount(0)
  }
  await shut()
  await page.evaluate(() => localStorage.setItem('test-shift', String(3_600_000)))
  await page.reload()
  await shut()
  await keptForOffline(page)
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  await server(request, 'stop')
  await page.evaluate(() => localStorage.setItem('test-shift', String(7_200_000)))
  await page.reload()
  await shut()
  await server(request, 'start')
  // The server says the time: then it is over.
  await later(request, 13)
  await expect(card(page).locator('button.bg-copper')).toBeVisible({ timeout: 40_000 })
  expect(await title(page)).toMatch(/Loosen 8 captive lid screws/)
  await step(page)
  await expect.poll(async () => (await journal(page, jobId)).slice(-2).map((e) => e.kind)).toEqual(['wait-ended', 'step-done'])
})

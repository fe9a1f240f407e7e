import { expect, type Page, test } from '@playwright/test'
import { card, chooseJob, clean, journal, readings, signIn, step, stepUntil, takeInDunlin, title } from './bench'

test('keyboard and pedal do the present step, and never pass a reading, a check or a hazard', async ({ page }) => {
  await signIn(page, 'Ines')
  const jobId = await takeInDunlin(page, 'pedal')
  await chooseJob(page, 'inspect connections')
  await page.locator('h1').click()
  await page.keyboard.press('Space')
  await expect(page.getByRole('heading', { level: 2, name: 'Undo 14 deck screws' })).toBeVisible()
  // Two presses within 400 ms are one.
  await page.waitForFunction((from) => performance.now() - from > 450, await page.evaluate(() => performance.now()))
  await page.evaluate(() => {
    for (let i = 0; i < 2; i++) window.dispatchEvent(new KeyboardEvent('keydown', { key: 'PageDown', bubbles: true, cancelable: true }))
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'PageDown', bubbles: true, cancelable: true, repeat: true }))
  })
  await expect(page.getByRole('heading', { level: 2, name: 'Lift the lid, keep the seal flat' })).toBeVisible()
  await page.waitForFunction((from) => performance.now() - from > 450, await page.evaluate(() => performance.now()))
  await page.keyboard.press('Shift+Space')
  await expect(page.getByRole('heading', { level: 2, name: 'Undo 14 deck screws' })).toBeVisible()
  await expect(page.getByText('nothing loose')).toBeHidden()
  await step(page)
  await step(page)
  // Unplugging the pack is a hazard: a key does not pass it.
  expect(await title(page)).toBe('Unplug the pack, cap its plug')
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  const count = (await journal(page, jobId)).length
  for (const key of ['PageDown', 'Space']) {
    await page.waitForFunction((from) => performance.now() - from > 450, await page.evaluate(() => performance.now()))
    await page.locator('h1').click()
    await page.keyboard.press(key)
  }
  expect(await title(page)).toBe('Unplug the pack, cap its plug')
  expect(await journal(page, jobId)).toHaveLength(count)
  await step(page)
  expect(await title(page)).toBe('Prove dead, both feeds')
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  const unplugged = (await journal(page, jobId)).length
  await page.locator('h1').click()
  await page.keyboard.press('PageDown')
  await expect(page.getByRole('dialog')).toBeHidden()
  expect(await journal(page, jobId)).toHaveLength(unplugged)
  // Single keys: on while nothing is typed, off while typing.
  await page.keyboard.press('l')
  await page.getByRole('dialog').getByLabel('Line').fill('l')
  await page.getByRole('dialog').getByLabel('Line').press('g')
  await expect(page.getByRole('dialog')).toHaveCount(1)
  await page.keyboard.press('Escape')
  await page.keyboard.press('g')
  await expect(page.getByRole('dialog', { name: 'Go to a stage' })).toBeVisible()
})

test('a reading that is not dead is logged, and wiring stays shut', async ({ page }) => {
  await signIn(page, 'Tobias')
  await takeInDunlin(page, 'not dead')
  await chooseJob(page, 'front motor')
  await stepUntil(page, 'Prove dead, both feeds')
  await card(page).getByRole('button', { name: 'Enter the readings' }).click()
  const sheet = page.getByRole('dialog')
  await sheet.getByLabel('Meter, checked').selectOption({ label: 'meter 1' })
  const box = sheet.locator('input[inputmode="decimal"]')
  await box.fill('54,2')
  await sheet.getByRole('tab', { name: /front/ }).click()
  await box.fill('abc')
  await sheet.getByRole('tab', { name: /rear/ }).click()
  await box.fill('1e9')
  await sheet.getByRole('button', { name: 'Log this proof' }).click()
  await expect(sheet.getByText('“abc” is not a voltage.')).toBeVisible()
  await box.fill('47,5')
  await sheet.getByRole('tab', { name: /rear/ }).click()
  await box.fill('0')
  await sheet.getByRole('button', { name: 'Log this proof' }).click()
  await expect(sheet.getByText(/47.5 V at the front controller feed, \+ and −: not dead/)).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: /^Unplug the front 6-pin/ }).click()
  await expect(card(page).getByText('dead to be shown')).toBeVisible()
  await expect(card(page).locator('button.bg-copper')).toHaveCount(0)
  await card(page).getByRole('button', { name: 'Isolate it and show it dead' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Prove it dead' }).click()
  await readings(page, ['0.3', '0'])
  await expect(page.getByText('● PACK OUT')).toBeVisible()
})

/** axe on each sheet as it opens; Escape shuts it. */
async function cleanSheets(page: Page, sheets: readonly (readonly [string, () => Promise<unknown>])[]): Promise<void> {
  for (const [name, open] of sheets) {
    await open()
    await expect(page.getByRole('dialog').locator('button, li, p, tr').nth(1)).toBeVisible()
    await clean(page, `sheet ${name}`)
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
  }
}

test('axe finds nothing on any screen, by day and by night, on tablet and phone', async ({ page }) => {
  test.setTimeout(300_000)
  await page.goto('/sign-in')
  await clean(page, 'sign-in')
  await page.goto('/nowhere')
  await clean(page, 'not found')
  await signIn(page, 'Ines')
  const jobs = await page
    .getByRole('listitem')
    .getByRole('link')
    .evaluateAll((links) => links.map((a) => [a.textContent ?? '', a.getAttribute('href') ?? ''] as const))
  const named = (text: string): string => jobs.find(([name]) => name.includes(text))![1]
  const screens: [string, string][] = [
    ['stands', '/'],
    ['take in', '/take-in'],
    ['people', '/people'],
    ['instruments', '/instruments'],
    ['guided measurements', '/procedures'],
    ['intake', named('no. 7')],
    ['fault', `${named('no. 7')}?stage=find-the-fault`],
    ['down', named('no. 3')],
    ['up', named('no. 11')],
    ['swap', `${named('no. 3')}?stage=swap`],
    ['prove', named('no. 5')],
    ['hand back', named('no. 9')],
    ['no file', named('delivery trike')],
  ]
  for (const [name, url] of screens) {
    await page.goto(url)
    await expect(page.locator('#main h1, #main h2').last()).toBeVisible()
    await clean(page, `${name}, day`)
    await page.setViewportSize({ width: 390, height: 844 })
    const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    expect(wide, `${name} scrolls sideways on a phone`).toBeLessThanOrEqual(0)
    await clean(page, `${name}, phone`, 'shape')
    await page.setViewportSize({ width: 1280, height: 800 })
  }
  await page.getByRole('button', { name: 'Night colours' }).click()
  for (const [name, url] of screens) {
    await page.goto(url)
    await expect(page.locator('#main h1, #main h2').last()).toBeVisible()
    // At night it is the same page in other colours.
    await clean(page, `${name}, night`, 'colours')
  }
  await page.goto(named('no. 3'))
  await expect(card(page)).toBeVisible()
  const sheets: [string, () => Promise<unknown>][] = [
    ['power', () => page.getByRole('button', { name: /PACK OUT/ }).click()],
    ['different', () => card(page).getByRole('button', { name: 'Different' }).click()],
    ['left', () => card(page).getByRole('button', { name: 'Left on, why' }).click()],
    [
      'line',
      () =>
        card(page)
          .getByRole('button', { name: /Log line/ })
          .click(),
    ],
    [
      'journal',
      () =>
        card(page)
          .getByRole('button', { name: /^Journal/ })
          .click(),
    ],
    ['keys', () => card(page).getByRole('button', { name: 'Keys' }).click()],
    ['park', () => card(page).getByRole('button', { name: 'Park it' }).click()],
  ]
  await cleanSheets(page, sheets)
  await page.goto(named('no. 2'))
  await expect(card(page).getByText(/^Next best test/)).toBeVisible()
  await cleanSheets(page, [
    ['test in figures', () => page.getByRole('listitem').filter({ hasText: 'Pack under load' }).getByRole('button').click()],
    ['test in words', () => page.getByRole('listitem').filter({ hasText: 'Wiggle the lead' }).getByRole('button').click()],
    ['cannot', () => card(page).getByRole('button', { name: 'Can’t do this one' }).click()],
    ['call', () => card(page).getByRole('button', { name: 'Stop measuring: call it' }).click()],
    ['reading', () => page.getByRole('button', { name: /^Another reading/ }).click()],
  ])
  await page.goto(named('no. 5'))
  await cleanSheets(page, [['ride', () => page.getByRole('button', { name: 'Back from the ride' }).click()]])
  await page.goto(named('no. 7'))
  await page.getByRole('radio', { name: 'front motor', exact: true }).check()
  await cleanSheets(page, [
    ['compare', () => card(page).getByRole('button', { name: 'Compare it' }).click()],
    ['delivery', () => card(page).getByRole('button', { name: 'Count it' }).click()],
  ])
})

import { expect, test } from '@playwright/test'
import {
  card,
  chooseJob,
  journal,
  keptForOffline,
  later,
  ride,
  server,
  signIn,
  step,
  stepUntil,
  takeInDunlin,
  takePicture,
  title,
} from './bench'

test.use({ serviceWorkers: 'allow' })

/** The device's clock can be moved on from within: every page of the test reads it with this added. */
const SHIFTED = () => {
  const real = Date.now.bind(Date)
  Date.now = () => real() + Number(localStorage.getItem('test-shift') ?? 0)
}

test.afterEach(({ request }) => server(request, 'start'))

test('down to the motor and back up, with a reload at every stage, a server killed, and the network lost in the middle', async ({
  page,
  request,
}) => {
  test.setTimeout(300_000)
  await page.addInitScript(SHIFTED)
  await signIn(page, 'Ines')
  const jobId = await takeInDunlin(page, 'whole run')
  await page.reload()
  await expect(page.getByText('“jerks and won’t start off”')).toBeVisible()
  await chooseJob(page, 'front motor')

  // Down. The server dies under the hand, and the work goes on.
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Peel the grip mat' })).toBeVisible()
  const down = [await step(page), await step(page), await step(page)]
  await server(request, 'kill')
  down.push(await step(page), await step(page))
  await expect(page.getByText(/No connection/)).toBeVisible()
  await server(request, 'start')
  await expect(page.getByText(/not sent yet/)).toBeHidden({ timeout: 30_000 })
  down.push(...(await stepUntil(page, 'Old and new side by side')))
  expect(down).toContain('Prove dead, both feeds')
  expect(down).toContain('Undo the right nut, cold first')
  await expect(page.getByText('● PACK OUT')).toBeVisible()
  await page.reload()
  expect(await title(page)).toBe('Old and new side by side')

  // Swap.
  await step(page)
  await page.reload()
  await page.getByLabel('Old front motor, serial').fill('DF-2210-118')
  await page.getByLabel('New, serial').fill('DF-2603-402')
  await step(page)
  await expect(page.getByText('UP · 0/')).toBeVisible()

  // Up, with no network from here: thirty entries and a photo, the clock moved on, a reload and a change of stage.
  await keptForOffline(page)
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  const before = (await journal(page, jobId)).length
  await server(request, 'stop')
  await page.evaluate(() => localStorage.setItem('test-shift', String(3_600_000)))
  await page.reload()
  await expect(page.getByText('UP · 0/')).toBeVisible()
  const taps: string[] = []
  for (let i = 0; i < 20; i++) taps.push(await step(page))
  await takePicture(page)
  await expect(card(page).getByRole('img', { name: /photographed/ })).toBeVisible()
  await page.reload()
  await expect(card(page).getByRole('img', { name: /photographed/ })).toBeVisible()
  await page.getByRole('button', { name: /^Take in/ }).click()
  await expect(page.getByText(/The job is at/)).toBeVisible()
  for (let i = 0; i < 9; i++) {
    await page.getByLabel('It also').fill(`heard ${i}`)
    await page.getByRole('button', { name: 'Note it' }).first().click()
  }
  await page.reload()
  await expect(page.getByText('“heard 8”')).toBeVisible()
  await page.getByRole('button', { name: /^Build up/ }).click()
  const unsent = Number(/(\d+) entries not sent yet/.exec(await page.locator('main').innerText())?.[1])
  expect(unsent).toBeGreaterThanOrEqual(30)

  await server(request, 'start')
  await expect(page.getByText(/not sent yet/)).toBeHidden({ timeout: 40_000 })
  const after = await journal(page, jobId)
  expect(after).toHaveLength(before + unsent)
  expect(new Set(after.map((e) => e.id)).size).toBe(after.length)
  expect(after.map((e) => e.seq)).toEqual(after.map((_, i) => i + 1))
  const photo = after.find((e) => e.kind === 'photo-added')!
  await expect.poll(async () => (await page.request.get(`/api/photos/${String(photo.body['photo'])}`)).status()).toBe(200)

  // The rest of the way up; the spin is held until the locker has its handling strength, then until the tray is empty.
  await stepUntil(page, 'Spin test here')
  await later(request, 25)
  await page.reload()
  await stepUntil(page, 'Everything is back')
  await expect(page.getByText('nothing loose')).toBeVisible()
  await expect(page.getByText('▲ LIVE')).toBeVisible()
  await page.reload()
  await card(page).getByRole('button', { name: 'Go on to prove' }).click()
  await expect(page.getByRole('heading', { name: 'Pushed, ten metres' })).toBeVisible()
  await ride(page, 'Pushed, ten metres', '12', '1')
  await expect(page.getByRole('heading', { name: /Not yet: waiting for the threadlocker to cure/ })).toBeVisible()
  await page.reload()
  await page.getByRole('button', { name: 'On to hand back' }).click()
  await expect(page.getByRole('heading', { name: 'Not ready to go home' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Hand it back' })).toBeDisabled()
  await expect(page.getByText('New front motor, no. DF-2603-402 (old: DF-2210-118)')).toBeVisible()
  await expect(page.getByText(/Threadlocker fully cured: not done/)).toBeVisible()
})

test('an inspection goes from the door to the owner', async ({ page }) => {
  test.setTimeout(150_000)
  await signIn(page, 'Tobias')
  const jobId = await takeInDunlin(page, 'inspection')
  await page.getByRole('button', { name: 'It was in salt water' }).click()
  await page.getByRole('button', { name: 'Rinsed with clean water' }).click()
  await page.getByLabel('Dried, hours').fill('24')
  await page.getByRole('button', { name: 'It has dried' }).click()
  await chooseJob(page, 'inspect connections')
  await stepUntil(page, 'At the bottom')
  // Each plug by one tap; what was found and mended, and what could not be reached, stands on the page.
  const plugs = page.getByRole('region', { name: 'Plugs, each looked at and pulled' })
  const hall = plugs.getByRole('group').first()
  const name = (await hall.getAttribute('aria-label'))!
  await hall.getByRole('button', { name: 'loose' }).click()
  await expect(hall.getByRole('button', { name: 'Photo of it' })).toBeVisible()
  await hall.getByRole('button', { name: 'tight' }).click()
  await expect(plugs.getByText('loose → tight')).toBeVisible()
  await plugs.getByLabel('Another plug, by its place').fill('bell, under the bar')
  await plugs.getByRole('button', { name: 'Add it' }).click()
  await plugs.getByRole('button', { name: /^The other \d+: not reached$/ }).click()
  await expect(plugs.getByText(/^(\d+) of \1 plugs$/)).toBeVisible()
  await step(page)
  // Power waits for the insulation of what was wet.
  const wants = card(page).getByRole('button', { name: 'Rinsed, dried, read' })
  for (let i = 0; i < 30 && !(await wants.isVisible()); i++) await step(page)
  await wants.click()
  const salt = page.getByRole('dialog', { name: 'After salt water' })
  await salt.getByLabel('Winding to axle or frame, MΩ').fill('3')
  await salt.getByRole('button', { name: 'Log the insulation' }).click()
  await expect(salt.getByText('insulation 3 MΩ: dry it longer, and read again')).toBeVisible()
  await salt.getByLabel('Dried, hours').fill('12')
  await salt.getByRole('button', { name: 'It has dried' }).click()
  await salt.getByLabel('Winding to axle or frame, MΩ').fill('200')
  await salt.getByLabel('Over its range (OL)').check()
  await salt.getByRole('button', { name: 'Log the insulation' }).click()
  await expect(salt.getByText('▲')).toHaveCount(0)
  await page.keyboard.press('Escape')
  await stepUntil(page, 'Everything is back')
  await card(page).getByRole('button', { name: 'Go on to prove' }).click()
  // Only covers were open: two hundred metres, and no ladder.
  await expect(page.getByRole('heading', { name: 'Two hundred metres' })).toBeVisible()
  await page.getByRole('button', { name: 'Back from the ride' }).click()
  await page.getByRole('button', { name: 'Log this ride' }).click()
  await expect(page.getByText('As far as which of them?')).toBeVisible()
  await page.getByRole('radio', { name: 'Two hundred metres' }).check()
  await page.getByLabel('How did it ride?').fill('pulls clean')
  await page.getByLabel('Metres', { exact: true }).fill('far')
  await page.getByRole('button', { name: 'Log this ride' }).click()
  await expect(page.getByText('“far” is not a distance in metres.')).toBeVisible()
  await page.getByLabel('Metres', { exact: true }).fill('90')
  await expect(page.getByText('Too short to show it: Two hundred metres. That stays open.')).toBeVisible()
  await page.getByLabel('Metres', { exact: true }).fill('1500')
  await page.getByLabel('Minutes', { exact: true }).fill('6')
  await page.getByRole('button', { name: 'Log this ride' }).click()
  await page.getByLabel('Something else').fill('tug the 6-pins')
  await page.getByRole('radio', { name: 'After km' }).check()
  await page.getByLabel('Kilometres').fill('50')
  await page.getByRole('button', { name: 'Add it to the page' }).click()
  await page.getByLabel('Handed to').fill('quay porters')
  await page.getByRole('button', { name: 'Hand it back' }).click()
  await expect(page.getByText('Is what the owner complained of gone? Their page says so first.')).toBeVisible()
  await page.getByRole('radio', { name: 'Gone', exact: true }).check()
  await page.getByRole('button', { name: 'Hand it back' }).click()
  await expect(page.getByRole('heading', { name: 'It has gone home' })).toBeVisible()
  const printed = page.getByRole('region', { name: 'The page that goes with it' })
  await expect(printed.getByText(`${name}: loose, then tight`)).toBeVisible()
  await expect(printed.getByText(/^◆ Plugs not reached: /)).toBeVisible()
  await expect(printed.getByText('It was in salt water; Rinsed with clean water; Dried, 24 h; Dried, 12 h.')).toBeVisible()
  await expect(page.getByText('What you complained of')).toBeVisible()
  await expect(page.getByText(/It is gone\./)).toBeVisible()
  await expect.poll(async () => (await journal(page, jobId)).at(-1)?.kind).toBe('handed-back')
})

import AxeBuilder from '@axe-core/playwright'
import { type APIRequestContext, type BrowserContext, expect, type Page } from '@playwright/test'
import { CAUTION_IDS } from '../src/core/cautions/levels'

interface Bench {
  readonly url: string
  readonly control: string
  readonly database: string
}

/** This worker's own app: its address, its control port and its database. */
export const BENCH = (JSON.parse(process.env['BENCHES'] ?? '[]') as readonly Bench[])[Number(process.env['TEST_PARALLEL_INDEX'] ?? 0)] ?? {
  url: '',
  control: '',
  database: '',
}

/** Breaks or mends the server under test. */
export async function server(
  request: APIRequestContext,
  deed: 'stop' | 'kill' | 'start' | 'restart' | 'backup' | 'restore',
): Promise<void> {
  const done = await request.get(`${BENCH.control}/${deed}`, { timeout: 60_000 })
  expect(done.status(), await done.text()).toBe(204)
}

/** Moves the server's clock on; pages follow at their next answer. */
export async function later(request: APIRequestContext, minutes: number): Promise<void> {
  expect((await request.get(`${BENCH.control}/later/${minutes}`)).status()).toBe(204)
}

/** Cautions count as seen in every job, so that no card waits for the eye. What is about that does without. */
export async function cautionsSeen(page: Page): Promise<void> {
  await page.addInitScript((ids) => {
    const kept = Storage.prototype.getItem
    Storage.prototype.getItem = function (key) {
      return key.startsWith('nailsmith-seen-') ? ids : kept.call(this, key)
    }
  }, JSON.stringify(CAUTION_IDS))
}

export async function signIn(page: Page, name: string, { seen = true } = {}): Promise<void> {
  if (seen) await cautionsSeen(page)
  await page.goto('/sign-in')
  await page.getByRole('button', { name: new RegExp(`^${name} `) }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/stand|door|shop/i)
}

/** Takes a Dunlin in and opens its job; every test works on a machine of its own. */
export async function takeInDunlin(page: Page, unit: string): Promise<string> {
  await page.goto('/take-in')
  await page.getByRole('radio', { name: /^Dunlin/ }).check()
  await page.getByLabel('Which one').fill(unit)
  await page.getByRole('textbox', { name: 'Stand' }).fill('8')
  await page.getByLabel('What does it do?').fill('jerks and won’t start off')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await expect(page.getByRole('heading', { name: 'Which job?' })).toBeVisible()
  return new URL(page.url()).pathname.split('/').at(-1)!
}

export async function chooseJob(page: Page, goal: string, lid: 'Yes, sealed' | 'No, dry' = 'No, dry'): Promise<void> {
  await page.getByRole('button', { name: 'None of them: sound' }).click()
  await page.getByRole('radio', { name: lid }).check()
  await page.getByRole('radio', { name: goal, exact: true }).check()
  await expect(page.getByRole('button', { name: 'Start down' })).toBeEnabled()
  if (await page.getByRole('button', { name: 'Compare it' }).isVisible()) await compareNew(page)
  await page.getByRole('button', { name: 'Start down' }).click()
  await expect(page.getByRole('heading', { name: 'Peel the grip mat' })).toBeVisible()
}

/** Measures a new front motor that matches the old one in all nine respects. */
export async function compareNew(page: Page, over: Readonly<Record<string, string>> = {}): Promise<void> {
  await card(page)
    .getByRole('button', { name: /^Compare it/ })
    .click()
  const sheet = page.getByRole('dialog')
  const sizes = {
    'axle, end to end': '148',
    'across the flats': '10',
    'between the inner washers': '100',
    'rim screw holes': '6',
    'lead, axle to 6-pin': '740',
    Kv: '11,3',
    ...over,
  }
  for (const [name, value] of Object.entries(sizes)) await sheet.getByLabel(`New, ${name}`, { exact: true }).fill(value)
  for (const [name, value] of [
    ['Hall plug', '6-pin, latch'],
    ['phase ends', '4 mm bullets'],
    ['Hall spacing', '120°'],
  ] as const)
    await sheet.getByLabel(`New, ${name}`, { exact: true }).selectOption(value)
  await sheet.getByRole('button', { name: 'Log the comparison' }).click()
  await expect(sheet).toBeHidden()
}

export const card = (page: Page) => page.getByRole('complementary', { name: 'What to do now' })
export const title = async (page: Page): Promise<string> => (await card(page).getByRole('heading', { level: 2 }).textContent()) ?? ''

/** The big action of the card: whatever is first of its buttons in copper. */
const action = (page: Page) => card(page).locator('button.bg-copper')

/** One tap on the card, with the readings where it asks for them; waits until the card has moved on. */
export async function step(page: Page): Promise<string> {
  const before = await card(page).locator('article').innerText()
  const what = await title(page)
  if (await card(page).getByRole('button', { name: 'Say how its first power comes' }).isVisible()) {
    await firstPower(page)
    return what
  }
  const again = card(page).getByRole('button', { name: 'Read it once more' })
  if (await again.isVisible()) {
    await again.click()
    const sheet = page.getByRole('dialog', { name: 'A reading' })
    await sheet.getByLabel('Shown').fill('0.1')
    await sheet.getByRole('button', { name: 'Log it' }).click()
    await expect(sheet).toBeHidden()
    return what
  }
  const button = action(page)
  await expect(button.first()).toBeEnabled()
  const label = await button.first().innerText()
  await button.first().click()
  // A tap in the very moment in which the card changes is not taken: whoever taps does it again.
  if (/^(Enter the readings|Look, and answer)|say how|Key in what it shows/.test(label))
    await expect(async () => {
      if (!(await page.getByRole('dialog').isVisible())) await button.first().click({ timeout: 1_000 })
      await expect(page.getByRole('dialog')).toBeVisible({ timeout: 3_000 })
    }).toPass()
  if (label.startsWith('Enter the readings')) await readings(page, ['0.2', '0'])
  if (label.startsWith('Look, and answer')) await allRight(page)
  if (label.includes('say how')) await page.getByRole('dialog').getByRole('button', { name: 'Log it as final' }).click()
  if (label.includes('Key in what it shows')) await figures(page)
  await expect(async () => expect(await card(page).locator('article').innerText()).not.toBe(before)).toPass({ timeout: 10_000 })
  return what
}

/** Keys in what a step wants measured: the middle of each window, with the first instrument of the list. */
async function figures(page: Page): Promise<void> {
  const sheet = page.getByRole('dialog', { name: 'What it shows' })
  for (;;) {
    const window = /Wanted: (?:at least |at most )?(-?[\d.]+)(?: to (-?[\d.]+))?/.exec(await sheet.innerText())
    const [low, high] = [Number(window?.[1] ?? 10), Number(window?.[2] ?? window?.[1] ?? 10)]
    const with_ = sheet.getByLabel('Measured with')
    if ((await with_.inputValue()) === '') await with_.selectOption({ index: 1 })
    await sheet
      .locator('input[inputmode="decimal"]')
      .last()
      .fill(String((low + high) / 2))
    const next = sheet.getByRole('button', { name: 'Next figure' })
    if (!(await next.isVisible())) break
    await next.click()
  }
  await sheet.getByRole('button', { name: 'Log the figures' }).click()
  await expect(sheet).toBeHidden()
}

/** Each item of a check, tapped as right. */
export async function tapRight(page: Page): Promise<void> {
  const sheet = page.getByRole('dialog')
  await expect(sheet.getByRole('button', { name: 'Log the check' })).toBeVisible()
  for (const item of await sheet.getByRole('button', { name: /: Right$/ }).all()) await item.click()
}

/** Answers a check: everything that has to stand stands, everything looked at is right. */
async function allRight(page: Page): Promise<void> {
  const sheet = page.getByRole('dialog')
  await expect(sheet.getByRole('button', { name: 'Log the check' })).toBeVisible()
  for (const box of await sheet.getByRole('checkbox').all()) await box.check()
  await tapRight(page)
  await expect(sheet).toBeHidden()
}

export async function readings(page: Page, volts: readonly string[]): Promise<void> {
  const sheet = page.getByRole('dialog')
  await sheet.getByLabel('Meter, checked').selectOption({ label: 'meter 3' })
  // The meter is tried on the pack's plug first.
  const all = ['41.3', ...volts]
  for (const [i, v] of all.entries()) {
    await sheet.locator('input[inputmode="decimal"]').fill(v)
    // A machine may have one place only.
    if (i < all.length - 1) {
      const next = sheet.getByRole('button', { name: 'Next place' })
      if (!(await next.isVisible())) break
      await next.click()
    }
  }
  await sheet.getByRole('button', { name: 'Log this proof' }).click()
  await expect(sheet).toBeHidden()
}

/** How the first power comes after motor, controller or loom were opened. */
async function firstPower(page: Page): Promise<void> {
  await card(page).getByRole('button', { name: 'Say how its first power comes' }).click()
  const sheet = page.getByRole('dialog', { name: 'First power' })
  await sheet.getByRole('radio', { name: /through a fuse/ }).check()
  await sheet.getByLabel('Limited to, A').fill('5')
  await sheet.getByRole('button', { name: 'That is how it comes' }).click()
  await expect(sheet).toBeHidden()
}

/** Told when it is over: a ride as far as a rung, its metres and minutes, and three stops with each brake where they are asked. */
export async function ride(page: Page, to: string, metres: string, minutes: string): Promise<void> {
  await card(page).getByRole('button', { name: 'Back from the ride' }).click()
  const sheet = page.getByRole('dialog', { name: 'The ride' })
  await sheet.getByRole('radio', { name: to }).check()
  await sheet.getByLabel('Metres', { exact: true }).fill(metres)
  await sheet.getByLabel('Minutes', { exact: true }).fill(minutes)
  for (const brake of await sheet.getByRole('button', { name: /3 stops, firm/ }).all()) await brake.click()
  await sheet.getByRole('button', { name: 'Log this ride' }).click()
  await expect(sheet).toBeHidden()
}

/** Steps until the card shows `end`; returns what was done. */
export async function stepUntil(page: Page, end: string | RegExp, most = 60): Promise<string[]> {
  const done: string[] = []
  for (let i = 0; i < most; i++) {
    if (new RegExp(end).test(await title(page))) return done
    done.push(await step(page))
  }
  throw new Error(`“${end}” was not reached in ${most} taps: ${done.slice(-5).join(' / ')}`)
}

export interface SentEntry {
  readonly id: string
  readonly seq: number
  readonly kind: string
  readonly at: number
  readonly by: string
  readonly body: Record<string, unknown>
}

/** The journal as the server has it. */
export async function journal(page: Page | BrowserContext, jobId: string): Promise<SentEntry[]> {
  const list: SentEntry[] = []
  for (;;) {
    const response = await page.request.get(`/api/jobs/${jobId}/entries?after=${list.length}`)
    expect(response.ok()).toBe(true)
    const { entries, lastSeq } = (await response.json()) as { entries: SentEntry[]; lastSeq: number }
    list.push(...entries)
    if (list.length >= lastSeq) return list
  }
}

/** The page is kept by the service worker, so that it opens without a network. */
export async function keptForOffline(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await expect
    .poll(() => page.evaluate(async () => (await (await caches.open('nailsmith-pages')).match(location.pathname)) !== undefined))
    .toBe(true)
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true)
}

/** A small picture, as a camera would give it. */
export async function picture(page: Page, colour = '#9c4518'): Promise<Buffer> {
  const base64 = await page.evaluate((c) => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 640, height: 480 })
    const g = canvas.getContext('2d')!
    g.fillStyle = c
    g.fillRect(0, 0, 640, 480)
    g.fillStyle = '#fff'
    g.fillRect(200, 150, 120, 90)
    return canvas.toDataURL('image/png').split(',')[1]!
  }, colour)
  return Buffer.from(base64, 'base64')
}

/** Two taps: Photo, and the picture that the device gives. */
export async function takePicture(page: Page, colour?: string): Promise<void> {
  const buffer = await picture(page, colour)
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    card(page).getByRole('button', { name: 'Photo', exact: true }).click(),
  ])
  await chooser.setFiles({ name: 'end.png', mimeType: 'image/png', buffer })
}

/** axe finds nothing on the page as it stands: by every rule, in its colours alone, or in everything but its colours. */
export async function clean(page: Page, what: string, rules: 'all' | 'colours' | 'shape' = 'all'): Promise<void> {
  // No frame of another origin is on any page: axe needs no page of its own to gather what it found.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] })
  if (rules === 'colours') axe.withRules(['color-contrast'])
  else axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
  if (rules === 'shape') axe.disableRules(['color-contrast'])
  const { violations } = await axe.analyze()
  expect(
    violations.map(
      (v) =>
        `${what}: ${v.id}: ${v.nodes
          .slice(0, 3)
          .map((n) => n.html.slice(0, 160))
          .join(' | ')}`,
    ),
  ).toEqual([])
}

import { expect, type Page, test } from '@playwright/test'
import { card, cautionsSeen, journal, later, signIn, step, stepUntil, title } from './bench'
import { seeded } from './seed'

const sheetOf = (page: Page) => page.getByRole('dialog')

/** Every item of a look taken for right. */
async function allRight(page: Page): Promise<void> {
  const items = sheetOf(page).locator('div[role="group"]')
  // The sheet's script comes when it is asked for; `all()` does not wait.
  await expect(items.first()).toBeVisible()
  for (const item of await items.all()) await item.getByRole('button').first().click()
}

test('steering that was apart wants two people: the second signs in on the same tablet for that one entry', async ({ page }) => {
  await signIn(page, 'Ines')
  const job = await seeded(page, 'curlew', 'column-goal', (s) => s.check === 'calibration')
  await page.goto(`/jobs/${job}?stage=prove`)
  const row = page.getByRole('listitem').filter({ hasText: 'Steering looked over' }).first()
  await row.getByRole('button', { name: 'Look it over' }).click()
  await allRight(page)
  await sheetOf(page).getByRole('button', { name: 'All right: put the name to it' }).click()
  await expect(row.getByText('somebody else, under their own name')).toBeVisible()

  await row.getByRole('button', { name: 'Look it over' }).click()
  await expect(sheetOf(page).getByText(/Ines looked first/)).toBeVisible()
  await allRight(page)
  const name = () => sheetOf(page).getByLabel('Name')
  const sign = () => sheetOf(page).getByRole('button', { name: 'All right: put the name to it' })
  await expect(name().getByRole('option', { name: 'Ines' })).toHaveCount(0)
  await name().selectOption({ label: 'Tobias' })
  await sheetOf(page).getByLabel('Passphrase').fill('not this one')
  await sign().click()
  await expect(sheetOf(page).getByRole('alert')).toContainText('do not go together')
  await sheetOf(page).getByLabel('Passphrase').fill('tobias at the slip')
  await sign().click()
  await expect(sheetOf(page)).toBeHidden()
  await expect(row.getByText('●')).toBeVisible()
  await expect
    .poll(async () => (await journal(page, job)).filter((e) => e.kind === 'look-made').map((e) => e.by))
    .toEqual(['p-ines', 'p-tobias'])
  // It was for that entry: whoever is signed in is still the one who was.
  await expect(page.getByText(/Ines, lead/)).toBeVisible()
})

test('a sealed unit is not opened before its owner said yes', async ({ page }) => {
  await signIn(page, 'Ines')
  const job = await seeded(page, 'curlew', 'fuse-goal', (s) => s.ends !== undefined)
  await page.goto(`/jobs/${job}`)
  await expect.poll(() => title(page)).toBe('Cut the glue of the controller lid')
  await expect(card(page).getByText(/opening the controller ends it: it comes new/)).toBeVisible()
  await card(page).getByRole('button', { name: 'Open it all the same, why' }).click()
  await sheetOf(page).getByLabel('Why').fill('no new one before spring')
  await sheetOf(page).getByRole('button', { name: 'Go on without it' }).click()
  await expect(sheetOf(page).getByRole('alert')).toContainText('who said yes for the owner')
  await sheetOf(page).getByLabel('Who said yes for the owner').fill('harbour master, by telephone')
  await sheetOf(page).getByRole('button', { name: 'Go on without it' }).click()
  await expect(card(page).getByText(/ends it: it comes new/)).toBeHidden()
  await expect
    .poll(async () => (await journal(page, job)).find((e) => e.kind === 'check-overridden')?.body)
    .toMatchObject({ check: 'sealed unit', owner: 'harbour master, by telephone' })
})

test('the last look before the tractor’s motor is lowered finds a hose: it comes off first, and all is looked over once more', async ({
  page,
}) => {
  await signIn(page, 'Ines')
  const job = await seeded(page, 'heron', 'motor-goal', (s) => s.heavy === true)
  await page.goto(`/jobs/${job}`)
  const motor = await title(page)
  await card(page).getByRole('button', { name: 'Look it over' }).click()
  await expect(sheetOf(page).getByText(/^\d+ (out )?of \d+ fixings of it are out\.$/)).toBeVisible()
  await allRight(page)
  await sheetOf(page)
    .getByRole('group', { name: /^Hoses off it/ })
    .getByRole('button', { name: 'Found one' })
    .click()
  await sheetOf(page).getByRole('button', { name: 'Log what was found' }).click()
  await expect(sheetOf(page).getByRole('alert')).toContainText('What is it, and where?')
  await sheetOf(page).getByLabel('What is it, and where?').fill('drain hose behind the flange')
  await sheetOf(page).getByRole('button', { name: 'Log what was found' }).click()
  await expect(sheetOf(page)).toBeHidden()
  await expect.poll(() => title(page)).toMatch(/drain hose/i)
  await card(page).locator('button.bg-copper').first().click()
  await expect.poll(() => title(page)).toBe(motor)
  await card(page).getByRole('button', { name: 'Look it over' }).click()
  await allRight(page)
  await sheetOf(page).getByRole('button', { name: 'All right: put the name to it' }).click()
  await expect(card(page).getByRole('button', { name: 'Look it over' })).toBeHidden()
  await expect
    .poll(async () => (await journal(page, job)).filter((e) => e.kind === 'look-made').map((l) => l.body['text']))
    .toEqual(['drain hose behind the flange', undefined])
})

test('a plug that does not part has a ladder of its own, gentle first, with what must not be done; what was tried stays with the step', async ({
  page,
}) => {
  await signIn(page, 'Ines')
  const job = await seeded(page, 'dunlin', 'front-motor-goal', (s) => s.action === 'unplug:front-phases')
  await page.goto(`/jobs/${job}`)
  await page
    .getByText(/^Photo, part the 3 front bullets/)
    .first()
    .click()
  await expect.poll(() => title(page)).toMatch(/front bullets/)
  await card(page).getByRole('button', { name: 'it is stuck' }).click()
  const ladder = sheetOf(page).getByRole('region', { name: 'Does not let go' })
  await expect(ladder.getByRole('heading', { name: 'The plug does not part' })).toBeVisible()
  const now = () => ladder.locator('[aria-current="step"]')
  await expect(now()).toContainText('Find what holds it')
  await ladder.getByRole('button', { name: 'Tried, still stuck' }).click()
  await expect(now()).toContainText('Push it home first')
  await ladder.getByRole('button', { name: 'Tried, still stuck' }).click()
  await expect(now()).toContainText('Never by the leads')
  await page.keyboard.press('Escape')
  await expect(card(page).getByText('Stuck: pushed home first')).toBeVisible()
  await expect
    .poll(async () => (await journal(page, job)).filter((e) => e.kind === 'note-added').map((e) => e.body['tried']))
    .toEqual([
      { way: 'find the catch', on: 'plug' },
      { way: 'push in', on: 'plug' },
    ])
})

test('a new core goes into the old wheel of a geared hub, end to end; a stop caution is seen before the hand moves', async ({
  page,
  request,
}) => {
  test.setTimeout(240_000)
  await signIn(page, 'Ines', { seen: false })
  await page.goto('/take-in')
  await page.getByRole('radio', { name: /^Whimbrel/ }).check()
  await page.getByLabel('Which one').fill('books 7')
  await page.getByLabel('What does it do?').fill('winding burnt, the wheel is sound')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await page.getByRole('button', { name: 'None of them: sound' }).click()
  await page.getByRole('radio', { name: 'Screwed on' }).check()
  await page.getByRole('radio', { name: 'Off', exact: true }).check()
  await page.getByRole('radio', { name: 'new core, old wheel', exact: true }).check()
  await card(page)
    .getByRole('button', { name: /^Compare it/ })
    .click()
  for (const [name, value] of Object.entries({
    'axle, end to end': '182',
    'across the flats': '10',
    'between the dropouts': '135',
    'teeth of the ring gear in the shell': '64',
    'left bearing seat': '20',
    'Kv, at the rotor': '39',
  }))
    await sheetOf(page).getByLabel(`New, ${name}`, { exact: true }).fill(value)
  await sheetOf(page).getByLabel('New, motor plug', { exact: true }).selectOption('9-pin, round')
  await sheetOf(page).getByLabel('New, Hall spacing', { exact: true }).selectOption('120°')
  await sheetOf(page).getByRole('button', { name: 'Log the comparison' }).click()
  await expect(sheetOf(page)).toBeHidden()
  await page.getByRole('button', { name: 'Start down' }).click()
  const job = new URL(page.url()).pathname.split('/').at(-1)!

  // The first time in a job the button opens after two seconds, by itself, and keeps its focus.
  await stepUntil(page, /Switch off, draw the pack/)
  const off = card(page).locator('button.bg-copper').first()
  await expect(off).toHaveAttribute('aria-disabled', 'true')
  await off.click({ force: true })
  expect(await title(page)).toMatch(/Switch off, draw the pack/)
  await off.focus()
  await expect(off).not.toHaveAttribute('aria-disabled', 'true', { timeout: 6_000 })
  await expect(off).toBeFocused()
  // What was seen stays seen in this job.
  await page.reload()
  await expect(off).toBeVisible()
  await expect(off).not.toHaveAttribute('aria-disabled', 'true', { timeout: 500 })
  await off.click()
  await expect.poll(() => title(page)).toMatch(/Pack out of its rail/)
  await cautionsSeen(page)
  await page.reload()

  // What comes away in the hand is counted; a seal that is not sound is on the list.
  await stepUntil(page, /Hub cover off/)
  await card(page)
    .getByRole('button', { name: /^Off; seal of the hub cover nicked/ })
    .click()
  const down = await stepUntil(page, 'New core beside the old')
  expect(down).toEqual(['Snap ring off the shaft', 'Lift the clutch and planet carrier out', 'Press the core out of its left bearing'])
  await expect(card(page).getByText(/A new one to get before it goes back: .*O-ring 142 × 2, in its groove/)).toBeVisible()
  await step(page)
  const up = await stepUntil(page, /Spin test on the stand/)
  expect(up).toContain('Core in, pressed by its shoulder')
  expect(up.indexOf('Phases to axle: insulation')).toBeLessThan(up.indexOf('Clutch in, turned against its rollers'))
  expect(up.indexOf('Hub cover on, seal greased')).toBeLessThan(up.indexOf('Nut and washers on the lead; pins back by number'))
  await later(request, 25)
  await page.reload()
  await stepUntil(page, 'Everything is back')
  await expect(page.getByText('nothing loose')).toBeVisible()
  const entries = await journal(page, job)
  const taken = entries.flatMap((e) => ((e.body['out'] as readonly { members: string[] }[] | undefined) ?? []).flatMap((o) => o.members))
  expect(taken).toEqual(expect.arrayContaining(['inner-washers-1', 'inner-washers-2', 'cover-seal-1', 'clutch-key-1']))
  expect(entries.filter((e) => e.kind === 'fixing-replaced').map((e) => e.body['members'])).toEqual([['cover-seal-1']])
})

test('a step of the way up is done at another place: what that costs, and what hinders it', async ({ page }) => {
  await signIn(page, 'Ines')
  const job = await seeded(page, 'sanderling', 'motor-goal', (s) => s.limb === 'up' && s.action === 'undo:right-cap')
  await page.goto(`/jobs/${job}`)
  await expect.poll(() => title(page)).toMatch(/Right axle cap on/)
  const place = (name: RegExp) => sheetOf(page).getByRole('button', { name })
  await page
    .getByRole('button', { name: /Left axle cap on/ })
    .first()
    .click()
  await card(page).getByRole('button', { name: 'another place in the order' }).click()
  await expect(sheetOf(page).getByText('It comes after “Right axle cap on” now.')).toBeVisible()
  await place(/^Now, before “Right axle cap on”/).click()
  await expect(sheetOf(page)).toBeHidden()
  await page.goto(`/jobs/${job}`)
  await expect.poll(() => title(page)).toMatch(/Left axle cap on/)
  await expect
    .poll(async () => (await journal(page, job)).at(-1)?.body)
    .toMatchObject({ step: 'up:undo:left-cap', before: 'up:undo:right-cap', turns: [] })

  // The display goes up on its stand only: now it would be turned there and back.
  await page
    .getByRole('button', { name: /Display up again/ })
    .first()
    .click()
  await card(page).getByRole('button', { name: 'another place in the order' }).click()
  await expect(place(/^Now, before “Left axle cap on”/)).toContainText(
    'Costs 2 min. Turned for it: Turn it over onto the bar blocks; Turn it back onto its stand',
  )
  await sheetOf(page).getByRole('button', { name: 'Close' }).click()

  // The pack's plug waits for the tabs, and says what comes of it otherwise.
  await page
    .getByRole('button', { name: /Pre-charge, then plug the pack in/ })
    .first()
    .click()
  await card(page).getByRole('button', { name: 'another place in the order' }).click()
  await expect(
    sheetOf(page)
      .getByText(/has to be done before “Pre-charge, then plug the pack in”/)
      .first(),
  ).toBeVisible()
})

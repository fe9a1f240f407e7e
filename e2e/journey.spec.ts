import { expect, type Page, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { quayCsv } from '../src/demo/ride'
import { card, compareNew, journal, later, readings, ride, signIn, step, stepUntil, takeInDunlin, tapRight, title } from './bench'

const sheet = (page: Page) => page.getByRole('dialog')
const panelStep = (page: Page, name: string) =>
  page.getByRole('region', { name: 'The run' }).getByRole('button', { name: new RegExp(name) })

/** Answers what the card asks, until it asks for something that is not in the list. */
async function answer(page: Page, answers: Readonly<Record<string, string>>): Promise<string> {
  for (let i = 0; i < 12; i++) {
    await expect(card(page).getByText(/^(Next best test|Stop measuring) · /)).toBeVisible()
    const asked = await title(page)
    const say = answers[asked]
    if (say === undefined) return asked
    if (/^[\d.,]/.test(say)) await keyIn(page, say.split(' / '))
    else
      await card(page)
        .getByRole('group', { name: 'What it showed' })
        .getByRole('button', { name: new RegExp(`^${say}`) })
        .click()
    await expect.poll(() => title(page)).not.toBe(asked)
  }
  throw new Error('it never stops asking')
}

async function keyIn(page: Page, figures: readonly string[]): Promise<void> {
  await card(page).getByRole('button', { name: 'Key it in' }).click()
  for (const [i, figure] of figures.entries()) {
    await sheet(page).getByRole('textbox').first().fill(figure)
    await sheet(page)
      .getByRole('button', { name: i < figures.length - 1 ? /^Next: / : 'Log it' })
      .click()
  }
  await expect(sheet(page)).toBeHidden()
}

async function download(page: Page, button: string): Promise<{ readonly name: string; readonly text: string }> {
  const [file] = await Promise.all([page.waitForEvent('download'), card(page).getByRole('button', { name: button }).click()])
  return { name: file.suggestedFilename(), text: readFileSync(await file.path(), 'utf8') }
}

test('from the door to the road: looked over, found, made safe, swapped, proved, ridden and handed back on one page', async ({
  page,
  request,
}) => {
  test.setTimeout(240_000)
  await signIn(page, 'Ines')
  const jobId = await takeInDunlin(page, 'journey')

  // Take in: what it does, what was broken before, and a pack that is looked over before anything is charged.
  await page.getByRole('group', { name: 'The usual ones' }).getByRole('button', { name: 'runs once it is pushed' }).click()
  await page.getByRole('radio', { name: 'left', exact: true }).check()
  await page.getByLabel('Seen').fill('bar end scraped')
  await page.getByRole('button', { name: 'Note it' }).last().click()
  await expect(page.getByText('left: bar end scraped')).toBeVisible()
  const pack = page.locator('section').filter({ hasText: 'The pack, before anything is charged' })
  await pack.getByLabel('Warmest place, °C').fill('warm')
  await pack.getByRole('button', { name: 'None of them: sound' }).click()
  await expect(pack.getByText('“warm” is not a pack’s temperature: −40 to 150 °C.')).toBeVisible()
  await pack.getByLabel('Warmest place, °C').fill('48,5')
  await pack.getByRole('button', { name: 'To quarantine: hot' }).click()
  await expect(pack.getByText('Quarantine: hot')).toBeVisible()
  await pack.getByLabel('Warmest place, °C').fill('19')
  await pack.getByLabel('Lowest cell group, V').fill('3,61')
  await pack.getByRole('button', { name: 'None of them: sound' }).click()
  await expect(pack.getByText('● Sound')).toBeVisible()

  // Find the fault: from outside first; a test that cannot be done gives way to the next.
  await page.getByRole('button', { name: /^Find the fault/ }).click()
  await page.getByRole('button', { name: 'Move the job to this stage' }).click()
  await expect(page.getByRole('heading', { level: 2, name: /suspects left: keep testing$/ })).toBeVisible()
  await page.getByRole('listitem').filter({ hasText: 'Cross the plugs with the good end' }).getByRole('button', { name: 'Take it' }).click()
  await sheet(page).getByRole('button', { name: 'Can’t do this one' }).click()
  await sheet(page).getByRole('radio', { name: 'No good end to compare with' }).check()
  await sheet(page).getByRole('button', { name: 'Leave it out' }).click()
  await expect(page.getByText('◆ Left out: Cross the plugs with the good end. No good end to compare with')).toBeVisible()
  // The other end is another question: panel and card speak of the same one.
  await page.getByRole('radio', { name: 'rear hub' }).check()
  await expect(card(page).getByText(/ · rear hub$/)).toBeVisible()
  await page.getByRole('radio', { name: 'front hub' }).check()
  await expect(card(page).getByText(/ · front hub$/)).toBeVisible()
  const outside = {
    'Is it allowed to run?': 'Nothing holds it',
    'Look at the axle, its lead, cover and disc': 'All as it should be',
    'Rock the wheel sideways': 'None',
    'Read the error code': 'Hall',
    'Turn the wheel by hand, plugged in': 'Free',
    'Brake cut-offs unplugged, try again': 'No change',
    'Throttle signal, rest and full': '3,56 / 0,85',
    'Pack voltage at rest': '55,1',
  }
  expect(await answer(page, outside)).toBe('Diode drop of each Hall wire')
  await expect(card(page).getByText('This is taken dead. Isolate it and show it dead first.')).toBeVisible()
  await expect(card(page).getByRole('button', { name: /^One open/ })).toBeDisabled()

  // The plugs are behind the lid: the way in is planned like any job. A controller that still holds a charge is not dead.
  await card(page).getByRole('button', { name: 'Plan the way in: inspect connections' }).click()
  await page.getByRole('radio', { name: 'No, dry' }).click()
  await expect(page.getByRole('radio', { name: 'No, dry' })).toBeChecked()
  await card(page).getByRole('button', { name: 'Start down' }).click()
  await stepUntil(page, 'Prove dead, both feeds')
  await card(page).getByRole('button', { name: 'Enter the readings' }).click()
  await sheet(page).getByLabel('Meter, checked').selectOption({ label: 'meter 3' })
  await sheet(page)
    .getByRole('textbox', { name: /known source/ })
    .fill('51,8')
  await sheet(page).getByRole('button', { name: 'Next place' }).click()
  await sheet(page).getByRole('textbox', { name: /feed/ }).fill('31,4')
  await sheet(page).getByRole('button', { name: 'Next place' }).click()
  await sheet(page).getByRole('textbox', { name: /feed/ }).fill('0')
  await sheet(page).getByRole('button', { name: 'Log this proof' }).click()
  await expect(sheet(page).getByText(/31.4 V at the front controller feed, \+ and −: not dead/)).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByText(/proved dead/)).toBeHidden()
  await card(page).getByRole('button', { name: 'Enter the readings' }).click()
  await readings(page, ['0.3', '0'])
  await expect(page.getByText(/proved dead/)).toBeVisible()
  await page.getByRole('button', { name: /^Find the fault/ }).click()
  await answer(page, { 'Diode drop of each Hall wire': 'One open', 'Tug and look at every plug': 'All home and clean' })
  await expect(page.getByRole('heading', { name: 'Act: new motor or lead' })).toBeVisible()
  await expect(page.getByText(/ suspects left/).first()).toBeVisible()

  // Readings that are none, and one that cannot have been: each told, nothing logged.
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  const before = (await journal(page, jobId)).length
  await page.getByRole('button', { name: /^Another reading/ }).click()
  for (const [typed, words] of [
    ['abc', '“abc” is not a number.'],
    ['1e9 V', '“1e9 V” is outside −1500 to 1500 V.'],
    ['3 mm', 'this wants V, not mm'],
    ['', 'Key in what the instrument shows, 0 too.'],
  ] as const) {
    await sheet(page).getByRole('textbox', { name: 'Shown' }).fill(typed)
    await sheet(page).getByRole('button', { name: 'Log it' }).click()
    await expect(sheet(page).getByText(words)).toBeVisible()
  }
  await sheet(page).getByRole('radio', { name: 'Resistance' }).check()
  await sheet(page).getByRole('textbox', { name: 'Shown' }).fill('−3')
  await sheet(page).getByRole('button', { name: 'Log it' }).click()
  await expect(sheet(page).getByText('“−3” is outside 0 to 1000000000 Ω.')).toBeVisible()
  await sheet(page).getByRole('radio', { name: '▲ Live' }).check()
  await sheet(page).getByRole('textbox', { name: 'Shown' }).fill('3')
  await sheet(page).getByRole('button', { name: 'Log it' }).click()
  await expect(sheet(page).getByText(/The job says dead/)).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  expect((await journal(page, jobId)).length).toBe(before)

  // Called; the new motor is laid beside the old one before anything more is undone. The first one sent is too wide.
  await card(page).getByRole('button', { name: 'Call it, choose the job' }).click()
  await sheet(page).getByText('Swap it or mend it? Weigh it').click()
  await sheet(page).getByLabel('Run so far, km').fill('2100')
  await sheet(page).getByLabel('New part costs').fill('dear')
  await expect(sheet(page).getByText('“dear” is no figure from 0 to a million.')).toBeVisible()
  await sheet(page).getByLabel('New part costs').fill('95')
  await sheet(page).getByLabel('An hour costs').fill('60')
  await sheet(page).getByRole('button', { name: 'Take that: new motor or lead' }).click()
  await sheet(page).getByRole('button', { name: 'Call it', exact: true }).click()
  await page.getByRole('radio', { name: 'front motor', exact: true }).check()
  await expect(card(page).getByRole('button', { name: 'Start down' })).toBeEnabled()
  await compareNew(page, { 'between the inner washers': '104' })
  await expect(card(page).getByText(/8 of 9 match/)).toBeVisible()
  await compareNew(page)
  await expect(card(page).getByText(/9 of 9 match/)).toBeVisible()
  await card(page).getByRole('button', { name: 'Start down' }).click()
  await stepUntil(page, 'Old and new side by side')
  await step(page)
  await page.getByLabel('Old front motor, serial').fill('DF-2210-131')
  await page.getByLabel('New, serial').fill('DF-2611-007')
  await step(page)

  // Up. A nut is only started, and the spin is asked for: the card names it. Then the locker has to hold.
  await stepUntil(page, 'Nuts in turn')
  await panelStep(page, 'Both tabs in their slots').click()
  await expect(card(page).getByRole('listitem').filter({ hasText: 'Nuts in turn, then full; mark' })).toBeVisible()
  await panelStep(page, 'Spin test here').click()
  await expect(card(page).getByText('Not yet. First:')).toBeVisible()
  await expect(card(page).getByRole('listitem').filter({ hasText: 'Both tabs in their slots: look again' })).toBeVisible()
  await expect(card(page).locator('button.bg-copper')).toHaveCount(0)
  await page.getByRole('button', { name: /^Build up/ }).click()
  await page.reload()
  await stepUntil(page, 'Spin test here')
  await expect(
    card(page)
      .getByText(/Threadlocker at handling strength/)
      .last(),
  ).toBeVisible()
  await expect(card(page).locator('button.bg-copper')).toHaveCount(0)
  await later(request, 25)
  await page.reload()
  await card(page).getByRole('button', { name: 'Look, and answer' }).click()
  await tapRight(page)
  await sheet(page).getByRole('button', { name: 'Log the check' }).click()
  await expect(sheet(page).getByText(/First: wheels off the ground, the machine held;/)).toBeVisible()
  for (const box of await sheet(page).getByRole('checkbox').all()) await box.check()
  await sheet(page)
    .getByRole('group', { name: 'Slows on closing the throttle (regen)' })
    .getByRole('button', { name: 'Not tested' })
    .click()
  await sheet(page).getByRole('button', { name: 'Log the check' }).click()
  await expect(sheet(page)).toBeHidden()
  await stepUntil(page, 'Everything is back')
  await expect(page.getByText('nothing loose')).toBeVisible()
  await card(page).getByRole('button', { name: 'Go on to prove' }).click()

  // Pushed, then nothing until the cure ends; then one ride, told when it is over.
  await ride(page, 'Pushed, ten metres', '12', '1')
  await expect(page.getByRole('heading', { name: /Not yet: waiting for the threadlocker to cure/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Back from the ride' })).toHaveCount(0)
  await later(request, 24 * 60)
  await page.reload()
  await expect(page.getByRole('heading', { level: 2, name: 'Walking pace, twenty metres' })).toBeVisible()
  await ride(page, 'Until it is warm, then cold', '5200', '25')
  await rideWithLogs(page)

  // Hand back: one page, and the same as text, as data and as dates.
  await page.getByRole('button', { name: /^Hand back/ }).click()
  await expect(page.getByText('Spun before the lid: Slows on closing the throttle (regen) not tested')).toBeVisible()
  await expect(page.getByText(/Test left out: Cross the plugs with the good end. No good end to compare with/)).toBeVisible()
  await card(page)
    .getByRole('button', { name: /^Tyres, brake, play, plugs/ })
    .click()
  await page.getByLabel('Handed to').fill('quay porters')
  await page.getByRole('radio', { name: 'Gone', exact: true }).check()
  await page.getByRole('button', { name: 'Hand it back' }).click()
  await expect(page.getByRole('heading', { name: 'It has gone home' })).toBeVisible()
  const pdf = (await page.pdf({ format: 'A4', preferCSSPageSize: true })).toString('latin1')
  expect(pdf.match(/\/Type\s*\/Page\b(?!s)/g)).toHaveLength(1)
  const text = await download(page, 'As text')
  for (const words of [
    'DF-2611-007',
    'DF-2210-131',
    '## Not checked',
    'regen',
    'machine file',
    'bar end scraped',
    'Tyres, brake, play, plugs',
    'What you complained of',
  ])
    expect(text.text).toContain(words)
  expect(JSON.parse((await download(page, 'As data')).text)).toMatchObject({ machine: 'Dunlin journey', owner: expect.any(String) })
  const dates = await download(page, 'Calendar')
  expect(dates.name).toMatch(/\.ics$/)
  expect(dates.text).toMatch(/BEGIN:VEVENT[\s\S]*Tyres\\?, brake/)
  await expect.poll(async () => (await journal(page, jobId)).at(-1)?.kind).toBe('handed-back')
})

/** A ride whose logs are wrong one after the other, each told plainly; then one that is judged. */
async function rideWithLogs(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Prove/ }).click()
  await page.getByRole('button', { name: 'Once more' }).last().click()
  const give = (name: string, text: string | Buffer) =>
    sheet(page)
      .getByLabel('Its log, if there is one')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
  const rows = quayCsv({ seconds: 120, hz: 25, top: 19 }).trim().split('\n')
  await give('no-time.csv', 'speed,current\n1,2\n2,3\n')
  await expect(sheet(page).getByText('no-time.csv: No column here is certainly the time: speed, current.')).toBeVisible()
  await give('backwards.csv', [rows[0], ...rows.slice(1).reverse()].join('\n'))
  await expect(sheet(page).getByText(/go back in time, the first at line 3: left out|runs backward in every line/)).toBeVisible()
  const noise = Buffer.alloc(50_000_000)
  for (let i = 0, x = 9; i < noise.length; i += 4) noise.writeUInt32LE((x = (Math.imul(x, 1_664_525) + 1_013_904_223) >>> 0), i)
  await give('noise.csv', noise)
  await expect(sheet(page).getByText(/^▲ noise.csv: /)).toBeVisible({ timeout: 60_000 })
  const gappy = [...rows.slice(0, 500), rows[499]!, ...rows.slice(900)]
  await give('gappy.csv', gappy.join('\n'))
  await expect(sheet(page).getByText(/1 line repeat|1 lines? repeat a time, the first at line 501/)).toBeVisible()
  await expect(sheet(page).getByText(/1 gap, the first before line 502, the longest 16/)).toBeVisible()
  await give('quay.csv', rows.join('\n'))
  await expect(sheet(page).getByText(/quay.csv · 3,000 lines/)).toBeVisible()
  await sheet(page).getByLabel('How did it ride?').fill('pulls clean from standstill')
  await sheet(page).getByLabel('Minutes', { exact: true }).fill('2')
  await sheet(page).getByRole('button', { name: 'Log this ride' }).click()
  await expect(sheet(page)).toBeHidden()
  await expect(page.getByText(/4\.\d+ ± 0\.5 m\/s², at least 3\.5/)).toBeVisible()
}

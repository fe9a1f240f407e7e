import { expect, type Page, test } from '@playwright/test'
import { card, journal, signIn, title } from './bench'

const sheet = (page: Page) => page.getByRole('dialog')

async function takenIn(page: Page, machine: string, symptom: string): Promise<string> {
  await page.goto('/take-in')
  await page.getByRole('radio', { name: new RegExp(`^${machine}`) }).check()
  await page.getByLabel('Which one').fill('found 1')
  await page.getByLabel('What does it do?').fill('see below')
  await page.getByRole('button', { name: 'Take it in' }).click()
  await page.getByRole('button', { name: 'None of them: sound' }).click()
  await page.getByRole('group', { name: 'The usual ones' }).getByRole('button', { name: symptom }).click()
  await page.getByRole('button', { name: /^Find the fault/ }).click()
  await page.getByRole('button', { name: 'Move the job to this stage' }).click()
  return new URL(page.url()).pathname.split('/').at(-1)!
}

/** Answers what the card asks as this machine would; what it does not say cannot be done. How many tests were taken. */
async function answered(page: Page, shows: Readonly<Record<string, string>>): Promise<number> {
  let taken = 0
  for (let i = 0; i < 25; i++) {
    await expect(card(page).getByText(/^(Next best test|Stop measuring) · /)).toBeVisible()
    if (
      await card(page)
        .getByText(/^Stop measuring · /)
        .isVisible()
    )
      return taken
    const asked = await title(page)
    const say = shows[asked]
    if (say === undefined) {
      await card(page).getByRole('button', { name: 'Can’t do this one' }).click()
      await sheet(page).getByRole('radio').first().check()
      await sheet(page).getByRole('button', { name: 'Leave it out' }).click()
    } else {
      taken++
      if (/^\d/.test(say)) {
        await card(page).getByRole('button', { name: 'Key it in' }).click()
        await sheet(page).getByRole('textbox').first().fill(say)
        await sheet(page).getByRole('button', { name: 'Log it' }).click()
      } else
        await card(page)
          .getByRole('group', { name: 'What it showed' })
          .getByRole('button', { name: new RegExp(`^${say}`) })
          .click()
    }
    await expect.poll(() => title(page)).not.toBe(asked)
  }
  throw new Error('it never stops asking')
}

test('a geared hub whose gears are stripped is found by ear and hand, backward, and called', async ({ page }) => {
  test.setTimeout(240_000)
  await signIn(page, 'Ines')
  const job = await takenIn(page, 'Whimbrel', 'motor runs, no force')
  const taken = await answered(page, {
    'Is it allowed to run?': 'Nothing holds it',
    'Wheel held, a breath of throttle': 'Motor heard, no force',
    'Turn the wheel backward by hand': 'Nothing comes along',
    'Listen at the cover': 'Clatters or crunches',
    'Turn the wheel by hand, plugged in': 'Free',
    'Read the error code': 'No code',
    'Look at the axle, its lead, cover and disc': 'All as it should be',
    'Pack voltage at rest': '50,1',
  })
  expect(taken).toBeGreaterThan(0)
  await expect(card(page).getByRole('heading', { level: 2 })).toHaveText('The motor comes out')
  await card(page).getByRole('button', { name: 'Call it, choose the job' }).click()
  await sheet(page)
    .getByRole('radio', { name: /^Planet gear stripped (?!and)/ })
    .check()
  await sheet(page).getByRole('button', { name: 'Call it', exact: true }).click()
  await expect(page.getByText(/Planet gear stripped/).first()).toBeVisible()
  await expect
    .poll(async () => (await journal(page, job)).find((e) => e.kind === 'fault-called')?.body)
    .toMatchObject({
      id: 'gear-stripped',
      way: 'swap',
    })
})

test('a mid-drive that helps for some metres is found by the gap of its magnet; a reading that does not fit is marked', async ({
  page,
}) => {
  test.setTimeout(240_000)
  await signIn(page, 'Ines')
  await takenIn(page, 'Godwit', 'helps for some metres, then stops')
  const taken = await answered(page, {
    'Gap of the speed magnet': '35',
    'Ride on: does the help go on?': 'It ends after some metres',
    'Is it allowed to run?': 'Nothing holds it',
    'Read the error code': 'Temperature',
    'Walk mode, rear wheel off the ground': 'It turns evenly',
    'Look at drive, plugs and cables': 'All as it should be',
  })
  expect(taken).toBeGreaterThan(0)
  await expect(card(page).getByRole('heading', { level: 2 })).toHaveText(/set the speed magnet to its gap/)
  await expect(page.getByText('Nothing explains this: measure it again?')).toBeHidden()
  // A crank with 19 mm of play would have been told of long before.
  await page.getByRole('listitem').filter({ hasText: 'Play at the crank’s end' }).getByRole('button', { name: 'Take it' }).click()
  await sheet(page).getByRole('textbox').first().fill('19')
  await sheet(page).getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByText('Nothing explains this: measure it again?')).toBeVisible()
})

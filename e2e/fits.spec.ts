import { expect, type Page, test } from '@playwright/test'
import { card, clean, compareNew, journal, signIn, takeInDunlin } from './bench'
import { seeded } from './seed'

interface Sum {
  readonly verdict: string
  readonly asked: readonly { readonly id: string; readonly from?: string }[]
}

const sheetOf = (page: Page) => page.getByRole('dialog')

test('a 14 mm screw in a 10 mm hole is stopped, told what would do, and the right one opens the step', async ({ page }) => {
  await signIn(page, 'Ines')
  const job = await seeded(
    page,
    'dunlin',
    'inspect',
    (s) => s.id === 'up:undo:deck-screws',
    (book) => book.log('fixing-replaced', { members: ['deck-screw-3'] }),
  )
  await page.goto(`/jobs/${job}`)
  await expect(card(page).getByText('A new one: M4×10, hole 3')).toBeVisible()
  await expect(card(page).getByText('The 14 mm ones would go 1.5 mm into it.')).toBeVisible()
  await card(page).getByRole('button', { name: 'Laid side by side: 11 alike' }).click()
  await expect(card(page).getByText('of a set with two lengths')).toBeHidden()
  await card(page).getByRole('button', { name: 'Measure' }).click()
  const sheet = sheetOf(page)
  await expect(sheet.getByLabel('Thread to what is behind')).toHaveValue('10.5')
  await sheet.getByLabel('Length below the head').fill('14')
  await expect(sheet.getByText('Stop: too long here.')).toBeVisible()
  await clean(page, 'a screw too long')
  await sheet.getByRole('button', { name: 'Put it in the job' }).click()
  await expect(card(page).getByText('Too long here: M4×10, hole 3')).toBeVisible()
  await expect(card(page).getByText('At most 10 mm here.')).toBeVisible()
  await expect(card(page).getByRole('button', { name: /Start|Tighten|Fit|started/ })).toBeHidden()
  await card(page).getByRole('button', { name: 'Measure' }).click()
  await sheet.getByLabel('Length below the head').fill('0.39 in')
  await expect(sheet.getByText('Clear: it does not reach.')).toBeVisible()
  await sheet.getByRole('button', { name: 'Put it in the job' }).click()
  await expect(card(page).getByText('Too long here')).toBeHidden()
  const sums = async () => (await journal(page, job)).flatMap((e) => (e.kind === 'worked-out' ? [e.body as unknown as Sum] : []))
  await expect.poll(async () => (await sums()).map((b) => b.verdict)).toEqual(['clear', 'stop', 'clear'])
  // What was seen, what was keyed in and what the file says are three different things.
  const from = (await sums()).map((b) => b.asked.find((a) => a.id === 'length')!.from)
  expect(from).toEqual(['seen', 'measured', 'measured'])
})

test('a stack 1.5 mm too wide is found when the new motor is compared', async ({ page }) => {
  await signIn(page, 'Tobias')
  await takeInDunlin(page, 'wide hub')
  await page.getByRole('radio', { name: 'front motor', exact: true }).check()
  await compareNew(page, { 'between the inner washers': '101.5' })
  await expect(page.getByText(/between the inner washers differs/i).first()).toBeVisible()
})

test('the workings of the bench: a shim from three readings each, a bearing by its number, a thread that does not exist', async ({
  page,
}) => {
  await signIn(page, 'Marit')
  await page.getByRole('link', { name: 'Workings' }).click()
  const main = page.getByRole('main')
  await main.getByRole('button', { name: 'Seat and shim' }).click()
  await expect(main.getByText('One reading only')).toBeVisible()
  await main.getByLabel('Face to floor of the seat').fill('9.42 9.41 9.43')
  await main.getByLabel('Bearing, width').fill('8.00 8.01 8.00')
  await main.getByLabel('Collar stands out').fill('0.99 1.00 1.01')
  const came = main.getByRole('status', { name: 'What it comes to' })
  await expect(came).toContainText('shim0.3 mm')
  await expect(came).toContainText('The shim bears on the outer ring only.')
  await expect(main.getByText('One reading only')).toBeHidden()
  await clean(page, 'seat and shim')
  await main.getByRole('button', { name: 'Another set beside it' }).click()
  await expect(main.getByRole('status', { name: 'B', exact: true })).toBeVisible()
  await main.getByRole('button', { name: 'Bearing number' }).click()
  await main.getByLabel('It says').fill('6030')
  await expect(main.getByRole('alert')).toContainText('“6030” is in none of our lists. Nearest: 6000, 6003')
  await main.getByLabel('It says').fill('6902 2RS C3')
  await expect(came).toContainText('6902-2RS C3')
  await main.getByRole('button', { name: 'Screw in its hole' }).click()
  await main.getByLabel('Thread', { exact: true }).fill('M5.5')
  await expect(main.getByRole('alert')).toContainText('Nearest: M5, M6.')
  await main.getByLabel('Thread', { exact: true }).fill('M5')
  await expect(came).toContainText('Measure the depth first.')
  await main.getByLabel('What is clamped').fill('-3')
  await expect(main.getByRole('alert')).toContainText('outside 0 to 200 mm')
  // Where a card was laid on the glass, what is drawn to scale is drawn at its true size too.
  await page.evaluate(() => {
    const here = { ratio: devicePixelRatio * (visualViewport?.scale ?? 1), screen: screen.width }
    localStorage.setItem('nailsmith-scale', JSON.stringify({ pxPerMm: 3, ...here }))
  })
  await page.reload()
  await main.getByRole('button', { name: 'Stack in its frame' }).click()
  await main.getByLabel('Hub, over its shoulders').fill('99')
  const hub = page.getByRole('img', { name: 'Stack in its frame, at true size' }).locator('rect').first()
  expect((await hub.boundingBox())!.width).toBeCloseTo(3 * 99, 0)
})

test('a foreign motor on a worn slot wants its arm before any throttle; with the arm the look opens it', async ({ page }) => {
  await signIn(page, 'Ines')
  const job = await seeded(
    page,
    'sanderling',
    'motor-goal',
    (s) => s.check === 'reaction path',
    (book) =>
      book.log('replacement-compared', {
        part: 'motor-wheel',
        rows: [{ id: 'pole-pairs', name: 'pole pairs', old: 15, oldFrom: 'measured', fresh: 15, verdict: 'match' }],
      }),
  )
  await page.goto(`/jobs/${job}`)
  await expect(card(page).getByText('The new motor is of another make')).toBeVisible()
  await card(page).getByRole('button', { name: 'Work it out' }).click()
  const sheet = sheetOf(page)
  await expect(sheet.getByLabel('Motor and frame as delivered')).toHaveValue('no')
  await sheet.getByLabel('Slot worn').selectOption('yes')
  await expect(sheet.getByText('A torque arm is wanted.')).toBeVisible()
  await expect(sheet.getByText(/a worn slot · a motor that is not the maker’s/)).toBeVisible()
  await clean(page, 'an axle worked out')
  await sheet.getByRole('button', { name: 'Put it in the job' }).click()
  await expect(card(page).getByText('Its axle wants a torque arm.')).toBeVisible()
  await card(page).getByRole('button', { name: 'Work it out' }).click()
  await expect(sheet.getByLabel('Slot worn')).toHaveValue('yes')
  await sheet.getByLabel('Torque arm', { exact: true }).selectOption('fitted')
  await expect(sheet.getByText('Its arm holds it.')).toBeVisible()
  await sheet.getByRole('button', { name: 'Put it in the job' }).click()
  await expect(card(page).getByText('Its axle wants a torque arm.')).toBeHidden()
})

test('the Godwit’s shell is converted both ways: what goes on one way comes off the other, bolts by place, and what it makes', async ({
  page,
}) => {
  await signIn(page, 'Ines')
  await page.goto('/machines/godwit')
  const width = page.getByRole('region', { name: 'Convert: shell' })
  await expect(width).toContainText('Goes onshell ring 10, leftshell ring 10, right')
  await expect(width).toContainText('Bolt, rear: M8×35 now, M8×45 then')
  await expect(width).toContainText('Wanted laterchain line shim 1, behind the chainring')
  await expect(width).toContainText('It all makes 120 mm.')
  await width.getByLabel('Fitted now').selectOption('120 mm')
  await expect(width).toContainText('Nothing changes.')
  await width.getByLabel('To be fitted').selectOption('100 mm')
  await expect(width).toContainText('Comes offshell ring 10, leftshell ring 10, right')
  await expect(width).toContainText('Bolt, rear: M8×45 now, M8×35 then')
  await expect(width).toContainText('It all makes 100 mm.')
  await clean(page, 'another width')

  // In a job: what is to be got has its new length, and stays so over a reload.
  const id = await seeded(page, 'godwit', 'motor-goal', (s) => s.limb === 'up')
  await page.goto(`/jobs/${id}?stage=swap`)
  await page.getByRole('button', { name: 'Convert the shell' }).click()
  const sheet = page.getByRole('dialog')
  await sheet.getByRole('checkbox', { name: 'shell ring 10' }).check()
  await expect(sheet.getByText(/^◆ shell ring 10 belongs to 120 mm, not to 100 mm/)).toBeVisible()
  await sheet.getByRole('checkbox', { name: 'shell ring 10' }).uncheck()
  await sheet.getByRole('button', { name: 'It becomes 120 mm' }).click()
  await expect(card(page).getByText('A new one to get before it goes back: M8×45, rear')).toBeVisible()
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  await page.reload()
  await expect(card(page).getByText('A new one to get before it goes back: M8×30, upper left')).toBeVisible()
  await expect(card(page).getByText('Shell: now 120 mm; before 100 mm.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Convert the shell' })).toBeHidden()

  // A kit where there was none: the motor has no place before; then it goes on by the steps of the file.
  const cart = await seeded(page, 'curlew', 'fit-goal', (s) => s.limb === 'up')
  await page.goto(`/jobs/${cart}?stage=swap`)
  await expect(card(page).getByText('The assist motor has no place on it yet.')).toBeVisible()
  await expect(card(page).getByRole('button', { name: 'New assist motor it is' })).toBeHidden()
  await page.getByRole('button', { name: 'Convert the assist kit' }).click()
  await sheet.getByRole('button', { name: 'It becomes assist fitted' }).click()
  await expect(card(page).getByText('A new one to get before it goes back: M5×14, hole 3 of 3')).toBeVisible()
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  await page.reload()
  await card(page).getByRole('button', { name: 'New assist motor it is' }).click()
  await expect(card(page).getByRole('heading', { name: 'Controller in on its edge, plugs first' })).toBeVisible()
  await expect(page.getByRole('button', { name: /Power on, lock to lock/ })).toBeVisible()
  await card(page).getByRole('button', { name: 'Back on' }).click()
  await expect(card(page).getByRole('heading', { name: '3 controller bolts' })).toBeVisible()
})

test('the tab’s side is turned with the machine, and a stack is put in order with mouse, keys and words', async ({ page }) => {
  await signIn(page, 'Ines')
  const job = await seeded(page, 'sanderling', 'motor-goal', (s) => s.id === 'up:undo:left-washers')
  await page.goto(`/jobs/${job}`)
  await expect(card(page).getByText('Tab points down on the machine, now up.')).toBeVisible()
  await card(page).getByRole('button', { name: 'workings' }).click()
  const sheet = sheetOf(page)
  await sheet.getByLabel('Workings').selectOption({ label: 'Stack on a shaft' })
  // It stands on its bars: what points down points up, and its left end is to the right.
  await expect(sheet.locator('[data-points]')).toHaveCount(2)
  expect(await sheet.locator('[data-points]').evaluateAll((all) => all.map((e) => (e as SVGElement).dataset['points']))).toEqual([
    'up',
    'up',
  ])
  const at = async (text: string) => (await sheet.locator('text', { hasText: text }).boundingBox())!.x
  expect(await at('its left end')).toBeGreaterThan(await at('its right end'))
  await expect(sheet.getByText('It fits.')).toBeVisible()
  const left = sheet.getByRole('group', { name: 'Left end' })
  const words = left.getByRole('textbox', { name: 'Left end, in words' })
  const handle = (n: number) => left.getByRole('button', { name: `Move piece ${n}`, exact: true })
  await expect(words).toHaveValue('nut 8; washer 1.5; tab 2 down; frame 5; washer 1')
  await handle(3).focus()
  await page.keyboard.press('ArrowUp')
  await expect(words).toHaveValue('nut 8; tab 2 down; washer 1.5; frame 5; washer 1')
  await expect(handle(2)).toBeFocused()
  const [from, to] = [(await handle(2).boundingBox())!, (await handle(3).boundingBox())!]
  await page.mouse.move(from.x + 20, from.y + 20)
  await page.mouse.down()
  await page.mouse.move(to.x + 20, to.y + to.height, { steps: 12 })
  await page.mouse.up()
  await expect(words).toHaveValue('nut 8; washer 1.5; tab 2 down; frame 5; washer 1')
  await clean(page, 'a stack')
  await words.fill('nut 8; washer 1.5; tab 2 down; frme 5; washer 2.5')
  await expect(left.getByRole('alert')).toHaveText(/Piece 4 is no piece of a stack. Nearest: frame/)
  await words.fill('nut 8; washer 1.5; tab 2 down; frame 5; washer 2.5')
  await expect(sheet.getByText('Too wide: it spreads the frame.')).toBeVisible()
  await sheet.getByRole('button', { name: 'Put it in the job' }).click()
  await expect
    .poll(async () => (await journal(page, job)).at(-1))
    .toMatchObject({ kind: 'worked-out', body: { working: 'shaft-stack', verdict: 'spreads the frame', why: ['in the frame'] } })
})

import { expect, type Locator, type Page, test } from '@playwright/test'
import { card, journal, later, signIn, title } from './bench'

/** Counts what a mechanic presses and types: a tap is one press outside a keypad, a keyed figure counts once. */
class Hands {
  taps = 0
  figures = 0
  texts = 0
  constructor(private readonly page: Page) {}
  async tap(what: Locator): Promise<void> {
    this.taps++
    await what.click()
  }
  async choose(list: Locator, option: string | RegExp): Promise<void> {
    this.taps++
    const label = await list.locator('option').filter({ hasText: option }).first().textContent()
    await list.selectOption({ label: label! })
  }
  async key(field: Locator, value: string): Promise<void> {
    this.figures++
    await field.fill(value)
  }
  async write(field: Locator, text: string): Promise<void> {
    this.texts++
    await field.fill(text)
  }
  /** One press of the card's big action, and what it asks for. */
  async step(): Promise<void> {
    const before = await card(this.page).locator('article').innerText()
    const both = card(this.page).getByRole('button', { name: /^This, and: / })
    const button = (await both.isVisible()) ? both : card(this.page).locator('button.bg-copper').first()
    await expect(button).toBeEnabled()
    const label = await button.innerText()
    await this.tap(button)
    const sheet = this.page.getByRole('dialog')
    if (label.startsWith('Enter the readings')) await this.proof(sheet)
    else if (label.startsWith('Look, and answer')) await this.look(sheet)
    else if (label.includes('say how')) await this.tap(sheet.getByRole('button', { name: 'Log it as final' }))
    else if (label.includes('Key in what it shows')) {
      const list = sheet.getByLabel('Measured with')
      await expect(list).not.toHaveValue('')
      await this.key(sheet.locator('input[inputmode="decimal"]').last(), '3.2')
      await this.tap(sheet.getByRole('button', { name: 'Log the figures' }))
    }
    await expect(async () => expect(await card(this.page).locator('article').innerText()).not.toBe(before)).toPass({ timeout: 10_000 })
  }
  private async proof(sheet: Locator): Promise<void> {
    const list = sheet.getByLabel('Meter, checked')
    if ((await list.inputValue()) === '') await this.choose(list, 'meter 3')
    for (const volts of ['41.3', '0.2', '0.1']) {
      const field = sheet.locator('input[inputmode="decimal"]')
      await this.key(field, volts)
      if (!(await sheet.getByRole('button', { name: 'Next place' }).isVisible())) break
      // The keypad's own enter.
      await field.press('Enter')
    }
    await this.tap(sheet.getByRole('button', { name: 'Log this proof' }))
    await expect(sheet).toBeHidden()
  }
  private async look(sheet: Locator): Promise<void> {
    await expect(sheet.getByRole('button', { name: 'Log the check' })).toBeVisible()
    for (const box of await sheet.getByRole('checkbox').all()) await this.tap(box)
    for (const item of await sheet.getByRole('button', { name: /: Right$/ }).all()) await this.tap(item)
    await expect(sheet).toBeHidden()
  }
}

test('the Sanderling’s wheel, door to door: taps, figures and words are counted', async ({ page, request }) => {
  test.setTimeout(150_000)
  const hands = new Hands(page)
  await signIn(page, 'Ines')
  await page.goto('/take-in')
  await hands.tap(page.getByRole('radio', { name: /^Sanderling/ }))
  await hands.write(page.getByLabel('Owner', { exact: true }), 'fish hall')
  await hands.write(page.getByLabel('What does it do?'), 'front tyre worn through')
  await hands.tap(page.getByRole('button', { name: 'front tyre', exact: true }))
  await hands.tap(page.getByRole('button', { name: 'Take it in' }))
  await hands.tap(page.getByRole('button', { name: 'None of them: sound' }))
  const jobId = new URL(page.url()).pathname.split('/').at(-1)!
  for (let n = 0; n < 70 && !/Everything is back/.test(await title(page)); n++) await hands.step()
  await later(request, 30)
  await page.reload()
  await hands.tap(card(page).getByRole('button', { name: 'Back from the ride' }))
  const ride = page.getByRole('dialog', { name: 'The ride' })
  await hands.tap(ride.getByRole('radio', { name: 'Gently, half a kilometre' }))
  await hands.key(ride.getByLabel('Metres', { exact: true }), '800')
  await hands.key(ride.getByLabel('Minutes', { exact: true }), '6')
  await hands.tap(ride.getByRole('button', { name: /^3 stops with each/ }))
  await hands.tap(ride.getByRole('button', { name: 'Log this ride' }))
  await hands.tap(page.getByRole('radio', { name: 'Gone', exact: true }))
  await hands.tap(page.getByRole('button', { name: 'Hand it back' }))
  await expect(page.getByRole('heading', { name: 'It has gone home' })).toBeVisible()
  const counted = `${hands.taps} taps, ${hands.figures} figures keyed, ${hands.texts} texts`
  process.stdout.write(`the Sanderling's wheel, door to door: ${counted}\n`)
  expect({ taps: hands.taps <= 60, figures: hands.figures <= 12, texts: hands.texts }).toEqual({ taps: true, figures: true, texts: 2 })
  await expect.poll(async () => (await journal(page, jobId)).at(-1)?.kind).toBe('handed-back')
})

import { type ChildProcess, spawn } from 'node:child_process'
import { expect, type Page, test } from '@playwright/test'
import { BENCH, journal, signIn, takeInDunlin } from './bench'

test.use({ serviceWorkers: 'allow' })

const sheet = (page: Page) => page.getByRole('dialog')
const live = (page: Page) => sheet(page).getByRole('region', { name: 'From the instrument' })

/** The program of the shop’s computer, joined by the code that the page shows. */
async function relay(page: Page): Promise<ChildProcess> {
  await page.getByRole('button', { name: 'Connect a computer' }).click()
  const code = /--code (\w+)/.exec((await page.getByText(/npm run instruments/).textContent()) ?? '')?.[1] ?? ''
  const args = ['--shop', BENCH.url, '--code', code, '--name', 'bench-2', '--stand-ins', 'multimeter']
  return spawn(process.execPath, ['--import', 'tsx', 'scripts/instruments.ts', ...args], { stdio: 'inherit' })
}

/** Turns the dial of the simulated multimeter, as its panel does. */
async function turn(page: Page, dial: string): Promise<void> {
  await page.evaluate(async (to) => {
    const { relays } = (await (await fetch('/api/instruments')).json()) as {
      relays: { id: string; instruments: { key: string; at: { here: boolean } | null }[] }[]
    }
    const relay = relays.find((r) => r.instruments.some((i) => i.at?.here))!
    const { key } = relay.instruments.find((i) => i.at?.here)!
    const body = JSON.stringify({ relay: relay.id, key, ask: 'order', order: { key, to: 'turn', dial: to } })
    await fetch('/api/instruments', { method: 'POST', headers: { 'content-type': 'application/json' }, body })
  }, dial)
}

test('readings come through the shop’s computer: a wrong mode and ohms on a live machine are refused by name, a key takes it, and it may be pulled out in the middle', async ({
  page,
  context,
}) => {
  await signIn(page, 'Ines')
  await page.getByRole('link', { name: 'Instruments' }).click()
  const computer = await relay(page)
  try {
    await page.getByRole('button', { name: 'Bring it to this tablet' }).click()
    await page.getByLabel('Held on a figure, V').fill('51.8')
    await page.getByRole('button', { name: 'Hold it there' }).click()
    await page.getByLabel('Its dial').selectOption('A AC')
    const job = await takeInDunlin(page, 'no. 88')
    await page.getByRole('button', { name: /^Find the fault/ }).click()
    const another = page.getByRole('button', { name: /^Another reading/ })
    await another.click()
    await expect(live(page).getByText('stand-in: a machine that is not there')).toBeVisible()
    await sheet(page).getByRole('radio', { name: 'Resistance' }).check()
    await expect(live(page).getByText('Stand-in multimeter shows amps. This wants ohms.')).toBeVisible()
    await page.keyboard.press('Escape')

    // The test says what the meter has to be on; its dial is turned with the sheet open.
    await page.getByRole('button', { name: 'Key it in' }).click()
    await expect(live(page).getByText('Stand-in multimeter shows amps. This wants volts.')).toBeVisible()
    await expect(sheet(page).getByRole('img', { name: /^Red on pin 1, red \(pack \+\), at the pack plug/ })).toBeVisible()
    await turn(page, 'V AC')
    await expect(live(page).getByText('Stand-in multimeter is on volts AC. This wants volts DC.')).toBeVisible()
    await page.keyboard.press('PageDown')
    await expect(sheet(page).getByRole('textbox').first()).toHaveValue('')
    await turn(page, 'ohm')
    await expect(live(page).getByText('The machine is live. Ohms are measured on a dead one.')).toBeVisible()
    await turn(page, 'V DC')
    // Two figures: the key takes one after the other.
    for (const figure of ['At rest', 'At full throttle']) {
      await expect(sheet(page).getByRole('tab', { name: figure, selected: true })).toBeVisible()
      await expect(live(page).getByRole('button', { name: /^Take \d+\.\d+ V$/ })).toBeVisible()
      await expect(live(page).getByText('It stands still')).toBeVisible()
      await page.keyboard.press('PageDown')
      await expect(sheet(page).getByRole('tab', { name: figure })).toHaveText(/\d V$/)
    }
    await sheet(page).getByRole('button', { name: 'Log it' }).click()
    await expect
      .poll(async () => (await journal(page, job)).filter((e) => e.kind === 'reading-taken'))
      .toMatchObject([{ body: { measured: { mode: 'V DC', instrument: { id: 'stand-in:multimeter', name: 'stand-in multimeter' } } } }])
    await page.getByRole('button', { name: /^Journal/ }).click()
    await expect(sheet(page).getByText(/, stand-in multimeter/)).toBeVisible()
    await page.keyboard.press('Escape')

    await another.click()
    await sheet(page).getByRole('radio', { name: 'Voltage' }).check()
    await expect(live(page).getByRole('button', { name: /^Take / })).toBeVisible()
    await context.setOffline(true)
    await expect(live(page).getByText('Nothing comes from stand-in multimeter any more.')).toBeVisible()
    await sheet(page).getByRole('textbox', { name: 'Shown' }).fill('1.3')
    await sheet(page).getByRole('button', { name: 'Log it' }).click()
    await context.setOffline(false)
    await another.click()
    await sheet(page).getByRole('radio', { name: 'Voltage' }).check()
    await expect(live(page).getByRole('button', { name: /^Take / })).toBeVisible()
    computer.kill('SIGKILL')
    await expect(live(page).getByText('Nothing comes from stand-in multimeter any more.')).toBeVisible()
  } finally {
    computer.kill('SIGKILL')
  }
})

test('an instrument on a cable and one that types: garbage, a thousand lines a second, a unit that does not exist, pulled out in the middle', async ({
  page,
}) => {
  await page.addInitScript(() => {
    let feed: ReadableStreamDefaultController<Uint8Array>
    const bytes = new TextEncoder()
    const port = {
      readable: new ReadableStream<Uint8Array>({ start: (c) => void (feed = c) }),
      open: () => Promise.resolve(),
      close: () => Promise.resolve(),
    }
    Object.assign(window, {
      say: (text: string) => feed.enqueue(bytes.encode(text)),
      noise: (x: number[]) => feed.enqueue(new Uint8Array(x)),
      pull: () => feed.error(new Error('gone')),
    })
    Object.defineProperty(navigator, 'serial', { value: { requestPort: () => Promise.resolve(port), getPorts: () => Promise.resolve([]) } })
  })
  const say = (text: string) => page.evaluate((t) => (window as unknown as { say: (x: string) => void }).say(t), text)
  await signIn(page, 'Ines')
  await takeInDunlin(page, 'no. 89')
  await page.getByRole('link', { name: 'Instruments' }).click()
  await page.getByRole('group', { name: 'Connect one by a cable' }).getByLabel('What stands on it').fill('Meter 3')
  await page.getByRole('button', { name: 'Choose its port' }).click()
  await expect(page.getByRole('button', { name: 'Let it go' })).toBeVisible()
  await page.evaluate(() =>
    (window as unknown as { noise: (x: number[]) => void }).noise(Array.from({ length: 5000 }, (_, i) => (i * 37) % 256)),
  )
  await say('\n\u0007\u0007\n')
  await expect(page.getByText('What comes is no text. Is its speed right?')).toBeVisible()
  await say('12 furlongs\n')
  await expect(page.getByText('“furlongs” is no unit that is known here.')).toBeVisible()

  // To the job without a new page: the cable stays.
  await page.getByRole('link', { name: 'Stands', exact: true }).click()
  await page
    .getByRole('link', { name: /no. 89/ })
    .first()
    .click()
  await page.getByRole('button', { name: /^Find the fault/ }).click()
  await page.getByRole('button', { name: /^Another reading/ }).click()
  // What it sent before the field was there does not count for it.
  await expect(live(page)).toBeVisible()
  await page.evaluate(() => {
    const { say: tell } = window as unknown as { say: (x: string) => void }
    for (let i = 0; i < 3000; i++) tell(`${(38 + 3 * Math.sin(i)).toFixed(2)} V DC\n`)
  })
  await expect(live(page).getByText(/^◌ Moving: 35 V to 41 V$/)).toBeVisible()
  await live(page).getByRole('button', { name: 'Lowest 35 V' }).click()
  await expect(sheet(page).getByRole('textbox', { name: 'Shown' })).toHaveValue('35')
  await sheet(page).getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByRole('cell', { name: '35 V' })).toBeVisible()

  // Several fields on one sheet: a reading goes into the one that is named, then on to the next that is empty.
  await page.getByRole('button', { name: 'Take one thing out' }).click()
  await sheet(page).getByRole('radio', { name: 'the brake' }).check()
  await sheet(page).getByRole('radio', { name: 'Spring scale at the tyre' }).check()
  for (const [field, line, next] of [
    ['With it in', '11.5 N', 'With it out'],
    ['With it out', '4.0 N', 'A sound one, if there is one'],
  ] as const) {
    await expect(live(page).getByText(`Goes into: ${field}`)).toBeVisible()
    await say(`${line}\n`)
    await expect(live(page).getByText(line, { exact: true })).toBeVisible()
    await page.keyboard.press('PageDown')
    await expect(sheet(page).getByLabel(`${field}, N`)).toHaveValue(String(Number.parseFloat(line)))
    await expect(live(page).getByText(`Goes into: ${next}`)).toBeVisible()
  }
  await sheet(page).getByLabel('A sound one, if there is one, N').fill('0.4 kgf')
  await sheet(page).getByRole('button', { name: 'Log the trial' }).click()
  await expect(page.getByText(/11\.5 N.*4 N/)).toBeVisible()

  // One that types like a keyboard: its figure goes into the field, whatever has the focus, with its unit understood.
  await page.getByRole('button', { name: /^Another reading/ }).click()
  await page.evaluate(() => (window as unknown as { pull: () => void }).pull())
  await expect(live(page).getByText('Nothing comes from Meter 3 any more.')).toBeVisible()
  await sheet(page).getByRole('button', { name: '7', exact: true }).focus()
  // A browser that was busy in the middle of it takes none of it: it is sent once more, as at the bench.
  await expect(async () => {
    await page.keyboard.type('41250 mV\n')
    await expect(sheet(page).getByRole('textbox', { name: 'Shown' })).toHaveValue('41.25', { timeout: 1_000 })
  }).toPass()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: /^Journal/ }).click()
  await expect(sheet(page).getByText(/Reading: voltage 35 V, live, meter 3/)).toBeVisible()
})

// From the tap on a step to the paint that shows it, at 4× CPU slow-down, in Chromium on the production build.
import { chromium } from '@playwright/test'
import { CHROMIUM_ARGS } from '../scripts/lib/chromium.mjs'
import { signIn } from '../scripts/lib/sizes.mjs'
import { World } from '../scripts/lib/world.mjs'

const row = (name, value, wanted) => console.log(`  ${name.padEnd(58)} ${value.padStart(14)}   ${wanted}`)

/** In the page: taps the card's big action, then waits for the frame after the title has changed. */
const tap = () =>
  new Promise((resolve) => {
    const title = () => document.querySelector('aside h2')?.textContent
    const before = title() + document.querySelector('aside article')?.textContent
    const start = performance.now()
    document.querySelector('aside button.bg-copper')?.click()
    const look = () => {
      if (title() + document.querySelector('aside article')?.textContent === before) return void requestAnimationFrame(look)
      requestAnimationFrame(() => resolve(performance.now() - start))
    }
    requestAnimationFrame(look)
  })

export async function screenBench(cluster) {
  const world = await new World(cluster).open()
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', chromiumSandbox: false, args: CHROMIUM_ARGS })
  try {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
    await signIn(page, world.url(), 'Marit')
    await page.getByRole('link', { name: /no\. 3/ }).click()
    await page.getByRole('heading', { level: 2, name: /Undo 2 caliper bolts/ }).waitFor()
    const client = await page.context().newCDPSession(page)
    await client.send('Emulation.setCPUThrottlingRate', { rate: 4 })
    const times = []
    for (let i = 0; i < 8; i++) {
      if ((await page.locator('aside h2').textContent())?.includes('bottom')) break
      times.push(await page.evaluate(tap))
      await page.waitForTimeout(600)
    }
    times.sort((a, b) => a - b)
    console.log('\nScreen, 4× slower CPU')
    row('tap on a step to paint, median', `${times[Math.floor(times.length / 2)].toFixed(0)} ms`, 'under 100 ms')
    row('tap on a step to paint, worst of ' + times.length, `${times.at(-1).toFixed(0)} ms`, '')
  } finally {
    await browser.close()
    await world.close()
  }
}

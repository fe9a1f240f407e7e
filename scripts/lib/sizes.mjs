// First-load script of every page, gzipped, as a cold Chromium loads it to network idle; and all script of a job with its workers.
import { chromium } from '@playwright/test'
import { launched } from './chromium.mjs'
import { say } from './shell.mjs'
import { World } from './world.mjs'

const PAGE_LIMIT = 220_000
const JOB_LIMIT = 900_000

async function measure(browser, world, visit) {
  const context = await browser.newContext({ serviceWorkers: 'block' })
  const page = await context.newPage()
  const sizes = new Map()
  const client = await context.newCDPSession(page)
  await client.send('Network.enable')
  await client.send('Network.setCacheDisabled', { cacheDisabled: true })
  const scripts = new Set()
  client.on('Network.responseReceived', (e) => /\.js(\?|$)/.test(e.response.url) && scripts.add(e.requestId))
  client.on('Network.loadingFinished', (e) => scripts.has(e.requestId) && sizes.set(e.requestId, e.encodedDataLength))
  await visit(page, () => {
    sizes.clear()
    scripts.clear()
  })
  await page.waitForLoadState('networkidle')
  const total = [...sizes.values()].reduce((a, b) => a + b, 0)
  await context.close()
  return total
}

export async function signIn(page, base, name) {
  await page.goto(`${base}/sign-in`)
  await page.getByRole('button', { name: new RegExp(`^${name} `) }).click()
  await page.waitForURL(`${base}/`)
}

export async function sizes(cluster) {
  const world = await new World(cluster).open()
  const browser = await chromium.launch(launched())
  const base = world.url()
  const idle = (page) => page.waitForLoadState('networkidle')
  try {
    const job = async (page) => page.getByRole('link', { name: /no\. 7/ }).getAttribute('href')
    const rows = []
    rows.push(['/sign-in', await measure(browser, world, async (page) => void (await page.goto(`${base}/sign-in`))), PAGE_LIMIT])
    for (const target of ['/', '/take-in']) {
      rows.push([
        target,
        await measure(browser, world, async (page, reset) => {
          await signIn(page, base, 'Ines')
          await idle(page)
          reset()
          await page.goto(base + target)
        }),
        PAGE_LIMIT,
      ])
    }
    rows.push([
      '/jobs/…',
      await measure(browser, world, async (page, reset) => {
        await signIn(page, base, 'Ines')
        const href = await job(page)
        await idle(page)
        reset()
        await page.goto(base + href)
        await page.getByRole('heading', { name: 'Which job?' }).waitFor()
      }),
      PAGE_LIMIT,
    ])
    const whole = await measure(browser, world, async (page, reset) => {
      await signIn(page, base, 'Ines')
      const href = await job(page)
      await idle(page)
      reset()
      await page.goto(base + href)
      await page.getByRole('radio', { name: 'front motor' }).check()
      await page.getByRole('button', { name: 'Start down' }).waitFor()
      // The worker's own files are not seen by the page's session: they are fetched again here, gzipped as the server sends them.
      await page.evaluate(async () => {
        const list = await (await fetch('/sw.js')).text()
        const files = JSON.parse(/const FILES = (\[.*?\])/s.exec(list)[1]).filter((f) => f.endsWith('.js'))
        const had = new Set(performance.getEntriesByType('resource').map((r) => new URL(r.name).pathname))
        for (const f of files.filter((x) => !had.has(x))) await (await fetch(f)).text()
      })
    })
    rows.push(['a job, its workers and all other script', whole, JOB_LIMIT])
    say('First-load script, gzipped, cold:')
    for (const [name, bytes, limit] of rows)
      say(`  ${(bytes / 1000).toFixed(1).padStart(6)} kB of ${limit / 1000}  ${name}${bytes > limit ? '  ▲ over' : ''}`)
    const { precacheLine } = await import('../precache.mjs')
    say(`  ${precacheLine()}`)
    return { passed: rows.filter(([, b, l]) => b > 0 && b <= l).length, failed: rows.filter(([, b, l]) => b === 0 || b > l).length }
  } finally {
    await browser.close()
    await world.close()
  }
}

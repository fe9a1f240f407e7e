import { expect, type Page, test } from '@playwright/test'
import { catalogueFor } from '../src/core/diagnosis'
import { PROCEDURES } from '../src/core/procedures'
import { demoInstruments } from '../src/demo/instruments'
import { demoMachines } from '../src/demo/machines'
import { PEOPLE, SHOP } from '../src/demo/people'

/** The app built with every text of `src/words` between marks. */
const MARKED = process.env['MARKED_URL'] ?? ''
test.use({ baseURL: MARKED })

/** Names of months and days come from the browser. */
const DATES =
  /\b(jan(uary)?|feb(ruary)?|mar(ch)?|apr(il)?|may|june?|july?|aug(ust)?|sept?(ember)?|oct(ober)?|nov(ember)?|dec(ember)?|mon|tue|wed|thu|fri|sat|sun)\b/g

/** Every string in a value, however deep. */
function stringsOf(value: unknown): string[] {
  if (typeof value === 'string') return [value]
  if (Array.isArray(value)) return value.flatMap(stringsOf)
  return value && typeof value === 'object' ? Object.values(value).flatMap(stringsOf) : []
}

/** What is written by somebody, or stands in a machine file or a list of faults: it is data, in whatever language it was written. */
function data(entries: unknown): string[] {
  const files = demoMachines()
  const lists = files.flatMap((f) => f.drives.map((d) => catalogueFor(d, f)))
  const all = [
    ...new Set([
      ...stringsOf(files),
      ...stringsOf(lists),
      ...stringsOf(entries),
      ...stringsOf(demoInstruments(0)),
      ...stringsOf(PROCEDURES),
      ...PEOPLE.map((p) => p.name),
      SHOP,
    ]),
  ]
  return all.filter((s) => /\p{L}{2,}/u.test(s)).sort((a, b) => b.length - a.length)
}

/** Every text that is seen, or read out. */
const said = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found = new Set<string>()
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT)
    for (let node = walk.nextNode(); node; node = walk.nextNode()) {
      if (node instanceof Element) {
        for (const name of ['aria-label', 'alt', 'title', 'placeholder']) found.add(node.getAttribute(name) ?? '')
        continue
      }
      if (!node.parentElement?.closest('script, style, noscript')) found.add(node.textContent ?? '')
    }
    return [...found].filter((t) => /\p{L}{3,}/u.test(t))
  })

/** What is left of a text without what words say and without data. */
function unsaid(text: string, known: readonly string[]): string {
  let rest = text
  for (let before = ''; before !== rest;) [before, rest] = [rest, rest.replace(/⟦[^⟦⟧]*⟧/g, ' ')]
  rest = rest.toLowerCase()
  for (const k of known) {
    for (let at = rest.indexOf(k.toLowerCase()); at >= 0; at = rest.indexOf(k.toLowerCase(), at + 1)) {
      const end = at + k.length
      // A whole word or more, not a piece of one.
      if (!/\p{L}/u.test(rest[at - 1] ?? ' ') && !/\p{L}/u.test(rest[end] ?? ' ')) rest = `${rest.slice(0, at)} ${rest.slice(end)}`
    }
  }
  return rest.replace(DATES, ' ').trim()
}

test('every text on the screens comes from src/words, or is data', async ({ page }) => {
  test.setTimeout(240_000)
  const loose: string[] = []
  let marked = 0
  let known = data([])
  const look = async (where: string): Promise<void> => {
    await page.waitForLoadState('networkidle')
    for (const text of await said(page)) {
      if (text.includes('⟦')) marked++
      const rest = unsaid(text, known)
      if (/\p{L}{3,}/u.test(rest)) loose.push(`${where}: ${text.trim().slice(0, 120)} → ${rest.slice(0, 60)}`)
    }
  }
  await page.goto('/sign-in')
  await look('sign in')
  await page.getByRole('button', { name: /^Marit/ }).click()
  await page.waitForURL(`${MARKED}/`)
  const jobs = await page.evaluate(() =>
    [...document.querySelectorAll('a[href^="/jobs/"]')].map((a) => new URL((a as HTMLAnchorElement).href).pathname.split('/').at(-1)!),
  )
  expect(jobs.length).toBeGreaterThan(2)
  const entries = await Promise.all(jobs.map(async (id) => (await page.request.get(`/api/jobs/${id}/entries?after=0`)).json()))
  known = data(entries)
  await look('stands')
  for (const at of ['take-in', 'machines', 'machines/dunlin', 'machines/redshank', 'words', 'instruments', 'procedures', 'people']) {
    await page.goto(`/${at}`)
    await look(at)
  }
  // The two with the longest journals: between them every stage has something to say.
  const long = jobs.map((id, i) => ({ id, length: JSON.stringify(entries[i]).length })).sort((a, b) => b.length - a.length)
  for (const { id } of long.slice(0, 2))
    for (const stage of ['take-in', 'find-the-fault', 'make-safe', 'take-down', 'swap', 'build-up', 'prove', 'hand-back']) {
      await page.goto(`/jobs/${id}?stage=${stage}`)
      await look(stage)
    }
  for (const key of ['l', 'r', 'g', '?']) {
    await page.keyboard.press(key)
    await expect(page.getByRole('dialog')).toBeVisible()
    await look(`sheet ${key}`)
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
  }
  expect([...new Set(loose)]).toEqual([])
  // A text that stands in a screen would have been seen.
  await page.evaluate(() =>
    document.body.append(Object.assign(document.createElement('p'), { textContent: 'Wiggle the flange until it lets go' })),
  )
  await look('planted')
  expect(loose).toHaveLength(1)
  expect(marked).toBeGreaterThan(400)
})

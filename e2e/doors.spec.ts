import { type APIResponse, expect, type Page, test } from '@playwright/test'
import { v4, v7 } from 'uuid'
import { BENCH, card, chooseJob, clean, journal, keptForOffline, server, signIn, step, takeInDunlin, later } from './bench'

test.afterEach(({ request }) => server(request, 'start'))

const deviceOf = async (page: Page): Promise<string> => (await page.context().cookies()).find((c) => c.name === 'nailsmith-device')!.value
const base = (): string => BENCH.url

async function post(page: Page, jobId: string, batch: unknown, headers: Record<string, string> = { origin: base() }): Promise<APIResponse> {
  return page.request.post(`/api/jobs/${jobId}/entries`, {
    data: typeof batch === 'string' ? batch : JSON.stringify(batch),
    headers: { 'content-type': 'application/json', ...headers },
  })
}
const note = (jobId: string, device: string, over: object = {}) => ({
  id: v7(),
  jobId,
  base: 0,
  at: Date.now(),
  by: 'p-ines',
  device,
  kind: 'note-added',
  v: 1,
  body: { text: 'x' },
  ...over,
})

test('bad input is told plainly, and nothing is half-written', async ({ page }) => {
  await signIn(page, 'Ines')
  const jobId = await takeInDunlin(page, 'bad input')
  const device = await deviceOf(page)
  const before = await journal(page, jobId)
  const nowhere = v7()
  const unknown = await post(page, nowhere, [note(nowhere, device)])
  expect(unknown.status()).toBe(404)
  expect((await unknown.json()).message).toMatch(/no such job/)
  const cases: [string, unknown, RegExp][] = [
    ['an author who never signed in here', note(jobId, device, { by: 'p-marit' }), /never signed in on this device/],
    ['another device', note(jobId, v4()), /another device/],
    ['a body that is empty', note(jobId, device, { body: { text: '  ' } }), /empty/],
    [
      'a machine that is none',
      note(jobId, device, { kind: 'reading-taken', body: { quantity: 'V', value: 'abc', unit: 'V', live: true } }),
      /value/i,
    ],
  ]
  for (const [what, entry, words] of cases) {
    const { answers } = await (await post(page, jobId, [entry])).json()
    expect(answers[0], what).toMatchObject({ status: 'refused', reason: expect.stringMatching(words) })
  }
  const large = await post(page, jobId, [note(jobId, device, { body: { text: 'x'.repeat(1_000_000) } })])
  expect(large.status()).toBe(413)
  expect((await large.json()).message).toMatch(/256 kB/)
  expect((await post(page, jobId, '{ not json')).status()).toBe(400)
  expect((await post(page, jobId, [note(jobId, device)], { origin: 'http://elsewhere.test' })).status()).toBe(403)
  expect((await post(page, jobId, [note(jobId, device)], {})).status()).toBe(403)
  expect(await journal(page, jobId)).toEqual(before)

  const ten = Array.from({ length: 10 }, (_, i) => note(jobId, device, i === 6 ? { kind: 'wish' } : {}))
  const { answers } = await (await post(page, jobId, ten)).json()
  expect(answers.map((a: { status: string }) => a.status)).toEqual(ten.map((_, i) => (i === 6 ? 'refused' : 'stored')))
  const future = await (await post(page, jobId, [note(jobId, device, { at: Date.now() + 86_400_000 })])).json()
  expect(future.answers[0].status).toBe('stored')
  await page.reload()
  await card(page)
    .getByRole('button', { name: /^Journal/ })
    .click()
  await expect(page.getByText('◆ clock ahead')).toBeVisible()
})

test('photos: what is none, and one too large, are turned away in words', async ({ page }) => {
  await signIn(page, 'Ines')
  await takeInDunlin(page, 'photos')
  const send = (data: Buffer) => page.request.post('/api/photos', { data, headers: { origin: base(), 'content-type': 'image/png' } })
  const none = await send(Buffer.from('<svg/>'))
  expect([none.status(), (await none.json()).message]).toEqual([415, expect.stringMatching(/JPEG, PNG or WebP/)])
  const { default: sharp } = await import('sharp')
  const huge = await send(
    await sharp({ create: { width: 8000, height: 5000, channels: 3, background: '#888' } })
      .png()
      .toBuffer(),
  )
  expect([huge.status(), (await huge.json()).message]).toEqual([413, expect.stringMatching(/large|megapixels/)])
  // Through the app: a text file is refused here, a picture of 40 megapixels is made smaller and taken.
  await page.getByLabel('Photo file').setInputFiles({ name: 'x.png', mimeType: 'image/png', buffer: Buffer.from('not a picture') })
  await expect(page.getByText('That file is not a picture that this device can read.')).toBeVisible()
  const large = await sharp({ create: { width: 8000, height: 5000, channels: 3, background: '#9c4518' } })
    .jpeg()
    .toBuffer()
  await page.getByLabel('Photo file').setInputFiles({ name: 'big.jpg', mimeType: 'image/jpeg', buffer: large })
  await expect(page.getByRole('img', { name: 'As it came in' })).toBeVisible({ timeout: 30_000 })
})

test('a viewer reads, and is refused in words when writing all the same', async ({ page }) => {
  await signIn(page, 'Ines')
  const jobId = await takeInDunlin(page, 'viewer')
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('heading', { name: 'Who’s signing in?' })).toBeVisible()
  await signIn(page, 'Runa')
  await page.goto(`/jobs/${jobId}`)
  await expect(page.getByText('A mechanic chooses the job.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Start down' })).toHaveCount(0)
  const response = await post(page, jobId, [note(jobId, await deviceOf(page), { by: 'p-runa' })])
  expect([response.status(), (await response.json()).message]).toEqual([403, expect.stringMatching(/viewer/)])
  await page.goto('/take-in')
  await expect(page.getByRole('heading', { name: 'Not with this sign-in' })).toBeVisible()
})

test('a stale session keeps what was logged and asks for a sign-in; signing in sends it', async ({ page }) => {
  await signIn(page, 'Ines')
  const jobId = await takeInDunlin(page, 'stale')
  await chooseJob(page, 'inspect connections')
  await expect(page.getByText(/not sent yet/)).toBeHidden()
  const session = (await page.context().cookies()).find((c) => c.name === 'nailsmith-session')!
  await page.context().addCookies([{ ...session, value: 'stale' }])
  await step(page)
  await expect(page.getByText(/Your sign-in has ended/)).toBeVisible()
  await expect(page.getByText('1 entry not sent yet')).toBeVisible()
  await page.getByRole('link', { name: 'sign in again' }).click()
  await page.getByRole('button', { name: /^Ines / }).click()
  await expect(page.getByRole('heading', { level: 2, name: 'Undo 14 deck screws' })).toBeVisible()
  await expect.poll(async () => (await journal(page, jobId)).at(-1)?.kind).toBe('step-done')
})

test.describe(() => {
  test.use({ serviceWorkers: 'allow' })
  test('signing out clears what is kept of pages, never the outbox', async ({ page }) => {
    await signIn(page, 'Ines')
    const jobId = await takeInDunlin(page, 'sign out')
    await chooseJob(page, 'inspect connections')
    await expect(page.getByText(/not sent yet/)).toBeHidden()
    await keptForOffline(page)
    // Entries stay unsent: only their own route is out of reach.
    await page.route('**/api/jobs/*/entries', (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()))
    await step(page)
    await expect(page.getByText('1 entry not sent yet')).toBeVisible()
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page.getByRole('heading', { name: 'Who’s signing in?' })).toBeVisible()
    expect(await page.evaluate(() => caches.has('nailsmith-pages'))).toBe(false)
    await page.unroute('**/api/jobs/*/entries')
    // Tobias comes to the same tablet: what Ines logged goes up under her name.
    await page.getByRole('button', { name: /^Tobias / }).click()
    await expect(page.getByText('Tobias, mechanic')).toBeVisible()
    await page.goto(`/jobs/${jobId}`)
    await expect.poll(async () => (await journal(page, jobId)).at(-1)).toMatchObject({ kind: 'step-done', by: 'p-ines' })
  })
})

test('five wrong tries lock a name, and the page says for how long', async ({ page, request }) => {
  await page.goto('/sign-in')
  for (let i = 0; i < 5; i++) {
    await page.getByLabel('Name').fill('Runa')
    await page.getByLabel('Passphrase').fill(`wrong ${i}`)
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByRole('button', { name: 'Looking…' })).toBeHidden()
    await expect(page.getByRole('alert').filter({ hasText: i < 4 ? 'do not go together' : 'wait 1 minute' })).toBeVisible()
    // A refused try gives the name back and clears the passphrase.
    await expect(page.getByLabel('Name')).toHaveValue('Runa')
    await expect(page.getByLabel('Passphrase')).toHaveValue('')
  }
  await page.getByLabel('Passphrase').fill('runa at the slip')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByText(/Too many tries for this name. Try again in/)).toBeVisible()
  // No longer than it says: and whoever comes after is let in.
  await later(request, 2)
  await signIn(page, 'Runa')
})

test('an empty shop is opened once by its link, and offers no demo sign-ins', async ({ page }) => {
  const link = process.env['EMPTY_URL']!
  await page.goto(link)
  await page.getByLabel('Name').fill('Ada')
  await page.getByLabel('Passphrase').fill('short')
  await page.getByRole('button', { name: 'Open the shop' }).click()
  await expect(page.getByText(/at least 10 characters/)).toBeVisible()
  await page.getByLabel('Passphrase').fill('three plain words')
  await page.getByRole('button', { name: 'Open the shop' }).click()
  await expect(page.getByText('The stands are empty.')).toBeVisible()
  // She adds a mechanic, who can then sign in.
  await page.getByRole('link', { name: 'People' }).click()
  await page.getByLabel('Name').fill('Bo')
  await page.getByRole('radio', { name: /^mechanic/ }).check()
  await page.getByLabel('Passphrase').fill('short')
  await page.getByRole('button', { name: 'Add them' }).click()
  await expect(page.getByText(/at least 10 characters/)).toBeVisible()
  await expect(page.getByLabel('Name')).toHaveValue('Bo')
  await page.getByLabel('Passphrase').fill('torque by numbers')
  await page.getByRole('button', { name: 'Add them' }).click()
  await expect(page.getByText('Bo can sign in now.')).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'Bo' })).toContainText('mechanic')
  await clean(page, 'people')
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('heading', { name: 'Who’s signing in?' })).toBeVisible()
  await expect(page.getByText('Demo: come in as')).toHaveCount(0)
  await page.getByLabel('Name').fill('bo')
  await page.getByLabel('Passphrase').fill('torque by numbers')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByText('Bo, mechanic')).toBeVisible()
  await page.goto(new URL('/people', link).href)
  await expect(page.getByRole('heading', { name: 'Not with this sign-in' })).toBeVisible()
  await page.goto(link)
  await expect(page.getByRole('heading', { name: 'Nothing stands here' })).toBeVisible()
})

test('every page has a strict policy with a nonce of its own, and breaks none of it', async ({ page }) => {
  const broken: string[] = []
  page.on('console', (m) => /Content Security Policy|Refused to/i.test(m.text()) && broken.push(m.text()))
  const nonces = new Set<string>()
  await signIn(page, 'Ines')
  for (const url of ['/', '/take-in', '/nowhere']) {
    const response = await page.goto(url)
    const policy = response!.headers()['content-security-policy'] ?? ''
    expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic';/)
    expect(policy).not.toMatch(/unsafe-eval|script-src[^;]*unsafe-inline/)
    nonces.add(/'nonce-([^']+)'/.exec(policy)![1]!)
  }
  expect(nonces.size).toBe(3)
  const jobId = await takeInDunlin(page, 'policy')
  await chooseJob(page, 'inspect connections')
  await card(page).getByRole('button', { name: 'Different' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.goto(`/jobs/${jobId}`)
  expect(broken).toEqual([])
})

import { expect, test } from '@playwright/test'
import { clean, signIn } from './bench'

test.use({ serviceWorkers: 'allow' })

test('a machine is found by its words, number or owner; what is asked is in the address, and the list says where it ends', async ({
  page,
}) => {
  await signIn(page, 'Ines')
  const rows = page.getByRole('main').getByRole('listitem')
  const all = await rows.count()
  await expect(page.getByText(new RegExp(`^All ${all} machines are shown|^${all} of `))).toBeVisible()
  const headline = await page.getByRole('heading', { level: 1 }).textContent()
  await page.getByRole('searchbox', { name: 'Find a machine' }).fill('dunl')
  await page.getByLabel('Which of them').selectOption('with something loose')
  await page.getByRole('button', { name: 'Find' }).click()
  await expect(page).toHaveURL(/find=dunl/)
  await expect(page).toHaveURL(/only=loose/)
  await expect.poll(() => rows.count()).toBeLessThan(all)
  for (const row of await rows.all()) await expect(row).toContainText(/Dunlin[\s\S]*loose/)
  // The headline is of the whole shop, whatever is asked.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(headline!)
  await clean(page, 'a search')
  await page.reload()
  await expect(page.getByRole('searchbox', { name: 'Find a machine' })).toHaveValue('dunl')
  await page.goto('/?find=zzz')
  await expect(page.getByText('No machine matches that.')).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('searchbox', { name: 'Find a machine' })).toHaveValue('dunl')
  await page.getByRole('link', { name: 'Show all' }).click()
  await expect.poll(() => rows.count()).toBe(all)
})

test('it can be kept on a tablet’s home screen, and opens there without a network on what it has', async ({ page, context }) => {
  await signIn(page, 'Ines')
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await page.goto('/')
  const client = await context.newCDPSession(page)
  const { data, errors } = await client.send('Page.getAppManifest')
  expect(errors).toEqual([])
  const manifest = JSON.parse(data!) as {
    start_url: string
    icons: { src: string; sizes: string }[]
    shortcuts: { name: string; url: string }[]
  }
  expect(manifest.shortcuts.map((s) => s.name)).toEqual(['Take in', 'Stands'])
  for (const { src, sizes } of manifest.icons) {
    const size = await page.evaluate(
      (url) =>
        new Promise<string>((done) =>
          Object.assign(new Image(), {
            src: url,
            onload: (e: Event) => done(`${(e.target as HTMLImageElement).naturalWidth}x${(e.target as HTMLImageElement).naturalHeight}`),
            onerror: () => done('not there'),
          }),
        ),
      src,
    )
    expect(size, src).toBe(sizes)
  }
  expect(
    (await client.send('Page.getInstallabilityErrors')).installabilityErrors.map((e) => e.errorId).filter((id) => id !== 'in-incognito'),
  ).toEqual([])
  for (const { url } of manifest.shortcuts) await page.goto(url)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect
    .poll(() =>
      page.evaluate(
        async () =>
          (await (await caches.open('nailsmith-pages')).keys())
            .map((k) => new URL(k.url).pathname)
            .filter((p) => p === '/' || p === '/take-in').length,
      ),
    )
    .toBe(2)
  await context.setOffline(true)
  await page.goto(manifest.start_url)
  await expect(page.getByRole('main').getByRole('listitem').first()).toBeVisible()
  await page.goto('/take-in')
  await expect(page.getByRole('button', { name: 'Take it in' })).toBeVisible()
})

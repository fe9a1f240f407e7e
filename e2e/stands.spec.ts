import { expect, test } from '@playwright/test'
import { clean, signIn } from './bench'

test('a machine is found by its words, number or owner; what is asked is in the address, and the list says where it ends', async ({ page }) => {
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

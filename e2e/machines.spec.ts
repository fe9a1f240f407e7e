import { expect, test } from '@playwright/test'
import { clean, signIn } from './bench'

test('any machine can be read from the outside in, and says what is in the way of anything', async ({ page }) => {
  await signIn(page, 'Aldo')
  await page.getByRole('link', { name: 'Machines' }).click()
  await expect(page.getByRole('heading', { name: 'Machines with a file' })).toBeVisible()
  await clean(page, 'machines')
  await page.getByRole('link', { name: /^Redshank/ }).click()
  await expect(page.getByRole('heading', { name: 'Redshank, from the outside in' })).toBeVisible()
  const way = page.getByRole('complementary', { name: 'What is in the way' })
  await page.getByRole('button', { name: 'gearbox', exact: true }).click()
  await expect(way.getByRole('listitem').last()).toContainText('Lower the gearbox on its jack')
  await expect(way.getByText('Unplug the solenoid')).toBeVisible()
  await clean(page, 'a machine')
  // Another answer, another way: there is no solenoid to unplug.
  await page.getByRole('radio', { name: 'None', exact: true }).check()
  await expect(way.getByText('Unplug the solenoid')).toBeHidden()
  await expect(way.getByText('Lower the gearbox on its jack')).toBeVisible()
  await page.getByRole('radio', { name: 'motor brushes' }).check()
  await expect(way.getByText('Hook the clips back, brushes out')).toBeVisible()
  await expect(way.getByText(/No order takes less/)).toBeVisible()
  await expect(page.getByText('Stays: frame.')).toBeVisible()
  await page.setViewportSize({ width: 390, height: 844 })
  expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBeLessThanOrEqual(0)
  await clean(page, 'a machine, phone')
  await page.goto('/machines/nobodys')
  await expect(page.getByRole('heading', { name: 'Nothing stands here' })).toBeVisible()
})

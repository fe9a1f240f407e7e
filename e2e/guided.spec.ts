import { expect, test } from '@playwright/test'
import { allOrders } from '../src/core/drive'
import { signIn } from './bench'

test.use({ serviceWorkers: 'allow' })

test('guided measurements need no job and no network: a winding’s warmth by its ohms, and the wires of a foreign motor in a few trials', async ({
  page,
  context,
}) => {
  await signIn(page, 'Runa')
  await page.getByRole('link', { name: 'Instruments' }).click()
  await page.getByRole('link', { name: /^Guided measurements/ }).click()
  await expect(page.getByRole('heading', { name: 'Guided measurements' })).toBeVisible()
  const comes = page.getByRole('status', { name: 'What comes out' })
  await context.setOffline(true)
  await page.getByLabel('Cold, mΩ').fill('190')
  await page.getByLabel('Room then, °C').fill('68 °F')
  // Its own unit is understood, and another kind of unit is refused by name.
  await page.getByLabel('Warm, mΩ').fill('0.247 V')
  const refused = page.getByText(/^▲ .*V/)
  await expect(refused).toBeVisible()
  await page.getByLabel('Warm, mΩ').fill('0,247 Ω')
  await expect(refused).toBeHidden()
  await expect(comes).toContainText('Mean of the winding 96.34 °C')

  // A motor whose wires are these, told as it would run.
  const motor = { phases: [1, 2, 0], halls: [0, 2, 1] }
  const orders = allOrders(120, 120)
  const name = ['yellow', 'green', 'blue']
  const runs = (phases: readonly number[], halls: readonly number[]): string => {
    const of = (order: readonly number[], real: readonly number[]): string => order.map((k) => real[k]).join('')
    const { torque } = orders.find(
      (o) => o.phases.join('') === of(phases, motor.phases) && o.hallOrder.join('') === of(halls, motor.halls),
    )!
    return torque > 0.9
      ? 'Smooth, the right way, few amps'
      : torque < -0.9
        ? 'Smooth, but backward'
        : Math.abs(torque) > 0.2
          ? 'Rough, loud, or many amps'
          : 'Stands, twitches or hums'
  }
  await page.getByRole('button', { name: /^Wires of a foreign motor/ }).click()
  const drawn = page.getByRole('img', { name: /^On the controller’s yellow, green and blue/ })
  let trials = 0
  while (trials < 12 && (await page.getByText('This way. Mark every wire').count()) === 0) {
    const [, phases, halls] = /phases ([\w ]+); of its Halls ([\w ]+)$/.exec((await drawn.getAttribute('aria-label'))!)!
    const order = (text: string): number[] => text.split(' ').map((c) => name.indexOf(c))
    await page.getByRole('button', { name: runs(order(phases!), order(halls!)), exact: true }).click()
    trials++
  }
  await expect(page.getByText('This way. Mark every wire before the plugs are closed.')).toBeVisible()
  expect(trials).toBeLessThanOrEqual(9)
  await expect(page.getByRole('listitem').filter({ hasText: 'Smooth, the right way' })).toHaveCount(1)
  await page.getByRole('button', { name: 'Take the last one back' }).click()
  await expect(page.getByText(`Trial ${trials}`, { exact: true })).toBeVisible()
  await context.setOffline(false)
})

import { expect, test } from '@playwright/test'
import { clean, signIn } from './bench'

test('any machine can be read from the outside in, and says what is in the way of anything', async ({ page }) => {
  await signIn(page, 'Aldo')
  await page.getByRole('link', { name: 'Machines', exact: true }).click()
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
  await expect(page.getByRole('region', { name: 'Leads' })).toContainText('control loom')
  // What was found on the model, with what its tests showed, and the job that it was in.
  await page.goto('/machines/dunlin')
  const found = page.getByRole('region', { name: 'What was found on it' })
  await found.getByText('Hall plug not home or wet', { exact: true }).click()
  await expect(
    found.getByText('Showed: Read the error code: no code; pack at rest 54.6 V; Tug and look at every plug: one was.'),
  ).toBeVisible()
  await expect(found.getByRole('link', { name: 'Job 0401' })).toBeVisible()
  await clean(page, 'what was found, phone')
  await page.goto('/machines')
  await page.getByRole('link', { name: /What things are called/ }).click()
  await expect(page.getByRole('img', { name: 'six-lobe, from above' })).toBeVisible()
  await clean(page, 'what things are called')
  expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBeLessThanOrEqual(0)
  await page.goto('/machines/nobodys')
  await expect(page.getByRole('heading', { name: 'Nothing stands here' })).toBeVisible()
})

test('a file is looked through before it is put in, is told what is wrong with it and where, and goes beside one in use', async ({
  page,
}) => {
  await signIn(page, 'Marit')
  await page.goto('/machines')
  const give = (name: string, text: string) =>
    page.getByLabel('A machine file', { exact: true }).setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  const told = page.getByRole('region', { name: 'Put in a machine file' }).getByRole('status')
  const saved = await page.request.get('/api/machines/godwit')
  const text = await saved.text()
  expect(saved.headers()['content-disposition']).toContain(`godwit-${(JSON.parse(text) as { revision: string }).revision}.json`)
  const file = () =>
    JSON.parse(text) as {
      joints: { id: string; holds: string[]; access?: object; down: { modes: { tool: string | null }[] } }[]
      goals: object[]
      format: string
      name: string
      revision: string
      mass: object
      order: object[]
    }

  await give('notes.txt', 'not a file at all')
  await expect(told).toContainText('This is not JSON')
  await give('later.json', JSON.stringify({ ...file(), format: 'nailsmith-machine/7' }))
  await expect(told).toContainText('newer than this Nailsmith reads')
  const wrong = file()
  wrong.joints[6]!.holds[1] = 'nowhere'
  wrong.joints[7]!.down.modes[0]!.tool = 'magic'
  await give('wrong.json', JSON.stringify(wrong))
  await expect(told).toContainText('2 things to put right in “wrong.json”')
  await expect(told).toContainText('/joints/6/holds/1')
  await expect(told).toContainText('“magic” is named here but is not in the file')
  await expect(page.getByRole('button', { name: 'Put it in' })).toBeHidden()
  await clean(page, 'a file with faults')

  // A circle, and a job that nothing leads to: told by name, job by job.
  const looped = file()
  looped.joints.find((j) => j.id === 'guard-screws')!.access = { fact: 'off', of: 'motor' }
  await give('looped.json', JSON.stringify(looped))
  await expect(told).toContainText('goes round in a circle')
  await expect(told).toContainText('Undo 3 guard screws; sand out first')
  const barred = file()
  barred.joints.find((j) => j.id === 'stay-ties')!.access = { fact: 'drained', of: 'motor' }
  await give('barred.json', JSON.stringify(barred))
  await expect(told).toContainText('Lower the motor out of the shell → Cut 2 ties on the chainstay → motor drained')

  await give('heavier.json', JSON.stringify({ ...file(), mass: { value: 33, unit: 'kg', source: 'measured' } }))
  await expect(told).toContainText(`Godwit, revision ${file().revision}`)
  await expect(told).toContainText(/nylon gear: 27 down, 32 up/)
  await page.getByRole('button', { name: 'Put it in' }).click()
  await expect(told).toContainText(`kept beside it as ${file().revision}.2`)
  await told.getByRole('link', { name: 'Look at it' }).click()
  await expect(page.getByText(`revision ${file().revision}.2 · 33 kg`)).toBeVisible()
  await expect(page.getByRole('link', { name: file().revision, exact: true })).toBeVisible()
  // The job that began with the first keeps it.
  await page.goto('/')
  await page.getByRole('link', { name: /beach 1/ }).click()
  await expect(page.getByRole('heading', { name: 'Pull the right crank' })).toBeVisible()
})

test('ten thousand fixings are read without holding up the page, and reading can be stopped', async ({ page }) => {
  await signIn(page, 'Marit')
  await page.goto('/machines')
  const told = page.getByRole('region', { name: 'Put in a machine file' }).getByRole('status')
  const base = JSON.parse(await (await page.request.get('/api/machines/knot')).text()) as Record<string, object[]>
  const [joint, part] = [base['joints']![0] as Record<string, unknown>, { name: 'panel' }]
  const many = Array.from({ length: 10_000 }, (_, i) => ({
    ...joint,
    id: `many-${i}`,
    when: undefined,
    hole: undefined,
    holds: [`p-${i}`, 'frame'],
    members: [{ id: `many-${i}-1`, place: 'it' }],
  }))
  const big = {
    ...base,
    id: 'giant',
    name: 'Giant',
    parts: [
      ...base['parts']!,
      ...many.map((_, i) => ({
        ...part,
        id: `p-${i}`,
        lift: { title: `Panel ${i} off`, modes: [{ poses: ['flat'], tool: null, people: 1, minutes: { low: 1, likely: 1, high: 1 } }] },
      })),
    ],
    joints: [...base['joints']!, ...many],
    goals: [...base['goals']!, { id: 'all-of-it', name: 'all of it', guard: { all: many.map((_, i) => ({ fact: 'off', of: `p-${i}` })) } }],
  }
  await page
    .getByLabel('A machine file', { exact: true })
    .setInputFiles({ name: 'giant.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(big)) })
  await expect(told).toContainText(/Reading|Planning/)
  // The page answers while it is read.
  await page.getByRole('button', { name: 'Night colours' }).click()
  await expect(told).toContainText(/Reading|Planning/)
  await expect(told).toContainText('more than is planned here', { timeout: 90_000 })
  await expect(told).toContainText(/100\d\d fixings/)
  await page
    .getByLabel('A machine file', { exact: true })
    .setInputFiles({ name: 'giant.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(big)) })
  await expect(told).toContainText(/Reading|Planning/)
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(told).toBeEmpty()
})

test('the pocket card has the smallest kit and fits one printed side, for the longest job too', async ({ page }) => {
  await signIn(page, 'Aldo')
  for (const [machine, job, kit] of [
    ['whimbrel', 'rear tyre', /ring spanner 19 mm/],
    ['godwit', 'right spindle bearing', /multi-tool with hex 5, hex 8, hex 4, lobe 20/],
    ['whimbrel', 'motor lead', /soldering iron/],
  ] as const) {
    await page.goto(`/machines/${machine}`)
    await page.getByRole('radio', { name: job, exact: true }).check()
    await page.getByRole('button', { name: 'Pocket card for the road' }).click()
    const sheet = page.getByRole('dialog', { name: 'Pocket card' })
    await expect(sheet.getByText(/In the pocket/)).toBeVisible()
    await expect(sheet.getByText(kit)).toBeVisible()
    await expect(sheet.getByText('The maker’s manual and local rules come first.')).toBeVisible()
    const pdf = (await page.pdf({ format: 'A4', margin: { top: '12mm', bottom: '12mm', left: '12mm', right: '12mm' } })).toString('latin1')
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1)
    await clean(page, 'the pocket card')
    await expect(sheet.getByRole('button', { name: 'Close' })).toBeFocused()
    await page.keyboard.press('Escape')
    await expect(sheet).toBeHidden()
    await expect(page.getByRole('button', { name: 'Pocket card for the road' })).toBeFocused()
  }
})

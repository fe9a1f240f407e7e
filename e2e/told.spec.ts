import { expect, test } from '@playwright/test'
import { NEWEST_FORM } from '../src/core/build'
import { testNamed } from '../src/core/diagnosis'
import { UNITS } from '../src/core/units'
import { demoMachines } from '../src/demo/machines'
import { Logbook } from '../tests/logbook'
import { card, signIn } from './bench'
import { sent } from './seed'

/** What was told and read of a machine, and what it then has to say. */
const SEEDED = [
  { machine: 'dunlin', drive: 'front-drive', said: 'jerks', words: { halls: 'one' }, figures: { rail: 4.98 }, first: /^Hall/ },
  {
    machine: 'redshank',
    drive: 'drive',
    said: 'dead',
    words: { 'contactor-click': 'nothing', allowed: 'free' },
    figures: { posts: 0 },
    first: /^Contactor does not pull/,
  },
  {
    machine: 'knot',
    drive: 'belt-drive',
    said: 'jerks',
    words: { 'belt-look': 'worn' },
    figures: { 'belt-deflection': 310 },
    first: /^Belt slack or worn/,
  },
  {
    machine: 'knot',
    drive: 'tilt-drive',
    said: 'one-way',
    words: { moves: 'one', 'end-diodes': 'open' },
    figures: {},
    first: /^End switch open/,
  },
  {
    machine: 'curlew',
    drive: 'steer-drive',
    said: 'pulls-to-a-side',
    words: { 'hands-off': 'creeps' },
    figures: { 'channel-first': 2.74 },
    first: /^Centre lost|^A channel/,
  },
  {
    machine: 'heron',
    drive: 'drive',
    said: 'not-ready',
    words: { codes: 'angle' },
    figures: { 'resolver-excitation': 99_999 },
    first: /^Resolver winding open/,
  },
] as const

test('every other kind by its journal: the likeliest suspect stands first', async ({ page }) => {
  test.setTimeout(240_000)
  await signIn(page, 'Ines')
  for (const { machine, drive: said, said: symptom, words, figures, first } of SEEDED) {
    const file = demoMachines().find((f) => f.id === machine)!
    const drive = file.drives.find((d) => d.id === said) ?? file.drives[0]!
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', {
      number: '',
      machine: { name: file.name, unit: 'told', file: file.id, revision: file.revision },
      complaint: symptom,
    })
    book.log('symptom-noted', { text: symptom, symptom, certainty: 'sure' })
    for (const [id, outcome] of Object.entries(words)) book.log('test-observed', { test: id, outcome, drive: drive.id, live: true })
    for (const [id, value] of Object.entries(figures)) {
      const { answer } = testNamed(id)!
      if (answer.kind !== 'number') throw new Error(id)
      const { unit, quantity } = answer
      book.log('reading-taken', {
        test: id,
        drive: drive.id,
        quantity: UNITS[unit].dimension,
        named: quantity,
        result: { is: 'value', value },
        unit,
        live: true,
      })
    }
    await page.goto(`/jobs/${await sent(page, book)}?stage=fault`)
    await expect(page.getByRole('list', { name: 'Suspects' }).getByRole('listitem').first()).toHaveText(first)
    await expect(card(page).getByText(/^(Next best test|Stop measuring) · /)).toBeVisible()
  }
})

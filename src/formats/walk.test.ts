import { readFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { demoMachines } from '../demo/machines'
import { cautionTables } from './caution-table'
import { factsOfPage, walkPage } from './walk'

describe('the walks', () => {
  it.each(demoMachines().map((f) => [f.name, f] as const))('%s: what was read aloud is what is planned', (_, file) => {
    const written = readFileSync(path.join(import.meta.dirname, '../../docs/walks', `${file.id}.md`), 'utf8')
    // Another plan than the one that was read: `npm run walks`, and read what changed.
    expect(factsOfPage(walkPage(file))).toEqual(factsOfPage(written))
  })
})

it('the table of cautions in the docs is as it is planned', () => {
  expect(readFileSync(path.join(import.meta.dirname, '../../docs/cautions.md'), 'utf8')).toBe(cautionTables(demoMachines()))
})

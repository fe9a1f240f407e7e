// Writes docs/walks: every card of every job of the demo machines, as whoever does it reads them.
import { mkdirSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { demoMachines } from '../src/demo/machines'
import { walkPage } from '../src/formats/walk'

const out = path.join(import.meta.dirname, '..', 'docs', 'walks')
mkdirSync(out, { recursive: true })
for (const file of demoMachines()) writeFileSync(path.join(out, `${file.id}.md`), walkPage(file))

// Writes docs/machines.md, what each job of each demo machine takes and which machine says what, and docs/cautions.md, which caution
// stands where.
import { writeFileSync } from 'node:fs'
import path from 'node:path'
import { demoMachines } from '../src/demo/machines'
import { machineTables } from '../src/demo/machines/tables'
import { cautionTables } from '../src/formats/caution-table'

const docs = path.join(import.meta.dirname, '..', 'docs')
writeFileSync(path.join(docs, 'machines.md'), machineTables())
writeFileSync(path.join(docs, 'cautions.md'), cautionTables(demoMachines()))

// Writes docs/machines.md: what each job of each demo machine takes, and which machine says what.
import { writeFileSync } from 'node:fs'
import path from 'node:path'
import { machineTables } from '../src/demo/machines/tables'

writeFileSync(path.join(import.meta.dirname, '..', 'docs', 'machines.md'), machineTables())

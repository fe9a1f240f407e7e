import { table as hubDirectTable } from '../tables/hub-direct'
import type { Table } from '../types'
import type { Draft } from './draft'
import { hubDirectDraft } from './hub-direct'

interface Known {
  readonly draft: (fullVolts: number) => Draft
  readonly table: Table
}

/** What goes wrong with each kind of drive, and how likely each answer of a test then is: one line each. */
export const CATALOGUES = {
  'hub direct': { draft: hubDirectDraft, table: hubDirectTable },
} as const satisfies Readonly<Record<string, Known>>

import { table as hubDirectTable } from '../tables/hub-direct'
import { table as hubGearedTable } from '../tables/hub-geared'
import { table as midDriveTable } from '../tables/mid-drive'
import type { Table } from '../types'
import type { Draft } from './draft'
import { hubDirectDraft } from './hub-direct'
import { hubGearedDraft } from './hub-geared'
import { midDriveDraft } from './mid-drive'

interface Known {
  readonly draft: (fullVolts: number) => Draft
  readonly table: Table
}

/** What goes wrong with each kind of drive, and how likely each answer of a test then is: one line each. */
export const CATALOGUES = {
  'hub direct': { draft: hubDirectDraft, table: hubDirectTable },
  'hub geared': { draft: hubGearedDraft, table: hubGearedTable },
  'mid-drive': { draft: midDriveDraft, table: midDriveTable },
} as const satisfies Readonly<Record<string, Known>>

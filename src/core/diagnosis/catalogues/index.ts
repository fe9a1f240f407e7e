import { table as hubDirectTable } from '../tables/hub-direct'
import { table as hubGearedTable } from '../tables/hub-geared'
import { table as midDriveTable } from '../tables/mid-drive'
import { table as gearboxBrushedTable } from '../tables/gearbox-brushed'
import { table as actuatorTable } from '../tables/actuator'
import { table as steeringAssistTable } from '../tables/steering-assist'
import { table as tractionTable } from '../tables/traction'
import type { Table } from '../types'
import type { Draft } from './draft'
import { tractionDraft } from './traction'
import { steeringAssistDraft } from './steering-assist'
import { actuatorDraft } from './actuator'
import { gearboxBrushedDraft } from './gearbox-brushed'
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
  'gearbox brushed': { draft: gearboxBrushedDraft, table: gearboxBrushedTable },
  actuator: { draft: actuatorDraft, table: actuatorTable },
  'steering assist': { draft: steeringAssistDraft, table: steeringAssistTable },
  traction: { draft: tractionDraft, table: tractionTable },
} as const satisfies Readonly<Record<string, Known>>

import { closed, need, type Stored } from './fields.schema'

export const versions = { 1: closed({ subject: need(200), reason: need() }) }

export const samples: Stored<typeof versions> = {
  1: { subject: 'rim screws', reason: 'turned back' },
}

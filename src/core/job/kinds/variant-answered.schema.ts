import { closed, id, type Stored } from './fields.schema'

export const versions = { 1: closed({ variant: id(), option: id() }) }

export const samples: Stored<typeof versions> = {
  1: { variant: 'lid-edge', option: 'dry' },
}

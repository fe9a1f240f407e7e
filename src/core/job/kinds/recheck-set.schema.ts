import { closed, day, figure, need, type Stored } from './fields.schema'

export const versions = { 1: closed({ what: need(300), due: need(60), on: day(), kilometres: figure(0, 100_000) }) }

export const samples: Stored<typeof versions> = {
  1: { what: 'nut marks', due: 'after 20 km', on: '2026-12-24', kilometres: 20 },
}

import { closed, lock, need, type Stored } from './fields.schema'

export const versions = { 1: closed({ subject: need(200), ...lock }) }

export const samples: Stored<typeof versions> = {
  1: { subject: 'rim screws', product: 'medium', handlingMinutes: 20, cureHours: 24, temperature: 21 },
}

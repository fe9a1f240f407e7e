import { closed, need, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ to: need(120), text: text().defined() }) }

export const samples: Stored<typeof versions> = {
  1: { to: 'Marit', text: 'nut is warm' },
}

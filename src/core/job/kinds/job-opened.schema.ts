import { MACHINE_CLASSES } from '../../machine'
import { USED_UNITS } from '../vocabulary'
import { closed, figure, need, oneOf, some, text, type Stored } from './fields.schema'

const machine = {
  name: need(120),
  unit: text(120),
  file: text(120),
  revision: text(60),
  owner: text(200),
  /* Pack at full charge, V. */ fullVolts: figure(0, 2000),
}
const rest = { number: text(20).defined(), stand: text(40), complaint: text().defined(), job: text(200) }

export const versions = {
  1: closed({ ...rest, machine: closed(machine).required() }),
  2: closed({
    ...rest,
    machine: closed({ ...machine, class: oneOf(MACHINE_CLASSES) }).required(),
    reach: text(200),
    used: some({ value: figure(0, 10_000_000).required(), unit: oneOf(USED_UNITS).required() }),
    ceiling: figure(0, 10_000_000),
  }),
}

const OPENED = {
  number: '0412',
  machine: { name: 'Dunlin', unit: 'no. 7', file: 'dunlin', revision: '2026-03', owner: 'pool', fullVolts: 58.8 },
  stand: '2',
  complaint: 'jerks',
  job: 'front motor',
} as const

export const samples: Stored<typeof versions> = {
  1: OPENED,
  2: {
    ...OPENED,
    machine: { ...OPENED.machine, class: 'scooter' },
    reach: '555 0142',
    used: { value: 1240, unit: 'km' },
    ceiling: 180,
  },
}

import { closed, figure, need, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({
    number: text(20).defined(),
    machine: closed({
      name: need(120),
      unit: text(120),
      file: text(120),
      revision: text(60),
      owner: text(200),
      /* Pack at full charge, V. */ fullVolts: figure(0, 2000),
    }).required(),
    stand: text(40),
    complaint: text().defined(),
    job: text(200),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    number: '0412',
    machine: { name: 'Dunlin', unit: 'no. 7', file: 'dunlin', revision: '2026-03', owner: 'pool', fullVolts: 58.8 },
    stand: '2',
    complaint: 'jerks',
    job: 'front motor',
  },
}

import { closed, need, text, yes, type Stored } from './fields.schema'

export const versions = {
  1: closed({ test: need(60), outcome: need(60), text: need(300), live: yes().required(), drive: text(80) }),
  2: closed({ test: need(60), outcome: need(60), live: yes().required(), drive: text(80) }),
}

export const samples: Stored<typeof versions> = {
  1: { test: 'halls', outcome: 'one stuck', text: 'one never changes', live: true, drive: 'front-drive' },
  2: { test: 'halls', outcome: 'one stuck', live: true, drive: 'front-drive' },
}

import { closed, figure, id, ids, list, need, some, type Stored, text } from './fields.schema'
import { FACTS_OF_A_PLAN, planFacts } from './plan-adopted.schema'

const option = () => closed({ id: id(), label: need(120) }).required()
const named = { name: need(120), place: need(120), bolt: text(40) }

const before = {
  set: id(),
  name: need(120),
  from: option(),
  to: option(),
  variant: id().optional(),
  off: list(closed({ ...named, of: ids().optional() }), 60).required(),
  later: list(closed(named), 60).required(),
  bolts: list(
    closed({ place: need(120), from: text(40), to: text(40), of: ids(), length: figure(0, 1000), stack: figure(0, 1000) }),
    60,
  ).required(),
}
const goesOn = { ...named, under: id().optional(), after: id().optional() }

export const versions = {
  1: closed({ ...before, on: list(closed(goesOn), 60).required() }),
  2: closed({
    ...before,
    on: list(closed({ ...goesOn, of: ids().optional() }), 60).required(),
    way: some({ brings: ids(), drops: ids(), plan: planFacts() }),
  }),
}

const SHELL = {
  set: 'shell',
  name: 'shell',
  from: { id: 'shell-100', label: '100 mm' },
  to: { id: 'shell-120', label: '120 mm' },
  variant: 'shell-width',
  off: [{ name: 'motor bolt', place: 'rear', bolt: 'M8×35', of: ['motor-bolts-3'] }],
  on: [
    { name: 'shell ring 10', place: 'left', under: 'motor' },
    { name: 'stay bolt', place: 'right', bolt: 'M6×20', after: 'motor-bolts' },
  ],
  later: [{ name: 'guard screw', place: 'lower', bolt: 'M5×12' }],
  bolts: [{ place: 'rear', from: 'M8×35', to: 'M8×45', of: ['motor-bolts-3'], length: 45, stack: 31 }],
}

export const samples: Stored<typeof versions> = {
  1: SHELL,
  2: {
    ...SHELL,
    on: [{ name: 'shell ring 10', place: 'left', under: 'motor', of: ['ring'] }, SHELL.on[1]],
    way: { brings: ['off:ring'], drops: ['off:lid'], plan: FACTS_OF_A_PLAN },
  },
}

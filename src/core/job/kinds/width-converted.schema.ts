import { closed, figure, id, ids, list, need, type Stored, text } from './fields.schema'

const option = () => closed({ id: id(), label: need(120) }).required()
const named = { name: need(120), place: need(120), bolt: text(40) }

export const versions = {
  1: closed({
    set: id(),
    name: need(120),
    from: option(),
    to: option(),
    variant: id().optional(),
    off: list(closed({ ...named, of: ids().optional() }), 60).required(),
    on: list(closed({ ...named, under: id().optional(), after: id().optional() }), 60).required(),
    later: list(closed(named), 60).required(),
    bolts: list(
      closed({ place: need(120), from: text(40), to: text(40), of: ids(), length: figure(0, 1000), stack: figure(0, 1000) }),
      60,
    ).required(),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
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
  },
}

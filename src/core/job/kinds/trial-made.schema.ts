import { lazy, mixed, type Schema } from 'yup'
import { type Drag, DRAG_BY, DRAG_FELT, TRIAL_PIECES } from '../../diagnosis'
import { closed, figure, id, instrumentUsed, oneOf, some, text, type Stored } from './fields.schema'

const told = {
  felt: closed({ by: oneOf(['felt']).required(), felt: oneOf(DRAG_FELT).required() }),
  measured: closed({ by: oneOf(DRAG_BY).required(), value: figure(0.001, 100_000).required() }),
}
/* A figure where it was measured, a word where it was felt. */
const drag = () =>
  lazy((x: unknown) => {
    if (x === undefined) return mixed().optional()
    return told[(x as { readonly by?: unknown } | null)?.by === 'felt' ? 'felt' : 'measured'].required()
  }) as unknown as Schema<Drag | undefined>
const needed = () =>
  lazy((x: unknown) =>
    told[(x as { readonly by?: unknown } | null)?.by === 'felt' ? 'felt' : 'measured'].required(),
  ) as unknown as Schema<Drag>

export const versions = {
  1: closed({
    piece: oneOf(TRIAL_PIECES).required(),
    text: text(80),
    did: oneOf(['took out', 'put back']).required(),
    was: needed(),
    now: needed(),
    twin: drag(),
    drive: id().optional(),
    instrument: some(instrumentUsed),
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    piece: 'other',
    text: 'mudguard',
    did: 'took out',
    was: { by: 'newtons', value: 9 },
    now: { by: 'newtons', value: 3.5 },
    twin: { by: 'felt', felt: 'free' },
    drive: 'front-drive',
    instrument: { id: 'i-scale', name: 'spring scale', calibratedTo: '2027-02-24' },
  },
}

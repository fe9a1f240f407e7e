import type { Connection } from '../machine'
import { FAMILIES, type FamilyId, familyOf } from './families'

/** What a drawing and a probe have to know of a plug. */
export type Plug = Pick<Connection, 'id' | 'name' | 'family' | 'keying' | 'pins' | 'roles' | 'mates'>
/** From where one looks: at the wires, or into its mouth once it is apart. */
export type Side = 'wire' | 'mating'

interface Seat {
  readonly n: number
  /** Middle, from the upper left corner; a face is `width` by `height`. */
  readonly x: number
  readonly y: number
  readonly r: number
  readonly form: 'round' | 'square' | 'ring' | 'blade'
}

export interface Face {
  readonly family: FamilyId
  readonly width: number
  readonly height: number
  /** The body round the pins: none where each stands by itself. */
  readonly body: 'box' | 'circle' | null
  readonly pins: readonly Seat[]
}

const PIN = 24

/** Rows from the top, pins from the left, evenly. */
function rows(
  numbers: readonly number[],
  per: number,
  form: Seat['form'],
  gap: number,
  r: number,
): Pick<Face, 'pins' | 'width' | 'height'> {
  const deep = Math.ceil(numbers.length / per)
  const down = Math.min(gap, 46)
  return {
    pins: numbers.map((n, i) => ({ n, x: gap * ((i % per) + 0.5) + 12, y: down * (Math.floor(i / per) + 0.5) + 12, r, form })),
    width: per * gap + 24,
    height: deep * down + 24,
  }
}

/** All but the last on a circle from the top on, clockwise; of seven or more the last in the middle. */
function circle(numbers: readonly number[]): Pick<Face, 'pins' | 'width' | 'height'> {
  const middle = numbers.length >= 7 ? 1 : 0
  const around = numbers.length - middle
  const far = Math.max(PIN, (PIN * 1.15 * around) / (2 * Math.PI))
  const size = 2 * far + PIN * 1.6
  return {
    pins: numbers.map((n, i) => {
      const a = (2 * Math.PI * i) / around - Math.PI / 2
      const out = middle === 1 && i === around ? 0 : far
      return { n, x: size / 2 + out * Math.cos(a), y: size / 2 + out * Math.sin(a), r: 9, form: 'round' }
    }),
    width: size,
    height: size,
  }
}

const LAID: {
  readonly [S in (typeof FAMILIES)[FamilyId]['shape']]: (n: readonly number[]) => Pick<Face, 'pins' | 'width' | 'height' | 'body'>
} = {
  body: (n) => ({ ...rows(n, n.length > 3 ? Math.ceil(n.length / 2) : n.length, 'round', 46, 10), body: 'box' }),
  round: (n) => ({ ...circle(n), body: 'circle' }),
  'two-pole': (n) => {
    const laid = rows(n, n.length, 'round', 46, 15)
    // One round pole, one square: so that it cannot go in turned.
    return { ...laid, pins: laid.pins.map((p, i) => (i % 2 === 1 ? { ...p, form: 'square' } : p)), body: 'box' }
  },
  separate: (n) => ({ ...rows(n, n.length, 'round', 44, 12), body: null }),
  rings: (n) => ({ ...rows(n, n.length, 'ring', 48, 15), body: null }),
  rail: (n) => ({ ...rows(n, n.length, 'blade', 40, 12), body: 'box' }),
  joint: (n) => ({ ...rows(n, n.length, 'round', 44, 10), body: null }),
}

/** Where a plug’s pins sit, as its family has them. Numbers are those of the wire side; into its mouth left and right change places. */
export function faceOf({ family, pins }: Pick<Plug, 'family' | 'pins'>, side: Side): Face {
  const id = familyOf(family)
  const laid = LAID[FAMILIES[id].shape](pins.map((p) => p.n))
  // What hangs on its own wire has no order of its own.
  const turned = side === 'mating' && laid.body !== null
  return { family: id, ...laid, pins: turned ? laid.pins.map((p) => ({ ...p, x: laid.width - p.x })) : laid.pins }
}

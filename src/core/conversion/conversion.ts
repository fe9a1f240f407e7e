import { type Doubted, sure, total } from '../doubt'

/** One piece that a width is made of: at a place, of one width along the shaft, or a bolt of one length. Sizes in mm. */
export interface WidthPiece {
  /** As a mechanic asks for it: `spacer 9`. */
  readonly name: string
  /** Where it goes: `left`, `drive side`. Two alike at one place are two pieces. */
  readonly place: string
  /** Along the shaft; absent where it adds nothing to the stack. */
  readonly width?: number
  /** Of a bolt: its thread and length, `M6×25`. */
  readonly bolt?: string
  /** Of a bolt: what its head clamps in this width, mm; absent where that is as the hole says. */
  readonly stack?: number
  /** Wanted only after the first ride: checked then, bought before. */
  readonly later?: true
  /** The part or joint of the file that it is, where it is one; of a joint the fixing at this place. */
  readonly of?: string
  /** The part or joint of the file that goes on over it: it goes on before that one goes back. */
  readonly under?: string
  /** The joint of the file that it hangs on: it goes on right after that one is made. */
  readonly after?: string
}

/** A width, shell or axle standard, or a machine with a kit and without: what the machine is made up with in it. */
export interface WidthOption {
  /** Of the variant that says which one is fitted. */
  readonly id: string
  readonly label: string
  /** Of the hub, the shell or the motor itself, mm; absent where nothing is as wide as it says: a kit that is added. */
  readonly width?: number
  /** Together with its pieces it makes this, within so much: the frame’s opening, the shell. */
  readonly makes?: { readonly width: number; readonly within: number }
  readonly pieces: readonly WidthPiece[]
}

/** What comes in several widths on a machine, and what all of it has to make together. */
export interface WidthSet {
  readonly id: string
  readonly name: string
  /** The question of the file whose answer says which is fitted; absent where it asks none. */
  readonly variant?: string
  readonly options: readonly WidthOption[]
  readonly outOfScope: readonly { readonly what: string; readonly why: string }[]
}

export interface BoltChange {
  readonly place: string
  readonly from?: string
  readonly to?: string
  readonly stack?: number
  /** The joint of the file that it is of, where it is of one. */
  readonly of?: string
}

export interface Conversion {
  readonly from: string
  readonly to: string
  readonly add: readonly WidthPiece[]
  /** Left over at the end, by name. */
  readonly remove: readonly WidthPiece[]
  readonly keep: readonly WidthPiece[]
  readonly later: readonly WidthPiece[]
  /** Bolts of another length, place by place. */
  readonly bolts: readonly BoltChange[]
  /** Null where no width is told. */
  readonly sum: Doubted | null
  /** How far the sum is from what it has to make; 0 where nothing says. */
  readonly off: number
  readonly verdict: 'makes it' | 'too wide' | 'too narrow'
  readonly outOfScope: WidthSet['outOfScope']
}

const same = (a: WidthPiece, b: WidthPiece): boolean => a.name === b.name && a.place === b.place && a.width === b.width && a.bolt === b.bolt

/** Those of `some` that `others` have too, each taken once. */
function shared(some: readonly WidthPiece[], others: readonly WidthPiece[]): { readonly both: WidthPiece[]; readonly only: WidthPiece[] } {
  const left = [...others]
  const both: WidthPiece[] = []
  const only: WidthPiece[] = []
  for (const piece of some) {
    const at = left.findIndex((o) => same(o, piece))
    if (at < 0) only.push(piece)
    else {
      both.push(piece)
      left.splice(at, 1)
    }
  }
  return { both, only }
}

/**
 * What goes on, comes off and stays when a machine goes from one width to another; the way back is the same turned round.
 * @throws RangeError where the set has no such width
 */
export function convertWidth(set: WidthSet, from: string, to: string): Conversion {
  const optionOf = (id: string): WidthOption => {
    const found = set.options.find((o) => o.id === id)
    if (!found) throw new RangeError(`${set.name} has no width "${id}": ${set.options.map((o) => o.id).join(', ')}`)
    return found
  }
  const [old, next] = [optionOf(from), optionOf(to)]
  const { only: add } = shared(next.pieces, old.pieces)
  const { only: remove, both: keep } = shared(old.pieces, next.pieces)
  const bolts = boltChanges(remove, add)
  const sum =
    next.width === undefined ? null : total([1, sure(next.width)], ...next.pieces.map((p): [number, Doubted] => [1, sure(p.width ?? 0)]))
  const off = next.makes && sum ? sum.value - next.makes.width : 0
  const within = next.makes?.within ?? 0
  return {
    from,
    to,
    add: add.filter((p) => !p.later),
    remove,
    keep,
    later: next.pieces.filter((p) => p.later),
    bolts,
    sum,
    off,
    verdict: off > within + 1e-9 ? 'too wide' : off < -within - 1e-9 ? 'too narrow' : 'makes it',
    outOfScope: set.outOfScope,
  }
}

/** Bolts at one place that are of another length, or come or go. */
function boltChanges(remove: readonly WidthPiece[], add: readonly WidthPiece[]): readonly BoltChange[] {
  const gone = remove.filter((p) => p.bolt !== undefined)
  const come = add.filter((p) => p.bolt !== undefined)
  const places = [...new Set([...gone, ...come].map((p) => p.place))]
  return places.map((place) => {
    const [old, next] = [gone, come].map((list) => list.find((p) => p.place === place))
    const of = old?.of ?? next?.of
    return {
      place,
      ...(old?.bolt === undefined ? {} : { from: old.bolt }),
      ...(next?.bolt === undefined ? {} : { to: next.bolt }),
      ...(next?.stack === undefined ? {} : { stack: next.stack }),
      ...(of === undefined ? {} : { of }),
    }
  })
}

/** Pieces that are there and belong to another width than the one that is fitted: by name, with the widths that have them. */
export function strangers(
  set: WidthSet,
  fitted: string,
  there: readonly string[],
): readonly { readonly name: string; readonly belongsTo: readonly string[] }[] {
  const own = new Set(set.options.find((o) => o.id === fitted)?.pieces.map((p) => p.name))
  return there
    .filter((name) => !own.has(name))
    .flatMap((name) => {
      const belongsTo = set.options.filter((o) => o.pieces.some((p) => p.name === name)).map((o) => o.label)
      return belongsTo.length > 0 ? [{ name, belongsTo }] : []
    })
}

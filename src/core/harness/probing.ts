import type { ConnectorRole, Pin } from '../machine'
import { FAMILIES, familyOf } from './families'
import type { Plug, Side } from './face'
import { type PinFunction, pinFunction } from './functions'

/** Where a probe goes: on a pin by what it carries, or on bare metal. */
export type ProbePoint = PinFunction | 'frame'
/** Which plug is meant where several carry the same. */
export type ProbePlace = ConnectorRole | 'pack'

/** Two probes: red on each of a list in its order, black on one for all of them, or on one for each. */
interface Probes {
  readonly kind: 'probes'
  readonly red: readonly ProbePoint[]
  readonly black: readonly ProbePoint[]
  /** Joined: from the wire side, past the wires. Parted: into the mouth of the half named. */
  readonly plug: 'joined' | 'parted'
  /** Every one of red against every one of black. */
  readonly each?: true
  readonly half?: 'motor’s' | 'supply’s'
  readonly redAt?: ProbePlace
  readonly blackAt?: ProbePlace
}
/** A clamp round one wire alone. */
interface Clamp {
  readonly kind: 'clamp'
  readonly round: PinFunction
  readonly at?: ProbePlace
}
export type Probing = Probes | Clamp

export const joined = (red: readonly ProbePoint[], black: readonly ProbePoint[], more: Partial<Probes> = {}): Probes => ({
  kind: 'probes',
  red,
  black,
  plug: 'joined',
  ...more,
})
export const parted = (red: readonly ProbePoint[], black: readonly ProbePoint[], more: Partial<Probes> = {}): Probes => ({
  kind: 'probes',
  red,
  black,
  plug: 'parted',
  half: 'motor’s',
  ...more,
})
export const clampRound = (round: PinFunction, at?: ProbePlace): Clamp => ({ kind: 'clamp', round, ...(at ? { at } : {}) })

/** A probe on a face: which pins, in the order in which they are touched. */
export interface OnFace {
  readonly plug: Plug
  readonly side: Side
  readonly red: readonly Pin[]
  readonly black: readonly Pin[]
  readonly clamp: readonly Pin[]
}
/** Everything that is drawn: one face, or two where the probes go to two plugs. */
export interface Placed {
  readonly faces: readonly OnFace[]
  /** Black on bare metal. */
  readonly frame: boolean
  readonly probing: Probing
  /** Can it be reached as it is said? Past a seal it takes a probe made for it; not at all: at the next plug that can. */
  readonly behind: 'open' | 'past a seal' | 'no'
}

const carries = (plug: Plug, f: PinFunction): Pin | undefined => plug.pins.find((p) => pinFunction(p.function) === f)

/**
 * The plug that has all that is asked for: at the place named and nowhere else; where none is named of the drive’s own leads, else any.
 * The fewest pins first.
 */
function plugFor(
  plugs: readonly Plug[],
  points: readonly ProbePoint[],
  place: ProbePlace | undefined,
  own: ReadonlySet<string>,
  pack: string,
): Plug | null {
  const wanted = points.filter((p): p is PinFunction => p !== 'frame')
  if (wanted.length === 0) return null
  const all = plugs.filter((plug) => wanted.every((f) => carries(plug, f)))
  const at = (plug: Plug): boolean =>
    place === 'pack' ? plug.mates.includes(pack) : place !== undefined && (plug.roles ?? []).includes(place)
  const mine = (plug: Plug): boolean => plug.mates.some((m) => own.has(m))
  const least = (list: readonly Plug[]): Plug | null => [...list].sort((a, b) => a.pins.length - b.pins.length)[0] ?? null
  if (place !== undefined) return least(all.filter((p) => at(p) && mine(p))) ?? least(all.filter(at))
  return least(all.filter(mine)) ?? least(all)
}

/**
 * Where the probes of a test go on the plugs of a machine; null where it has no plug with what is asked for.
 * @param own cables and parts of the drive in question: its own plugs come first
 * @param pack the part that is the pack
 */
export function placed(plugs: readonly Plug[], probing: Probing, own: ReadonlySet<string>, pack = 'pack'): Placed | null {
  if (probing.kind === 'clamp') {
    const plug = plugFor(plugs, [probing.round], probing.at, own, pack)
    return plug
      ? {
          faces: [{ plug, side: 'wire', red: [], black: [], clamp: [carries(plug, probing.round)!] }],
          frame: false,
          probing,
          behind: 'open',
        }
      : null
  }
  const side: Side = probing.plug === 'joined' ? 'wire' : 'mating'
  const frame = probing.black.includes('frame')
  const on = (plug: Plug, points: readonly ProbePoint[]): readonly Pin[] =>
    points.flatMap((p) => (p === 'frame' ? [] : (carries(plug, p) ?? [])))
  // One plug with all of it, unless two places are named.
  const one =
    probing.redAt === undefined && probing.blackAt === undefined
      ? plugFor(plugs, [...probing.red, ...probing.black], undefined, own, pack)
      : null
  const red = one ?? plugFor(plugs, probing.red, probing.redAt, own, pack)
  const black = frame ? red : (one ?? plugFor(plugs, probing.black, probing.blackAt, own, pack))
  // Two places that are one plug are no place to read between.
  if (!red || !black || (red === black && probing.redAt !== probing.blackAt)) return null
  const faces =
    red === black
      ? [{ plug: red, side, red: on(red, probing.red), black: on(red, probing.black), clamp: [] }]
      : [
          { plug: red, side, red: on(red, probing.red), black: [], clamp: [] },
          { plug: black, side, red: [], black: on(black, probing.black), clamp: [] },
        ]
  const reach = faces.map((f) => FAMILIES[familyOf(f.plug.family)].behind)
  const behind = probing.plug === 'parted' ? 'open' : reach.includes('no') ? 'no' : reach.includes('past a seal') ? 'past a seal' : 'open'
  return { faces, frame, probing, behind }
}

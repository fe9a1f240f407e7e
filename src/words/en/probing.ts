import type { Dial } from '../../core/diagnosis'
import { faceOf, type Placed } from '../../core/harness'
import { INSTRUMENT_NAMES } from './names'

type Pin = Placed['faces'][number]['red'][number]

const one = (p: Pin): string => `pin ${p.n}, ${p.colour} (${p.function})`
/** `pin 3, yellow (Hall A), then pin 4, green (Hall B)`. */
const inTurn = (pins: readonly Pin[]): string => pins.map(one).join(', then ')

/** Where each probe goes, said aloud. */
export function probesSaid({ faces, frame, probing }: Placed): readonly string[] {
  if (probing.kind === 'clamp') {
    const [face] = faces
    const wire = face!.clamp[0]!
    return [`Clamp round the ${wire.colour} wire alone (${wire.function}), at the ${face!.plug.name}: round both it shows nothing.`]
  }
  const [a, b] = [faces[0]!, faces.at(-1)!]
  const [red, black] = [a.red, b.black]
  const two = faces.length > 1
  if (probing.each)
    return two
      ? [`Red at the ${a.plug.name}, black at the ${b.plug.name}.`, 'Each of one against each of the other.']
      : [`At the ${a.plug.name}, each of ${red.map(one).join('; ')}`, `against each of ${black.map(one).join('; ')}.`]
  // As many blacks as reds go in pairs.
  if (red.length > 1 && red.length === black.length)
    return [
      two ? `Red at the ${a.plug.name}, black at the ${b.plug.name}.` : `At the ${a.plug.name}.`,
      ...red.map((r, i) => `${i + 1}  Red on ${one(r)}, black on ${one(black[i]!)}.`),
    ]
  return [
    `Red on ${inTurn(red)}, at the ${a.plug.name}.`,
    frame ? 'Black on bare metal of the axle or housing.' : `Black on ${inTurn(black)}${two ? `, at the ${b.plug.name}` : ''}.`,
  ]
}

/** From where the face is seen, and how one gets at it. */
export function sideSaid({ probing, behind, faces }: Placed): string {
  if (probing.kind === 'clamp') return 'Seen from the wire side.'
  if (probing.plug === 'parted') {
    const ends = faces.every(({ plug }) => faceOf(plug, 'mating').body === null)
    return ends
      ? `Parted: on the ends of the ${probing.half ?? 'motor’s'} side.`
      : `Parted: into the mouth of the ${probing.half ?? 'motor’s'} half.`
  }
  if (behind === 'past a seal') return 'Joined, from the wire side: a thin back-probe in beside the wire, never through its skin.'
  if (behind === 'no') return 'Joined. Its pins cannot be reached from behind: at the next plug that can, or by a lead put between.'
  return 'Joined, from the wire side: in beside the wire until it meets metal.'
}

/** On a machine without a file. */
export const USUALLY = 'As such plugs usually are: no file knows this machine. Go by what a wire does, not by its colour.'

const SET: Readonly<Record<string, string>> = {
  'V DC': 'volts DC',
  'V AC': 'volts AC',
  'A DC': 'amps DC',
  'A AC': 'amps AC',
  ohm: 'ohms',
  diode: 'diode',
  continuity: 'continuity',
  insulation: 'insulation',
}
const FINE: Readonly<Record<NonNullable<Dial['fine']>, string>> = {
  mV: 'the millivolt range',
  MΩ: 'the MΩ range',
  'four wires': 'by four wires',
  'lowest volts': 'volts by the maker; 100 at the most below 60 V',
}

/** What it is read with and how that is set: `Multimeter on volts DC`. */
export function dialSaid({ kind, mode, fine }: Dial): string {
  const name = INSTRUMENT_NAMES[kind]
  // What measures one thing alone is not set to it.
  const set = mode && kind === 'multimeter' ? ` on ${SET[mode] ?? mode}` : ''
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}${set}${fine ? `, ${FINE[fine]}` : ''}`
}

/** What the dial of a meter has there. */
const DIAL_SIGNS: Readonly<Record<string, string>> = {
  'V DC': 'V=',
  'V AC': 'V~',
  'A DC': 'A=',
  'A AC': 'A~',
  ohm: 'Ω',
  diode: '▶|',
  continuity: '•))',
  insulation: 'MΩ',
}

/** The sign beside which its dial is set; null where there is nothing to set. */
export const dialSign = ({ mode, fine }: Dial): string | null =>
  mode === null ? null : fine === 'mV' ? 'mV=' : fine === 'MΩ' ? 'MΩ' : (DIAL_SIGNS[mode] ?? null)

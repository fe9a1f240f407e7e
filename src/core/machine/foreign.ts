import type { OwnSpec } from './compare'
import { fileVolts } from './file-index'
import type { MachineFile, Pack } from './types'

/** What a cell is not discharged below, V, and how much another controller may stop earlier or later (usual, estimated). */
const CUT_OFF = {
  'Li-ion': { value: 3.0, smaller: 0.2, larger: 0.4 },
  LFP: { value: 2.5, smaller: 0.1, larger: 0.4 },
  lead: { value: 1.75, smaller: 0.05, larger: 0.1 },
} as const satisfies Readonly<Record<Pack['chemistry'], object>>

/** What a row is filled with, that is worked out from two figures in place of keyed in. */
export const TOP_SPEED = 'top-speed'

/**
 * How fast a motor turns its wheel on a full pack with no load, km/h.
 * @param kv of the wheel, rpm/V
 * @param volts at full charge
 * @param round once round the tyre, mm
 */
export function freeSpeed(kv: number, volts: number, round: number): number {
  return (kv * volts * round * 60) / 1e6
}

/** Words of rows where a word is chosen. */
const THROTTLES = ['Hall, 1 to 4 V', 'potentiometer', 'by its display'] as const
const CUT_OFF_SWITCHES = ['closes to minus', 'opens', 'puts volts on it'] as const

/** What each row is about, and why it matters: the words are the screen's. */
export type ForeignRow =
  | 'top-speed'
  | 'hall-spacing'
  | 'pole-pairs'
  | 'amps'
  | 'full-volts'
  | 'cut-off-volts'
  | 'throttle'
  | 'brake-switch'
  | 'plug-amps'
  | 'clamped-width'
  | 'seat-diameter'
  | 'hole-spacing'
  | 'plug-pins'
  | 'lead-length'
export type ForeignSpec = Omit<OwnSpec, 'id' | 'name' | 'why'> & { readonly id: ForeignRow }

/**
 * What is compared beside the file's own rows where a new motor or controller is of another make or model: top speed by its Kv against
 * the class, amps against lead and plug, cut-off against the cells, Hall spacing, throttle and brake switch. What the file does not know
 * of the old one is read on it.
 * @param topSpeed what its class may go, km/h
 * @returns none for other parts
 */
export function foreignSpecs(
  file: Pick<MachineFile, 'drives' | 'pack' | 'energy' | 'parts'>,
  part: string,
  topSpeed: number | undefined,
): readonly ForeignSpec[] {
  const drive = file.drives.find((d) => d.part === part)
  const controller = file.parts.find((p) => p.id === part)?.role === 'controller'
  if (!drive && !controller) return []
  const of = drive ?? file.drives[0]
  const hall = of?.hallSpacing
  const spacing: ForeignSpec = { id: 'hall-spacing', options: ['120', '60'], unit: 'deg', ...(hall ? { value: String(hall) } : {}) }
  const full = fileVolts(file)
  const speed: readonly ForeignSpec[] =
    topSpeed === undefined ? [] : [{ id: TOP_SPEED, unit: 'km/h', value: topSpeed, smaller: topSpeed, larger: 0 }]
  if (drive)
    return [
      ...speed,
      spacing,
      { id: 'pole-pairs', smaller: 0, larger: 0, ...(drive.polePairs !== undefined ? { value: drive.polePairs } : {}) },
      { id: 'plug-amps', unit: 'A', smaller: 0, larger: 1000 },
    ]
  const { pack } = file
  const cell = pack && CUT_OFF[pack.chemistry]
  return [
    { id: 'amps', unit: 'A', smaller: 1000, larger: 0 },
    ...(full === null ? [] : [{ id: 'full-volts', unit: 'V', value: full, smaller: 0, larger: 10_000 } as const]),
    ...(pack && cell
      ? [
          {
            id: 'cut-off-volts',
            unit: 'V',
            value: tenth(pack.cells * cell.value),
            smaller: tenth(pack.cells * cell.smaller),
            larger: tenth(pack.cells * cell.larger),
          } as const,
        ]
      : []),
    spacing,
    { id: 'throttle', options: THROTTLES },
    { id: 'brake-switch', options: CUT_OFF_SWITCHES },
  ]
}

const tenth = (x: number): number => Math.round(x * 10) / 10

/** What is compared of a part that no file knows, each read on the old one: what decides whether it goes in and on. Usual, estimated. */
export const UNKNOWN_SPECS: readonly ForeignSpec[] = [
  { id: 'clamped-width', unit: 'mm', smaller: 0.3, larger: 0.3 },
  { id: 'seat-diameter', unit: 'mm', smaller: 0.1, larger: 0.1 },
  { id: 'hole-spacing', unit: 'mm', smaller: 0.3, larger: 0.3 },
  { id: 'plug-pins', smaller: 0, larger: 0 },
  { id: 'lead-length', unit: 'mm', smaller: 20, larger: 1000 },
]

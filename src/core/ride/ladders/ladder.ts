import type { Opened } from '../../machine'
import type { Brake } from '../brake'
import type { RideStage } from '../rungs'

/** What power comes back through the first time after motor, controller or loom were opened. */
export const FIRST_POWERS = ['limited supply', 'fuse', 'pre-charge'] as const
export type FirstPower = (typeof FIRST_POWERS)[number]

/** How a kind of machine is proved. */
export interface Ladder {
  /** In the order in which it goes up: every one is a condition for the next. */
  readonly rungs: readonly RideStage[]
  /** Which of them are wanted where this was opened; where several were, all of theirs. */
  readonly wanted: Readonly<Record<Opened | 'nothing', readonly RideStage[]>>
  /** The brakes that it is stopped with; none where nothing rolls. */
  readonly brakes: readonly Brake[]
  /** What stops have to reach, m/s²: by all brakes together, and by each alone. Ours, estimated: the local rule comes first. */
  readonly stops?: { readonly together: number; readonly alone: number }
  /** Its first power, up to 60 V and above. */
  readonly firstPower: { readonly low: readonly FirstPower[]; readonly high: readonly FirstPower[] }
  /** It may go home with its plug out: the mains, or a service plug, is nothing that its owner rides with. */
  readonly homeUnplugged?: true
}

/** What whoever rolls on the road is asked for, on two wheels or four, beside what its wheels, brakes and steering want. */
const DRIVE = ['walking pace', 'brake stops', 'gentle', 'full', 'hill', 'heat soak'] as const
export const ON_THE_ROAD = {
  nothing: ['short ride'],
  cover: ['short ride'],
  supply: ['short ride'],
  cooling: ['gentle'],
  pack: ['gentle'],
  plug: ['both ways', 'gentle'],
  display: ['both ways', 'gentle'],
  tyre: ['brake stops', 'gentle'],
  motor: DRIVE,
  gearbox: DRIVE,
  controller: DRIVE,
  loom: [...DRIVE, 'both ways'],
} as const

export const LIMITED = { low: ['limited supply', 'fuse'], high: ['pre-charge'] } as const

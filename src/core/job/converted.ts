import { convertWidth, type WidthPiece, type WidthSet } from '../conversion'
import { holds, type MachineFile, withWorstCase } from '../machine'
import type { AdoptedPlan, WidthWay } from '../planning'
import { OFF_IT } from './apply-fixings'
import type { Bodies } from './entries'
import type { FixingState, JobState } from './state'

/** Another one can take its place. */
const OUT: ReadonlySet<FixingState['condition']> = new Set([...OFF_IT, 'new wanted'])

/**
 * Ids of the file that a piece is: its part with what held it there, or the fixing of its joint at this place.
 * @param stays tells of joints that hold in the other width too: they are of the machine, not of the piece
 */
function idsOf(
  file: MachineFile,
  { of, place }: Pick<WidthPiece, 'of' | 'place'>,
  stays: (joint: MachineFile['joints'][number]) => boolean = () => false,
): readonly string[] {
  if (of === undefined) return []
  const joint = file.joints.find((j) => j.id === of)
  if (joint) return joint.members.filter((m) => joint.members.length === 1 || m.place === place).map((m) => m.id)
  return [of, ...file.joints.filter((j) => j.holds[0] === of && !stays(j)).flatMap((j) => j.members.map((m) => m.id))]
}

/** `M8×45`: 45; undefined where no length stands there. */
function lengthOf(bolt: string | undefined): number | undefined {
  const found = /[×x]\s*(\d+(?:\.\d+)?)$/.exec(bolt ?? '')?.[1]
  return found === undefined ? undefined : Number(found)
}

/** A conversion as a job keeps it: what it needs of the file, so that the file may change behind it. */
export function conversionOf(
  file: MachineFile,
  set: WidthSet,
  from: string,
  to: string,
  way?: Omit<WidthWay, 'plan'> & { readonly plan: AdoptedPlan },
): Bodies['width-converted'] {
  const c = convertWidth(set, from, to)
  const after = set.variant === undefined ? {} : { [set.variant]: to }
  const stays = (j: MachineFile['joints'][number]): boolean =>
    set.variant !== undefined && holds(j.when, () => false, withWorstCase(file, after))
  const labelled = (id: string) => ({ id, label: set.options.find((o) => o.id === id)!.label })
  const told = ({ name, place, bolt }: WidthPiece) => ({ name, place, ...(bolt === undefined ? {} : { bolt }) })
  // A bolt that is one of the file comes back as that fixing, of another length.
  const own = (p: WidthPiece): boolean => p.bolt !== undefined && idsOf(file, p).length > 0
  return {
    set: set.id,
    name: set.name,
    from: labelled(from),
    to: labelled(to),
    ...(set.variant === undefined ? {} : { variant: set.variant }),
    off: c.remove
      .filter((p) => !own(p))
      .map((p) => {
        const of = idsOf(file, p, stays)
        return { ...told(p), ...(of.length > 0 ? { of: [...of] } : {}) }
      }),
    on: c.add
      .filter((p) => !own(p))
      .map((p) => ({
        ...told(p),
        // What the way itself brings is no step of its own.
        ...(way && p.of !== undefined ? { of: [...idsOf(file, p)] } : {}),
        ...(p.under === undefined ? {} : { under: p.under }),
        ...(p.after === undefined ? {} : { after: p.after }),
      })),
    later: c.later.map(told),
    bolts: c.bolts
      .filter((b) => b.of !== undefined)
      .map(({ place, from: old, to: next, of, stack }) => {
        const length = lengthOf(next)
        return {
          place,
          ...(old === undefined ? {} : { from: old }),
          ...(next === undefined ? {} : { to: next }),
          of: [...idsOf(file, { place, ...(of === undefined ? {} : { of }) })],
          ...(length === undefined ? {} : { length }),
          ...(stack === undefined ? {} : { stack }),
        }
      }),
    ...(way ? { way: { brings: [...way.brings], drops: [...way.drops], plan: way.plan } } : {}),
  }
}

/**
 * What has to be off before a machine goes into another width, by name: what is left over, what goes on over something new, and bolts that
 * another takes the place of.
 */
export function firstOff(
  state: Pick<JobState, 'parts' | 'fixings'>,
  file: MachineFile,
  body: Bodies['width-converted'],
): readonly string[] {
  const parts = new Set(file.parts.map((p) => p.id))
  const asked = [...body.off.flatMap((p) => p.of ?? []), ...body.on.flatMap((p) => p.under ?? [])]
  const on = [...new Set(asked)].filter((id) => parts.has(id) && state.parts[id]?.condition !== 'off')
  // Where there is none yet, none has to come out.
  const bolts = body.bolts.flatMap((b) => (b.from === undefined ? [] : b.of)).filter((id) => !OUT.has(state.fixings[id]?.condition ?? 'on'))
  return [
    ...on.map((id) => file.parts.find((p) => p.id === id)!.name),
    ...file.joints.filter((j) => j.members.some((m) => bolts.includes(m.id))).map((j) => j.name),
  ]
}

import { type JobState, offName, type Photo, type Pin } from '../../core/job'
import { type MachineFile, turnOfPicture, turnOfPose } from '../../core/machine'
import * as say from '../../words/en/screens/photos'
import { STAND_WORDS } from '../../words/en/poses'
import type { MapPin } from './photo-map'

type Pinned = Pick<JobState, 'offs' | 'pins' | 'damage' | 'fixings' | 'parts' | 'down'>

/** What a pin is tied to, in words; null where that was crossed out. */
function pinName(state: Pinned, file: MachineFile | null, { of, text }: Pick<Pin, 'of' | 'text'>): string | null {
  if (!of) return text ?? ''
  const id = of.id
  const name = {
    step: () => state.down.find((s) => s.id === id)?.title,
    fixing: () => state.fixings[id] && `${state.fixings[id].label}, ${state.fixings[id].place}`,
    part: () => state.parts[id]?.name ?? file?.parts.find((p) => p.id === id)?.name,
    plug: () => file?.connections.find((c) => c.id === id)?.name,
    lead: () => file?.cables.find((c) => c.id === id)?.name,
    damage: () => state.damage.find((d) => d.entry === id)?.text,
  }[of.is]()
  return name === undefined ? null : text ? `${name}: ${text}` : name
}

/** All that lies at points of a photo: what came off there, damage, what was tied to it or drawn on it. */
export function pinsOn(state: Pinned, file: MachineFile | null, photo: string, now?: (of: Pin['of']) => boolean): MapPin[] {
  const offs = state.offs.flatMap((o): MapPin[] =>
    o.pin?.photo === photo
      ? [
          {
            key: o.step,
            x: o.pin.x,
            y: o.pin.y,
            mark: String(state.down.find((s) => s.id === o.step)?.number ?? '●'),
            name: offName(o),
            ...(now?.({ is: 'step', id: o.step }) ? { now: true } : {}),
          },
        ]
      : [],
  )
  const damage = state.damage.flatMap((d, i): MapPin[] =>
    d.pin?.photo === photo ? [{ key: d.entry, x: d.pin.x, y: d.pin.y, mark: letter(i), name: d.text }] : [],
  )
  const pins = state.pins.flatMap((p): MapPin[] => {
    const name = p.photo === photo ? pinName(state, file, p) : null
    if (name === null) return []
    const number = p.of?.is === 'step' ? state.down.find((s) => s.id === p.of!.id)?.number : undefined
    return [
      {
        key: p.entry,
        x: p.x,
        y: p.y,
        mark: number === undefined ? '●' : String(number),
        name: name || say.onlyAMark,
        ...(p.mark ? { draw: p.mark } : {}),
        ...(p.from ? { from: p.from } : {}),
        ...(p.of && now?.(p.of) ? { now: true } : {}),
      },
    ]
  })
  return [...offs, ...damage, ...pins]
}

const letter = (i: number): string => String.fromCharCode(97 + (i % 26))

/** How a photo is turned to stand as the machine does now; null where that can only be said. */
export function turnOf(photo: Pick<Photo, 'side' | 'pose'>, state: Pick<JobState, 'pose'>, file: MachineFile | null): number | null {
  return turnOfPicture(photo.side, turnOfPose(photo.pose, file?.poses), turnOfPose(state.pose.id, file?.poses))
}

/** What a pose is called. */
export function poseName(pose: string | undefined, file: MachineFile | null): string {
  if (!pose) return say.asWas
  return (
    file?.poses.find((p) => p.id === pose)?.name ??
    (Object.hasOwn(STAND_WORDS, pose) ? STAND_WORDS[pose as keyof typeof STAND_WORDS] : pose)
  )
}

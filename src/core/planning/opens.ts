import { type FileIndex, holds, OPENED, type Opened, offOf, type ProvedAs, type Variants } from '../machine'
import type { Action } from './actions'
import { powerOf } from './steps'

/** How its machine is proved: by its class, or as steering where that is all that the drives do which it has with these answers. */
export function provedAs({ file, parts }: Pick<FileIndex, 'file' | 'parts'>, variants: Variants): ProvedAs {
  const { class: kind } = file
  const drives = file.drives.filter((d) => holds(parts.get(d.part)?.when, () => false, variants))
  return drives.length > 0 && drives.every((d) => d.kind === 'steering assist') ? 'steering' : kind
}

const BY_CRITICAL = { axle: 'wheel', brake: 'brake', steering: 'steering', 'pack terminal': 'pack' } as const

/**
 * What an action opens, so far as the proof of the work goes by it: parts by their role, a fixing that is critical, a plug; else a
 * cover. The plug and the pack that make it safe open nothing, nor does what is only prepared, propped or looked at.
 */
export function opensOf(index: FileIndex, action: Action): readonly Opened[] {
  if (powerOf(index, action, 'down') !== undefined) return []
  if (action.kind === 'unplug') return ['plug']
  if (action.kind !== 'release' && action.kind !== 'take off') return []
  const critical = action.kind === 'release' ? index.joints.get(action.subject)?.critical : undefined
  const found = new Set<Opened>([
    ...(critical ? [BY_CRITICAL[critical]] : []),
    ...action.gives.flatMap((fact) => roleOff(index, offOf(fact) ?? '') ?? []),
  ])
  return found.size > 0 ? OPENED.filter((o) => found.has(o)) : ['cover']
}

/** The role of a part that comes off. A hub motor is out with its wheel, and is not opened by that. */
function roleOff(index: FileIndex, part: string): Opened | undefined {
  const drive = index.file.drives.find((d) => d.part === part)
  if (drive) return drive.kind === 'hub direct' || drive.kind === 'hub geared' ? 'wheel' : 'motor'
  return index.parts.get(part)?.role
}

/** The role of a part that is replaced by a new one: a drive's part is its motor. */
export function opensBySwap(index: FileIndex, part: string | undefined): readonly Opened[] {
  if (part === undefined) return []
  const drive = index.file.drives.some((d) => d.part === part)
  const role = drive ? 'motor' : part === index.file.pack?.part ? 'pack' : index.parts.get(part)?.role
  return role ? [role] : []
}

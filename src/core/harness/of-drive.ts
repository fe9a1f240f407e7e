import type { DriveUnit, MachineFile } from '../machine'
import type { Plug } from './face'
import { type Placed, placed, type Probing } from './probing'
import { USUAL_PLUGS } from './usual'

/** Plugs of the other end of a machine that has two alike are not this drive’s. */
function plugsOf(file: MachineFile, part: string): readonly Plug[] {
  const end = file.parts.find((p) => p.id === part)?.end
  return file.connections.filter((c) => c.end === undefined || end === undefined || c.end === end)
}

/** Where the probes of a test go on a drive; of a machine without a file on its usual plugs. Null where it has no such plug. */
export function placedOn(file: MachineFile | null, drive: Pick<DriveUnit, 'id' | 'kind'>, probing: Probing): Placed | null {
  const part = file?.drives.find((d) => d.id === drive.id)?.part
  if (!file || part === undefined) return placed(USUAL_PLUGS[drive.kind], probing, new Set(['drive']))
  const own = new Set([part, ...file.cables.filter((c) => c.of === part).map((c) => c.id)])
  return placed(plugsOf(file, part), probing, own, file.pack?.part)
}

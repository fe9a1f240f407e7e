import { holds, type MachineFile } from '../machine'
import { offName } from './off/off'
import { factsNow } from './readiness'
import type { JobState } from './state'

/** A plug of the machine, or one that was named by hand. */
export interface Plug {
  readonly key: string
  readonly connection?: string
  readonly name: string
  /** Nothing that the plan knows covers it now. */
  readonly inReach: boolean
  /** What it was like, each time, the last one last. */
  readonly seen: JobState['plugs']
}

/** Plugs that there are to look at: those of the file that this machine has, those that came apart beyond it, and those named by hand. */
export function plugsOf(state: JobState, file: Pick<MachineFile, 'connections'> | null): Plug[] {
  const facts = factsNow(state)
  const known = (file?.connections ?? []).filter((c) => !c.when || holds(c.when, () => true, state.variants))
  const own = new Set(known.map((c) => c.id))
  const off = state.offs.flatMap((o) => (o.sort === 'plug' ? [offName(o)] : []))
  const looked = state.plugs.filter((p) => p.connection === undefined || !own.has(p.connection)).map((p) => p.name)
  const named = [...new Set([...off, ...looked])]
  return [
    ...known.map((c) => ({
      key: c.id,
      connection: c.id,
      name: c.name,
      inReach: !c.access || holds(c.access, (f) => facts.has(`${f.fact} ${f.of}`), state.variants),
      seen: state.plugs.filter((p) => p.connection === c.id),
    })),
    ...named.map((name) => ({
      key: `named ${name}`,
      name,
      inReach: true,
      seen: state.plugs.filter((p) => p.name === name && (p.connection === undefined || !own.has(p.connection))),
    })),
  ]
}

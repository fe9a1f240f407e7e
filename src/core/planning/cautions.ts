import type { Doing, MachineFile } from '../machine'
import type { Action } from './actions'

type Trigger = (file: MachineFile, action: Action, doing: Doing, pose: string) => boolean

const joint = (file: MachineFile, action: Action) =>
  action.kind === 'release' ? file.joints.find((j) => j.id === action.subject) : undefined

/**
 * Cautions that follow from what a step is, so that a new machine file cannot forget them.
 * Ids are those of the hazard table; the wording lives in the interface.
 */
const TRIGGERS: readonly { readonly caution: string; readonly when: Trigger }[] = [
  { caution: 'H10', when: (f, a, d) => joint(f, a)?.release === 'warm then undo' && d === joint(f, a)?.down },
  { caution: 'H11', when: (f, a, d) => joint(f, a)?.release === 'warm then undo' && d === joint(f, a)?.down },
  { caution: 'H36', when: (f, a, d) => joint(f, a)?.release === 'cut' && d === joint(f, a)?.down },
  { caution: 'H34', when: (f, a, d) => joint(f, a)?.critical === 'axle' && d === joint(f, a)?.up },
  { caution: 'H22', when: (f, a, d) => joint(f, a)?.critical === 'steering' && d === joint(f, a)?.up },
  { caution: 'H55', when: (f, a, d) => joint(f, a)?.critical === 'brake' && d === joint(f, a)?.up },
  { caution: 'H25', when: (f, a) => joint(f, a)?.kind === 'ring' },
  { caution: 'H72', when: (f, a, d) => joint(f, a)?.lock !== undefined && d === joint(f, a)?.up },
  { caution: 'H43', when: (f, a) => f.energy.some((e) => e.kind === 'tyre' && e.releasedBy === a.subject) },
  { caution: 'H26', when: (f, a) => f.energy.some((e) => (e.kind === 'spring' || e.kind === 'gas') && e.releasedBy === a.subject) },
  { caution: 'H50', when: (f, a) => f.energy.some((e) => e.kind === 'mains' && e.releasedBy === a.subject) },
  { caution: 'H6', when: (f, a) => a.id === `unplug:${f.pack?.plug ?? ''}` },
  { caution: 'H61', when: (f, a) => (f.parts.find((p) => p.id === a.subject)?.mass?.value ?? 0) > 20 },
]

/** Caution ids for a step: those of the file first, then those that follow from its nature, each once. */
export function cautionsFor(file: MachineFile, action: Action, doing: Doing, pose: string): string[] {
  const own = doing.cautions ?? []
  const derived = TRIGGERS.filter((t) => t.when(file, action, doing, pose)).map((t) => t.caution)
  return [...new Set([...own, ...derived])]
}

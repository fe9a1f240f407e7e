import { type ActionId, indexFile, type MachineFile, type Variants } from '../machine'
import { compileDown } from './actions'

/** Fixings and plugs, by action, that a machine has with some answers and has not with others. */
export interface VariantChange {
  readonly comes: readonly ActionId[]
  readonly goes: readonly ActionId[]
}

/** What is there to be undone and unplugged once the answers to a file’s questions are others. Steps that only make room are no things. */
export function variantChange(file: MachineFile, before: Variants, after: Variants): VariantChange {
  const index = indexFile(file)
  const [old, next] = [before, after].map((variants) => compileDown(index, variants))
  const only = (some: typeof old, others: typeof old): ActionId[] =>
    [...some!.values()].flatMap((a) => ((a.kind === 'release' || a.kind === 'unplug') && !others!.has(a.id) ? [a.id as ActionId] : []))
  return { comes: only(next, old), goes: only(old, next) }
}

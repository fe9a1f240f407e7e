import { indexFile, type MachineFile, nameOfToken } from '../../core/machine'
import type { PlanError } from '../../core/planning'

/** Why there is no plan, in the app's voice, with the blocked chain or the loop by the names of the file. */
export function whyNot(error: PlanError, file: MachineFile): string {
  const index = indexFile(file)
  const names = (tokens: readonly string[]): string =>
    tokens.map((t) => (t === 'goal' ? 'the job itself' : nameOfToken(index, t))).join(' → ')
  const pose = (id: string): string => index.poses.get(id)?.name ?? id
  switch (error.kind) {
    case 'unreachable':
      return `Nothing in the machine file leads there. The chain stops at: ${names(error.chain.slice(-4))}.`
    case 'cycle':
      return error.loop.length > 0
        ? `The machine file goes round in a circle: ${names(error.loop)}.`
        : `The orders of the machine file leave no way ${error.limb === 'up' ? 'back up' : 'down'}.`
    case 'never back':
      return `“${error.step}” can never be done on the way up: the file asks there for what this job leaves as it is.`
    case 'missing-tool':
      return `${error.tool}: not here, and nothing stands in for it. It stops at “${error.step}”.`
    case 'no way to turn':
      return `There is no way to turn it from “${pose(error.from)}” to “${pose(error.to)}” for “${error.step}”.`
    case 'unknown goal':
      return 'The machine file has no such job.'
    case 'too large':
      return `More than ${error.most} steps or choices bear on this job (${error.steps}): more than is planned here. Split the job in the file.`
  }
}

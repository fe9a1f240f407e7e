import type { PlannedStep } from '../planning'
import type { Bodies } from './entries'
import type { FixingMove } from './vocabulary'
import type { JobState } from './state'
import { nextPass } from './summary'

/**
 * What one tap on a step logs, when everything went as the file expects: every fixing to its expected place, the parts
 * that it frees, the pass that is next, the electrical state that follows.
 */
export function expectedDone(state: JobState, step: PlannedStep): Bodies['step-done'] {
  if (step.limb === 'down') {
    const moves = groupMoves(step)
    return {
      step: step.id,
      ...(moves.length > 0 ? { out: moves } : {}),
      ...(step.parts.length > 0 ? { partsOff: step.parts.map((p) => p.id) } : {}),
      ...(step.power ? { power: step.power } : {}),
    }
  }
  const pass = nextPass(state, step.id)
  const last = pass === null || step.passes?.at(-1) === pass
  // What never came off, stays out, is lost or disputed is not put back by a tap on its set: it has to be named.
  const members = step.fixings.filter((f) => {
    const now = state.fixings[f.id]
    return (
      now !== undefined &&
      now.hasBeenOut &&
      !now.disputed &&
      now.condition !== 'left in' &&
      now.condition !== 'kept out' &&
      now.condition !== 'lost'
    )
  })
  return {
    step: step.id,
    ...(pass ? { pass } : {}),
    ...(pass && members.length > 0
      ? {
          in: {
            members: members.map((f) => f.id),
            pass,
            ...(pass === 'final' && step.torque
              ? step.substitute?.byFeel
                ? { how: 'feel' as const }
                : { torque: step.torque.value }
              : {}),
          },
        }
      : {}),
    ...(last && step.parts.length > 0 ? { partsOn: step.parts.map((p) => p.id) } : {}),
    ...(last && step.power ? { power: step.power } : {}),
    ...(pass === 'final' && step.lock
      ? { lock: { product: step.lock.product, handlingMinutes: step.lock.handlingMinutes, cureHours: step.lock.cureHours } }
      : {}),
  }
}

function groupMoves(step: PlannedStep): FixingMove[] {
  const moves = new Map<string, { members: string[]; to: FixingMove['to']; cell?: string }>()
  for (const f of step.fixings) {
    const to: FixingMove['to'] = f.stay ? 'left in' : f.captive ? 'captive' : f.keep
    const key = `${to}|${f.cell ?? ''}`
    const move = moves.get(key) ?? { members: [], to, ...(to === 'cell' && f.cell !== undefined ? { cell: f.cell } : {}) }
    move.members.push(f.id)
    moves.set(key, move)
  }
  return [...moves.values()]
}

import { factsIn } from '../machine'
import type { PlannedStep, Together } from './types'

/**
 * How long a limb takes with a second mechanic all the way: a list schedule of the planned order (Graham 1966). The machine stands one way
 * at a time, so both turn it together and nothing crosses a turn; each tool is there once; a step for two takes both. The bound is, for
 * each pose, the longer of its longest chain and half its work.
 */
export function together(steps: readonly PlannedStep[]): Together {
  let minutes = 0
  let bound = 0
  for (const stretch of stretches(steps)) {
    const turn = stretch[0]?.turn?.minutes.likely ?? 0
    const { makespan, least } = schedule(stretch)
    minutes += turn + makespan
    bound += turn + least
  }
  return { minutes, bound }
}

/** Steps between one turn and the next. */
function stretches(steps: readonly PlannedStep[]): PlannedStep[][] {
  const list: PlannedStep[][] = []
  for (const step of steps) {
    if (step.turn || list.length === 0) list.push([])
    list.at(-1)!.push(step)
  }
  return list
}

/** Steps of the stretch that each of them waits for. */
function waits(stretch: readonly PlannedStep[]): ReadonlyMap<string, readonly PlannedStep[]> {
  const givers = new Map<string, PlannedStep[]>()
  for (const step of stretch) for (const fact of step.gives) givers.set(fact, [...(givers.get(fact) ?? []), step])
  const byId = new Map(stretch.map((s) => [s.id, s]))
  const proof = stretch.find((s) => s.check === 'dead')
  return new Map(
    stretch.map((step, i) => {
      const earlier = new Set(stretch.slice(0, i))
      const asked =
        step.limb === 'up'
          ? (step.after ?? []).flatMap((id) => byId.get(id) ?? [])
          : [...factsIn(step.needs).flatMap((f) => givers.get(`${f.fact} ${f.of}`) ?? []), ...(step.dead && proof ? [proof] : [])]
      // Making live or dead, and proving it, nobody works beside.
      const electric = stretch.slice(0, i).filter((s) => s.power !== undefined || s.check === 'dead')
      const alone = step.power !== undefined || step.check === 'dead' || step.check === 'spin test' ? stretch.slice(0, i) : electric
      return [step.id, [...new Set([...asked, ...alone])].filter((s) => earlier.has(s))]
    }),
  )
}

function schedule(stretch: readonly PlannedStep[]): { readonly makespan: number; readonly least: number } {
  const before = waits(stretch)
  const span = (s: PlannedStep): number => s.minutes.likely + (s.wait ?? 0)
  // What everything after a step still takes: of two that may begin, the one with more behind it goes first.
  const tail = new Map<string, number>()
  for (const step of [...stretch].reverse()) {
    const behind = stretch.filter((s) => before.get(s.id)!.includes(step)).map((s) => tail.get(s.id)!)
    tail.set(step.id, span(step) + Math.max(0, ...behind))
  }
  const end = new Map<string, number>()
  const hands: [number, number] = [0, 0]
  const toolFree = new Map<string, number>()
  const left = new Set(stretch)
  while (left.size > 0) {
    const may = [...left]
      .filter((s) => before.get(s.id)!.every((b) => end.has(b.id)))
      .map((step) => ({
        step,
        at: Math.max(
          0,
          ...before.get(step.id)!.map((b) => end.get(b.id)!),
          step.tool ? (toolFree.get(step.tool.id) ?? 0) : 0,
          step.people === 2 ? Math.max(...hands) : Math.min(...hands),
        ),
      }))
    const { step, at } = may.reduce((a, b) => (b.at < a.at || (b.at === a.at && tail.get(b.step.id)! > tail.get(a.step.id)!) ? b : a))
    left.delete(step)
    // A wait holds up what follows, not the hands.
    const done = at + step.minutes.likely
    if (step.people === 2) hands.fill(done)
    else hands[hands[0] <= hands[1] ? 0 : 1] = done
    if (step.tool) toolFree.set(step.tool.id, done)
    end.set(step.id, at + span(step))
  }
  const work = stretch.reduce((sum, s) => sum + s.minutes.likely * s.people, 0)
  return { makespan: Math.max(0, ...end.values()), least: Math.max(0, work / 2, ...tail.values()) }
}

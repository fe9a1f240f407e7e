import { fileFrom } from '../src/core/growing'
import { expectedDone, fold, isSettled, type JobState, looseCount, presentStep, reduce, tally } from '../src/core/job'
import { readEntry } from '../src/core/job/entries'
import { holds, type MachineFile } from '../src/core/machine'
import { plan } from '../src/core/planning'
import { parseMachineFile } from '../src/formats/machine-file'
import { SAYS } from '../src/words/en/growing'
import type { Logbook } from './logbook'
import { stateOf } from './shut'
import { down, randomMachine, type Real, settle, takeDown } from './take-downs'

/** Puts everything back, step by step as the card offers it. @throws Error where that never ends */
export function putBack(book: Logbook, most = 500): JobState {
  for (let n = 0; n < most; n++) {
    const s = stateOf(book)
    const step = presentStep(s, 'up', s.lastAt)
    if (!step) return s
    book.log('step-done', expectedDone(s, step))
  }
  throw new Error('putting it back never ends')
}

/** Where an order of putting back puts a thing on before what it covered or held. */
function covered(real: Real, order: readonly string[]): string[] {
  const at = new Map(order.map((id, i) => [id, i]))
  return real.things.flatMap((thing) =>
    [...thing.covers, ...thing.holds].flatMap((under) =>
      at.has(thing.id) && at.has(under) && at.get(thing.id)! < at.get(under)! ? [`${thing.id} goes on before ${under}`] : [],
    ),
  )
}

/** The way up never puts a thing on before what it covered, and everything comes back. Empty where that holds. */
export function upLaws(seed: number): string[] {
  const real = randomMachine(seed)
  const s = putBack(takeDown(real, seed))
  const loose = looseCount(s)
  return [
    ...covered(
      real,
      s.up.filter((x) => x.pair !== undefined).map((x) => down(x.pair!)),
    ),
    ...(tally(s).balanced ? [] : ['it does not add up']),
    ...(loose.fixings + loose.parts === 0 ? [] : ['something lies loose']),
    ...s.up.filter((x) => !isSettled(s, x)).map((x) => `${x.id} is still open`),
  ]
}

/** Lines put right and crossed out at any point leave no orphan; folded one by one they come to the same. */
export function orphanLaws(seed: number): string[] {
  const book = settle(takeDown(randomMachine(seed), seed), seed)
  const s = stateOf(book)
  const steps = new Set(s.down.map((x) => x.id))
  const owner = {
    fixings: (id: string) => s.fixings[id]!.joint,
    parts: (id: string) => id.replace(/:p\d+$/, ''),
    steps: (id: string) => id.replace(/^up:/, ''),
  }
  const orphans = (['fixings', 'parts', 'steps'] as const).flatMap((list) =>
    Object.keys(s[list]).flatMap((id) => (steps.has(owner[list](id)) ? [] : [`${id} belongs to nothing`])),
  )
  const ups = new Set(s.up.map((x) => x.id))
  const odd = [
    ...(s.up
      .map((x) => x.pair)
      .sort()
      .join() === [...steps].sort().join()
      ? []
      : ['a step has no return, or a return no step']),
    ...s.up.flatMap((x) => (x.after ?? []).flatMap((a) => (ups.has(a) ? [] : [`${x.id} waits for ${a}, which is not there`]))),
  ]
  const readable = book.entries.flatMap((e) => readEntry(e) ?? [])
  let folded = reduce('j1', readable.slice(0, 1))
  for (const e of readable.slice(1)) folded = fold(folded, [e]) ?? reduce('j1', readable.slice(0, e.seq))
  // What two tablets disagree on is asked, piece by piece; all else comes home.
  const away = Object.values(putBack(book).fixings).filter((f) => !f.disputed && f.condition !== 'final')
  return [
    ...orphans,
    ...odd,
    ...(JSON.stringify(folded) === JSON.stringify(s) ? [] : ['folded it is another state']),
    ...away.map((f) => `${f.id} never came home`),
  ]
}

export const grown = (book: Logbook): MachineFile => fileFrom(stateOf(book), { id: 'grown', revision: '2026-11', says: SAYS })

/** The file that grew is read, planned, and lets the job be done in its own order. */
export function fileLaws(seed: number): string[] {
  const book = takeDown(randomMachine(seed), seed)
  const parsed = parseMachineFile(JSON.stringify(grown(book)))
  if (!parsed.ok) return parsed.error.problems.map((p) => `${p.at}: ${p.text}`)
  const file = parsed.value
  const planned = plan(file, 'untouched', [file.goals[0]!.id], { variants: {} })
  if (!planned.ok) return [`not planned: ${JSON.stringify(planned.error)}`]
  const facts = new Set<string>()
  const todo = [...planned.value.down.steps]
  const broken: string[] = []
  for (const off of stateOf(book).offs) {
    const title = SAYS.down(off)
    const at = todo.findIndex((s) => s.title === title && (!s.needs || holds(s.needs, (f) => facts.has(`${f.fact} ${f.of}`), {})))
    if (at < 0) broken.push(`“${title}” is not ready when the job did it`)
    else for (const fact of todo.splice(at, 1)[0]!.gives) facts.add(fact)
  }
  return [...broken, ...todo.filter((s) => s.kind !== 'support').map((s) => `“${s.title}” was never done`)]
}

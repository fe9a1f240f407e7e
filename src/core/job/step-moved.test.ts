import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { demoMachines } from '../../demo/machines'
import { NEWEST_FORM } from '../build'
import { movedUp, plan } from '../planning'
import { reduce } from './index'

const file = demoMachines().find((f) => f.id === 'sanderling')!
const found = plan(file, 'untouched', ['motor-goal'], { variants: {} })
if (!found.ok) throw new Error('no plan')
const adopted = found.value

function opened(of = file, by = adopted): Logbook {
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '1', machine: { name: of.name, file: of.id, revision: of.revision }, complaint: 'x' })
  book.log('plan-adopted', { plan: by, file: of.id, revision: of.revision, settings: reduce('j1', book.entries).settings })
  return book
}
const up = (book: Logbook) => reduce('j1', book.entries).up
const CAP = 'up:undo:left-cap'
const LEAD = 'up:off:lead-run'

describe('a step of the way up, moved by hand', () => {
  const move = (book: Logbook): void => {
    const moved = movedUp(file, up(book), { pose: 'on-bars', tool: null }, CAP, LEAD)
    if (moved.is === 'hindered') throw new Error('hindered')
    book.log('step-moved', { step: CAP, before: LEAD, pose: moved.pose, turns: [...moved.turns] })
  }
  it('stands there with its turns, and back where it was once that is crossed out', () => {
    const book = opened()
    const was = up(book).map((s) => s.id)
    move(book)
    const now = up(book)
    expect(now.findIndex((s) => s.id === CAP)).toBe(now.findIndex((s) => s.id === LEAD) - 1)
    expect(now.map((s) => s.id).sort()).toEqual([...was].sort())
    // Each step has a turn just where the machine stands otherwise before it.
    let pose = 'on-bars'
    for (const s of now) {
      expect(s.turn?.to ?? pose, s.title).toBe(s.pose)
      expect(s.turn !== undefined, s.title).toBe(s.pose !== pose)
      pose = s.pose
    }
    const last = book.entries.at(-1)!
    book.log('struck', { target: last.id, reason: 'x' })
    expect(up(book).map((s) => [s.id, s.pose, s.turn?.to])).toEqual(adopted.up.steps.map((s) => [s.id, s.pose, s.turn?.to]))
  })
  it('brought to a place where the machine stands as it needs it has no turn any more', () => {
    const dunlin = demoMachines().find((f) => f.id === 'dunlin')!
    const planned = plan(dunlin, 'untouched', ['front-motor-goal'], { variants: {} })
    if (!planned.ok) throw new Error('no plan')
    const book = opened(dunlin, planned.value)
    const [step, before] = ['up:step:front-pressure', 'up:step:front-reaction-path']
    expect(up(book).find((s) => s.id === step)?.turn).toBeDefined()
    const moved = movedUp(dunlin, up(book), { pose: planned.value.down.steps.at(-1)!.pose, tool: null }, step, before)
    if (moved.is === 'hindered') throw new Error('hindered')
    book.log('step-moved', { step, before, pose: moved.pose, turns: [...moved.turns] })
    const now = up(book)
    expect(now.find((s) => s.id === step)?.turn).toBeUndefined()
    let pose = planned.value.down.steps.at(-1)!.pose
    for (const s of now) {
      expect(s.turn?.to ?? pose, s.title).toBe(s.pose)
      pose = s.pose
    }
  })
  it('changes nothing where the plan has no such step, and says so', () => {
    const book = opened()
    book.log('step-moved', { step: 'up:undo:nothing', before: LEAD, pose: 'upright', turns: [] })
    book.log('step-moved', { step: CAP, before: 'up:nothing', pose: 'upright', turns: [] })
    const state = reduce('j1', book.entries)
    expect(state.up.map((s) => s.id)).toEqual(adopted.up.steps.map((s) => s.id))
    expect(state.flags.map((f) => f.kind)).toEqual(['no such step', 'no such step'])
  })
})

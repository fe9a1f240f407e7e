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

function opened(): Logbook {
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '1', machine: { name: file.name, file: file.id, revision: file.revision }, complaint: 'x' })
  book.log('plan-adopted', { plan: adopted, file: file.id, revision: file.revision, settings: reduce('j1', book.entries).settings })
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
  it('moved away and back again it has no turn that it does not need', () => {
    const book = opened()
    const was = adopted.up.steps.map((s) => [s.id, s.pose, s.turn?.to])
    const after = adopted.up.steps[adopted.up.steps.findIndex((s) => s.id === CAP) + 1]!.id
    for (const before of ['up:unplug:hall', after]) {
      const moved = movedUp(file, up(book), { pose: adopted.up.steps[0]!.pose, tool: null }, CAP, before)
      if (moved.is === 'hindered') throw new Error('hindered')
      book.log('step-moved', { step: CAP, before, pose: moved.pose, turns: [...moved.turns] })
    }
    expect(up(book).map((s) => [s.id, s.pose, s.turn?.to])).toEqual(was)
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

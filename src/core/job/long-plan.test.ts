import { NEWEST_FORM } from '../build'
import { gzipSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'
import { panelled } from '../../../tests/panelled'
import { SHAPES } from '../../../tests/samples'
import { plan, wordingOf } from '../planning'
import { type Entry, expectedDone, inWords, type JobState, presentStep, reduce, fold, tally, written } from './index'

describe('a plan of 600 steps', () => {
  const file = panelled()
  const found = plan(file, 'untouched', ['all'], { variants: {}, nodeLimit: 50 })
  if (!found.ok) throw new Error(found.error.kind)
  const one = written(
    'plan-adopted',
    { plan: found.value, file: file.id, revision: file.revision, settings: { proofMinutes: 240, deadVolts: 5 } },
    NEWEST_FORM,
  )
  let seq = 0
  const entry = (kind: string, body: unknown, v = 1): Entry =>
    ({
      id: `e${++seq}`,
      jobId: 'j',
      seq,
      base: seq - 1,
      at: seq * 60_000,
      receivedAt: seq * 60_000,
      by: 'ines',
      sentBy: 'ines',
      device: 'a',
      kind,
      v,
      body,
    }) as unknown as Entry

  it('has 600 steps, is taken by its schema, and is within its limits: 1 MB as sent, 100 kB packed', () => {
    const text = JSON.stringify(one.body)
    expect(found.value.down.steps.length + found.value.up.steps.length).toBe(600)
    expect(() => SHAPES['plan-adopted'].versions[one.v as 4]!.validateSync(JSON.parse(text))).not.toThrow()
    expect(text.length).toBeLessThanOrEqual(1_000_000)
    expect(gzipSync(text).length).toBeLessThanOrEqual(100_000)
  })

  it('runs down and up again in the words of its file, and adds up', () => {
    const words = wordingOf(file, ['all'])
    let state: JobState = reduce('j', [
      entry('job-opened', { number: '1', machine: { name: 'Panelled', file: file.id, revision: file.revision }, complaint: '' }),
      entry('plan-adopted', JSON.parse(JSON.stringify(one.body)), one.v),
    ])
    expect(inWords(state, words).down[0]!.title).toMatch(/panel \d+/)
    for (const limb of ['down', 'up'] as const) {
      for (let step = presentStep(state, limb, state.lastAt); step; step = presentStep(state, limb, state.lastAt)) {
        const before = state
        state = fold(state, [entry('step-done', expectedDone(state, step))])!
        expect(state.steps[step.id]).not.toEqual(before.steps[step.id])
      }
    }
    expect(state.flags).toEqual([])
    expect(tally(state)).toMatchObject({ removed: 300, refitted: 300, open: 0, balanced: true })
  })
})

import { describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import { dunlin } from '../demo/machines/dunlin'
import { dunlinPlan } from '../../tests/logbook'
import { KIND_IDS, reduce } from '../core/job'
import { parseEntry } from './entry'
import { SAMPLES } from '../../tests/samples'
import { parseMachineFile } from './machine-file'

const TEXT = JSON.stringify(dunlin())
const edited = (edit: (f: any) => void): string => {
  const copy = JSON.parse(TEXT)
  edit(copy)
  return JSON.stringify(copy)
}
const problems = (text: string) => {
  const result = parseMachineFile(text)
  return result.ok ? [] : result.error.problems
}

describe('parseMachineFile', () => {
  it('reads the Dunlin and keeps all of it, in order, with fields it does not know', () => {
    const text = edited((f) => ((f['x-shop'] = { shelf: 4 }), (f.parts[0]['x-note'] = 'blue')))
    const result = parseMachineFile(text)
    expect(result.ok && JSON.stringify(result.value)).toBe(text)
  })
  it.each([
    ['text that is not JSON', '{"format"', '', /not JSON/],
    ['another kind of file', '{"format":"ride/1"}', '/format', /not a machine file/],
    ['a file of a later format', edited((f) => (f.format = 'nailsmith-machine/2')), '/format', /newer/],
    ['a dangling id', edited((f) => (f.joints[0].holds[1] = 'ghost')), '/joints/0/holds/1', /“ghost” is named here/],
    ['a word where a number is wanted', edited((f) => (f.parts[1].mass.value = 'heavy')), '/parts/1/mass/value', /number/],
    ['a guard that is none', edited((f) => (f.goals[0].guard = { maybe: [] })), '/goals/0/guard', /guard/],
    ['a missing list', edited((f) => delete f.joints), '/joints', /required/],
  ])('refuses %s and names the place', (_, text, at, words) => {
    const found = problems(text)
    expect(found.map((p) => p.at)).toContain(at)
    expect(found.find((p) => p.at === at)?.text).toMatch(words)
  })
})

const entry = (over: object) => ({
  id: v7(),
  jobId: v7(),
  base: 0,
  at: 1,
  by: 'p-ines',
  device: v7(),
  kind: 'note-added',
  v: 1,
  body: { text: 'x' },
  ...over,
})

describe('parseEntry', () => {
  it('takes a plan as the planner makes it', () => {
    const body = {
      plan: JSON.parse(JSON.stringify(dunlinPlan('front-motor-goal'))),
      file: 'dunlin',
      revision: '2026-03',
      settings: { proofMinutes: 240, deadVolts: 5 },
    }
    expect(parseEntry(entry({ kind: 'plan-adopted', body }))).toMatchObject({ ok: true })
  })
  it.each([
    ['no body at all', { body: undefined }, /body/i],
    ['a kind that is not known', { kind: 'wished' }, /kind/i],
    ['a version from the future', { v: 9 }, /version 1/],
    ['an empty note', { body: { text: '  ' } }, /text/i],
    ['a field too many', { body: { text: 'x', colour: 'red' } }, /colour/],
    ['a number that is text', { kind: 'reading-taken', body: { quantity: 'V', value: '3', unit: 'V', live: true } }, /value/i],
    ['infinity', { kind: 'reading-taken', body: { quantity: 'V', value: Infinity, unit: 'V', live: true } }, /value/i],
    ['a photo id that is none', { kind: 'photo-added', body: { photo: 'abc' } }, /photo/i],
    ['an id that is none', { id: 'seven' }, /id/i],
    ['a check that does not exist', { kind: 'check-passed', body: { check: 'luck', evidence: 'x' } }, /check/i],
  ])('refuses %s and says where', (_, over, words) => {
    const result = parseEntry(entry(over))
    expect(result.ok).toBe(false)
    if (!result.ok) expect(result.error.reason).toMatch(words)
  })
  it.each([null, 7, 'x', [], {}])('refuses %j without falling over', (value) => expect(parseEntry(value).ok).toBe(false))
  it.each(KIND_IDS)('takes a whole body of kind %s, version 1, and it is reduced without falling over', (kind) => {
    const parsed = parseEntry(entry({ kind, body: SAMPLES[kind] }))
    expect(parsed).toMatchObject({ ok: true })
    if (!parsed.ok) return
    const state = reduce('j', [{ ...parsed.value, seq: 1, receivedAt: 1, sentBy: 'p-ines' } as never])
    expect(state.unknown).toBe(0)
    expect(state.seq).toBe(1)
  })
  it('knows the shape of every kind there is', () => {
    for (const kind of KIND_IDS) {
      const result = parseEntry(entry({ kind, body: { 'not-a-field': 1 } }))
      expect(result.ok, kind).toBe(false)
    }
  })
})

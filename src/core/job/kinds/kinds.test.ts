import { readdirSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { SHAPES } from '../../../../tests/samples'
import { NEWEST_FORM } from '../../build'
import { bringsPlan, type Entry, KIND_IDS, type KindRules, KINDS, mayWrite, readEntry, reduce, type Role, written } from '../index'

interface Described {
  readonly type: string
  readonly fields?: Readonly<Record<string, Described>>
  readonly innerType?: Described
}

/** Fields of a schema that a sample leaves out, by path. */
function leftOut(shape: Described, value: unknown, at: string): string[] {
  if (value === undefined) return [at]
  if (shape.type === 'array' && shape.innerType && Array.isArray(value)) {
    const kinds = value.map((v) => leftOut(shape.innerType!, v, at))
    return kinds.length === 0 ? [at] : kinds[0]!.filter((f) => kinds.every((k) => k.includes(f)))
  }
  if (!shape.fields || value === null) return []
  return Object.entries(shape.fields).flatMap(([name, field]) => leftOut(field, (value as Record<string, unknown>)[name], `${at}.${name}`))
}

/** Every form that a shop may write, from before there were any. */
const FORMS: readonly number[] = [0, ...Array.from({ length: NEWEST_FORM - 11 }, (_, i) => 12 + i)]

const entryOf = (kind: string, v: number, body: unknown, seq = 1, device = 'a'): Entry =>
  ({
    id: `e${seq}${device}`,
    jobId: 'j',
    seq,
    base: 0,
    at: seq,
    by: 'ines',
    device,
    kind,
    v,
    body,
    receivedAt: seq,
    sentBy: 'ines',
  }) as unknown as Entry

/** What has to be there, so that a kind has something to speak of. */
const BEFORE: Partial<Record<string, readonly Entry[]>> = {
  'off-corrected': [entryOf('came-off', 1, SHAPES['came-off'].samples[1], 1)],
  'width-converted': [entryOf('fixing-out', 1, { members: ['motor-bolts-3'], to: 'cell', cell: 'A1' }, 1)],
}

describe('kinds of entries', () => {
  it('are one file of behaviour, one of shapes, and one line each', () => {
    const files = readdirSync(path.join(import.meta.dirname))
      .filter((f) => f.endsWith('.schema.ts') && f !== 'fields.schema.ts')
      .map((f) => f.replace('.schema.ts', ''))
    expect(files.sort()).toEqual([...KIND_IDS].sort())
  })

  it.each(KIND_IDS)('%s: every version that it reads has a schema and a sample, which passes it and leaves no field out', (kind) => {
    const { versions, samples } = SHAPES[kind]
    expect(Object.keys(samples)).toEqual(Object.keys(versions))
    expect(Object.keys(KINDS[kind].reads)).toEqual(Object.keys(versions))
    for (const [v, schema] of Object.entries(versions)) {
      const sample = samples[Number(v)]!
      expect(schema.validateSync(sample)).toEqual(sample)
      // A plan is carried: its fields are looked at on their own.
      expect(leftOut(schema.describe() as never, sample, kind).filter((at) => !(bringsPlan(kind) && /\.plan\./.test(at)))).toEqual([])
    }
  })

  it('that bring a plan along are known to whoever sends them: a large one goes by itself', () => {
    const has = (x: unknown): boolean =>
      x !== null && typeof x === 'object' && ('planner' in x || Object.values(x).some((inner) => has(inner)))
    expect(KIND_IDS.filter(bringsPlan)).toEqual(KIND_IDS.filter((kind) => Object.values(SHAPES[kind].samples).some(has)))
  })

  it.each(KIND_IDS)('%s: whatever version it was read from, it is written in each form so that its schema takes it', (kind) => {
    const { versions, samples } = SHAPES[kind]
    for (const [v, body] of Object.entries(samples)) {
      const read = readEntry(entryOf(kind, Number(v), body))!.body
      // A plan is written as it comes from the planner, never from another plan without words.
      for (const form of kind === 'plan-adopted' && v !== '1' ? [NEWEST_FORM] : FORMS) {
        const one = written(kind, read as never, form)
        expect(() => versions[one.v]!.validateSync(JSON.parse(JSON.stringify(one.body))), `${kind} ${v} at ${form}`).not.toThrow()
        if (form === 0 || (form === 12 && kind !== 'plan-adopted')) expect(one.v).toBe(1)
        // Once written so, it is read and written as the same.
        const again = readEntry(entryOf(kind, one.v, one.body))!.body
        expect(written(kind, again as never, form)).toEqual(one)
      }
    }
  })

  it.each(KIND_IDS.filter((k) => k !== 'plan-adopted'))('%s: no fact of its newest version is lost when it is written anew', (kind) => {
    const [v, sample] = Object.entries(SHAPES[kind].samples).at(-1)!
    const one = written(kind, readEntry(entryOf(kind, Number(v), sample))!.body as never, NEWEST_FORM)
    // Words that a fact says already are dropped on purpose.
    const WORDS = new Set(['text', 'what', 'fault', 'between'])
    const facts = (x: unknown): unknown =>
      Array.isArray(x)
        ? x.map(facts)
        : x !== null && typeof x === 'object'
          ? Object.fromEntries(Object.entries(x).flatMap(([k, y]) => (WORDS.has(k) ? [] : [[k, facts(y)]])))
          : x
    expect(one.v).toBe(Number(v))
    expect(facts(JSON.parse(JSON.stringify(one.body)))).toEqual(facts(sample))
  })

  it('an older reading is a measurement with its unit by id; a unit that nobody knows stays as it was written', () => {
    const read = (unit: string) =>
      readEntry(entryOf('reading-taken', 1, { quantity: 'phase A', value: 190, unit, live: false, instrument: 'meter 3', u: 2 }))!.body
    expect(read('mΩ')).toEqual({
      quantity: 'resistance',
      named: 'phase A',
      result: { is: 'value', value: 190, u: 2 },
      unit: 'mohm',
      live: false,
      instrument: { name: 'meter 3' },
    })
    expect(read('furlong')).toMatchObject({ named: 'phase A', unit: 'unknown: furlong' })
    expect(read('furlong')).not.toHaveProperty('quantity')
  })

  it('a measurement in a unit of another kind is refused', () => {
    const schema = SHAPES['reading-taken'].versions[2]!
    const sample = SHAPES['reading-taken'].samples[2] as { readonly measured: object }
    expect(() => schema.validateSync({ ...sample, measured: { ...sample.measured, unit: 'V' } })).toThrow(/no unit of what was measured/)
    expect(() => schema.validateSync({ ...sample, measured: { ...sample.measured, result: { is: 'over', value: 3 } } })).toThrow()
  })

  it.each(KIND_IDS)('%s: makes the claims that it names, and no other', (kind) => {
    const { samples, more } = SHAPES[kind]
    const made = new Set<string>()
    for (const [v, body] of [...Object.entries(samples), ...(more ?? []).map((m) => ['1', m] as const)]) {
      const state = reduce('j', [...(BEFORE[kind] ?? []), entryOf(kind, Number(v), body, 9)])
      expect(state.flags.filter((f) => f.kind === 'unreadable')).toEqual([])
      for (const [subject, heads] of Object.entries(state.heads)) if (heads.some((h) => h.seq === 9)) made.add(subject.split(':')[0]!)
    }
    const rules: KindRules = KINDS[kind]
    // Moved to a stage that is not open yet, or back, nothing is claimed of it.
    expect([...made].sort()).toEqual(rules.claims.filter((c) => kind !== 'stage-moved' || made.has(c)).toSorted())
  })

  it('a kind or a version from a newer build is counted and shown, and takes nothing else with it', () => {
    const state = reduce('j', [
      entryOf('goal-set', 1, { goals: ['a'], text: 'a' }, 1),
      entryOf('goal-set', 9, { other: 1 }, 2),
      entryOf('toString', 1, {}, 3),
      entryOf('goal-set', 'constructor' as never, {}, 4),
    ])
    expect(state.unknown).toBe(3)
    expect(state.job).toBe('a')
  })

  it('a viewer writes none of them, the front desk what is known at the door, a mechanic and a lead all', () => {
    const by = (role: Role): readonly string[] => KIND_IDS.filter((kind) => mayWrite(role, kind))
    expect(by('viewer')).toEqual([])
    expect(by('front desk')).toEqual([
      'job-opened',
      'goal-set',
      'variant-answered',
      'symptom-noted',
      'damage-noted',
      'delivery-counted',
      'salt-water',
      'cost-told',
      'owner-asked',
      'note-added',
      'photo-added',
      'photo-pinned',
      'recheck-set',
    ])
    expect(by('mechanic')).toEqual(KIND_IDS)
    expect(by('lead')).toEqual(KIND_IDS)
  })

  it('of what somebody else may see otherwise, the rights are as the shop has them', () => {
    const rules = Object.entries(KINDS) as [string, KindRules][]
    expect(rules.filter(([, k]) => k.struckBy === 'lead').map(([id]) => id)).toEqual([
      'job-opened',
      'voltage-told',
      'proof-taken',
      'check-overridden',
    ])
    expect(rules.filter(([, k]) => k.ownHand).map(([id]) => id)).toEqual(['check-overridden', 'handed-back'])
    expect(rules.filter(([, k]) => k.keyed).map(([id]) => id)).toEqual(['proof-taken', 'check-overridden'])
    expect(rules.filter(([, k]) => k.stamped).map(([id]) => id)).toEqual(['job-opened', 'voltage-told', 'plan-adopted'])
    expect(rules.filter(([, k]) => k.noUndo).map(([id]) => id)).toEqual(['plan-adopted', 'wait-ended', 'handed-back', 'struck'])
  })
})

describe('a photo', () => {
  it('of the parts that came says so by an id; the sentence that older builds wrote below it is read as that', () => {
    const photo = 'ab'.repeat(32)
    const shown = (v: number, body: object) => reduce('j', [entryOf('photo-added', v, body as never)]).photos[0]
    expect(shown(1, { photo, caption: 'What came for the job, laid out' })).toMatchObject({ shows: 'delivery' })
    expect(shown(1, { photo, caption: 'What came for the job, laid out' })).not.toHaveProperty('caption')
    expect(shown(1, { photo, caption: 'cracked' })).toMatchObject({ caption: 'cracked' })
    expect(written('photo-added', { photo, shows: 'delivery' }, 13)).toMatchObject({
      v: 1,
      body: { caption: 'What came for the job, laid out' },
    })
    expect(written('photo-added', { photo, shows: 'delivery' }, 14).body).toEqual({ photo, shows: 'delivery' })
  })
})

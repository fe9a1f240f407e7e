import { describe, expect, it } from 'vitest'
import { type Answers, answersIn, beliefs, QUESTION_IDS, QUESTIONS, unknownMachine } from './index'

const of = (answers: Answers, taken: readonly string[] = []) => unknownMachine(answers, 42, new Set(taken))
const tests = (answers: Answers, taken: readonly string[] = []): readonly string[] => of(answers, taken)!.catalogue.tests.map((t) => t.id)

describe('a machine without a file', () => {
  it('is of the kind that its answers speak of, and of none before it is said where its drive is', () => {
    expect(of({})).toBeNull()
    expect(of({ clutch: 'along', motors: 'two' })).toBeNull()
    for (const [answers, kind] of [
      [{ drive: 'wheel' }, 'hub direct'],
      [{ drive: 'wheel', clutch: 'free' }, 'hub direct'],
      [{ drive: 'wheel', clutch: 'along' }, 'hub geared'],
      [{ drive: 'cranks', clutch: 'along' }, 'mid-drive'],
      [{ drive: 'gearbox' }, 'gearbox brushed'],
      [{ drive: 'gearbox', plugs: 'lugs' }, 'gearbox brushed'],
      [{ drive: 'gearbox', sensors: 'thin' }, 'gearbox brushed'],
      [{ drive: 'gearbox', plugs: 'lugs', sensors: 'thin' }, 'traction'],
      [{ drive: 'traction' }, 'traction'],
      [{ drive: 'column' }, 'steering assist'],
      [{ drive: 'rod' }, 'actuator'],
    ] as const satisfies readonly (readonly [Answers, string])[])
      expect(of(answers)!.kind, JSON.stringify(answers)).toBe(kind)
  })

  it('has suspects and tests for every combination of answers, and shares that are shares', () => {
    for (const drive of QUESTIONS.drive.options)
      for (const motors of QUESTIONS.motors.options)
        for (const sensors of QUESTIONS.sensors.options)
          for (const controller of QUESTIONS.controller.options) {
            const { catalogue, leanings, minutes } = of({ drive, motors, sensors, controller, work: 'electrics' })!
            expect(catalogue.tests.length).toBeGreaterThan(2)
            expect(beliefs(catalogue, [], leanings).reduce((s, b) => s + b.p, 0)).toBeCloseTo(1, 9)
            for (const t of catalogue.tests) expect(minutes(t.reach)).toBeGreaterThanOrEqual(0)
            expect(minutes('outside')).toBe(0)
          }
  })

  it('holds one motor against the other only where there are two', () => {
    expect(tests({ drive: 'wheel', motors: 'one' })).not.toContain('back-emf-level')
    expect(tests({ drive: 'wheel', motors: 'two' })).toContain('back-emf-level')
  })

  it('suspects no sensor where there are no wires to one, in no pair either, and asks for none', () => {
    const [all, less] = [of({ drive: 'wheel' })!.catalogue, of({ drive: 'wheel', sensors: 'none' })!.catalogue]
    const gone = all.faults.filter((f) => f.of === 'rotor sensors').map((f) => f.id)
    expect(gone).toContain('hall-wire')
    expect(less.faults.map((f) => f.id)).toEqual(all.faults.map((f) => f.id).filter((f) => !gone.includes(f)))
    expect(less.pairs.some((p) => p.faults.some((f) => gone.includes(f)))).toBe(false)
    expect(less.tests.map((t) => t.id)).not.toContain('halls')
    expect(all.tests.map((t) => t.id)).toContain('halls')
    const keys = less.tests.flatMap((t) => Object.keys(t.answer.rows.given)).flatMap((key) => key.split(/[+/]/))
    for (const f of gone) expect(keys).not.toContain(f)
  })

  it('asks for nothing at plugs that sit inside the motor, but keeps what was read there', () => {
    const inside = tests({ drive: 'wheel', controller: 'in-motor' }, ['phases'])
    const { catalogue } = of({ drive: 'wheel' })!
    for (const t of catalogue.tests) expect(inside.includes(t.id), t.id).toBe(t.reach === 'outside' || t.id === 'phases')
    const far = (controller: NonNullable<Answers['controller']>): number => of({ drive: 'wheel', controller })!.minutes('phases')
    expect(far('in-reach')).toBeLessThan(far('under-cover'))
  })

  it('suspects what was done to it last', () => {
    const share = (work: NonNullable<Answers['work']>): number => {
      const { catalogue, leanings } = of({ drive: 'wheel', work })!
      return beliefs(catalogue, [], leanings).find((b) => b.fault === 'wrong-order')!.p
    }
    expect(share('electrics')).toBeGreaterThan(3 * share('none'))
    expect(share('not-known')).toBeCloseTo(share('none'), 12)
  })

  it('reads its answers out of the journal, and nothing else out of it', () => {
    const variants = Object.fromEntries(QUESTION_IDS.map((q) => [QUESTIONS[q].id, QUESTIONS[q].options[0]]))
    expect(Object.keys(answersIn(variants))).toEqual([...QUESTION_IDS])
    expect(answersIn({ ...variants, 'drive:kind': 'rocket', lid: 'dry' }).drive).toBeUndefined()
    expect(answersIn({})).toEqual({})
  })
})

import type { Fitting } from '../machine'
import { usualFittings } from './fittings'
import { catalogueFitted } from './kinds'
import type { Leanings } from './hypotheses'
import type { KnownDrive } from './symptoms'
import type { Catalogue, Reach, Test } from './types'

/** A question to a machine that no file knows: its id in the journal, and what may be answered. */
interface Question {
  readonly id: string
  readonly options: readonly string[]
}

/** Where the drive is, then the six questions: ids of answers as the journal keeps them (`variant-answered`). */
export const QUESTIONS = {
  drive: { id: 'drive:kind', options: ['wheel', 'cranks', 'gearbox', 'traction', 'column', 'rod'] },
  motors: { id: 'drive:motors', options: ['one', 'two'] },
  clutch: { id: 'drive:clutch', options: ['free', 'along', 'not-tried'] },
  sensors: { id: 'drive:sensors', options: ['thin', 'none', 'not-seen'] },
  controller: { id: 'drive:controller', options: ['in-reach', 'under-cover', 'in-motor', 'not-seen'] },
  plugs: { id: 'drive:plugs', options: ['single', 'one-plug', 'lugs', 'not-seen'] },
  work: { id: 'drive:work', options: ['none', 'wheel-or-motor', 'electrics', 'not-known'] },
} as const satisfies Readonly<Record<string, Question>>

export type QuestionId = keyof typeof QUESTIONS
export const QUESTION_IDS = Object.keys(QUESTIONS) as readonly QuestionId[]
export type AnswerTo<Q extends QuestionId> = (typeof QUESTIONS)[Q]['options'][number]

/** What is known of a machine without a file. */
export type Answers = { readonly [Q in QuestionId]?: AnswerTo<Q> }

/** The answers out of what the journal keeps; what is no answer is none. */
export function answersIn(variants: Readonly<Record<string, string>>): Answers {
  return Object.fromEntries(
    QUESTION_IDS.flatMap((q) => {
      const said = variants[QUESTIONS[q].id]
      return said !== undefined && (QUESTIONS[q].options as readonly string[]).includes(said) ? [[q, said]] : []
    }),
  )
}

/** A kind of drive by where it is. */
const KINDS: { readonly [D in AnswerTo<'drive'>]: (answers: Answers) => KnownDrive } = {
  // Rolled backward a geared hub takes its motor along; a direct one turns freely both ways, on its magnets.
  wheel: ({ clutch }) => (clutch === 'along' ? 'hub geared' : 'hub direct'),
  cranks: () => 'mid-drive',
  // Three lugs, and thin wires beside them: no brushes.
  gearbox: ({ plugs, sensors }) => (plugs === 'lugs' && sensors === 'thin' ? 'traction' : 'gearbox brushed'),
  traction: () => 'traction',
  column: () => 'steering assist',
  rod: () => 'actuator',
}

/** The kind of drive that the answers speak of; null until it is said where it is. */
export function kindOf(answers: Answers): KnownDrive | null {
  return answers.drive === undefined ? null : KINDS[answers.drive](answers)
}

/** Minutes to get at plugs, where nothing but somebody’s word says where they are. Estimated. */
const REACHED = { 'in-reach': 3, 'under-cover': 12, 'in-motor': 60, 'not-seen': 15 } as const

/** What fault finding starts from on a machine without a file. */
export interface Unknown {
  readonly kind: KnownDrive
  readonly catalogue: Catalogue
  readonly has: readonly Fitting[]
  readonly twins: boolean
  /** Minutes to each place. */
  readonly minutes: (reach: Reach) => number
  readonly leanings: Leanings
}

/**
 * The catalogue and the ways in for a machine that no file knows, from its answers; null until it is said where its drive is.
 * @param volts full charge, V, above 0
 * @param taken tests that were taken: what they showed counts, though they would not be offered
 */
export function unknownMachine(answers: Answers, volts: number, taken: ReadonlySet<string> = new Set()): Unknown | null {
  const kind = kindOf(answers)
  if (!kind) return null
  const usual = usualFittings(kind, kind !== 'actuator')
  const has = answers.sensors === 'none' ? usual.filter((f) => f !== 'rotor sensors') : usual
  // What sits with its plugs inside the motor is not measured at plugs.
  const inside = answers.controller === 'in-motor'
  const catalogue = catalogueFitted(kind, volts, { twins: answers.motors === 'two', lineResistance: false, has }, taken)
  const offered = (t: Test): boolean => taken.has(t.id) || !inside || t.reach === 'outside'
  const touched = answers.work === 'wheel-or-motor' || answers.work === 'electrics'
  return {
    kind,
    has,
    twins: answers.motors === 'two',
    catalogue: { ...catalogue, tests: catalogue.tests.filter(offered) },
    minutes: (reach) => (reach === 'outside' ? 0 : REACHED[answers.controller ?? 'not-seen']),
    leanings: Object.fromEntries(touched ? catalogue.faults.map((f) => [f.id, f.afterWork ?? 1]) : []),
  }
}

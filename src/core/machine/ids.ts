import { type Fact, type FactName, FACTS } from './guard-types'

/** What can be done to a thing of the machine: a fixing undone, a part taken off, a connection parted, an extra step of the file. */
const ACTION_WORDS = ['undo', 'off', 'unplug', 'step'] as const
export type ActionWord = (typeof ACTION_WORDS)[number]

/** An action of a machine file: `undo:lid-screws`. */
export type ActionId = `${ActionWord}:${string}`
/** A fact as a key: `off deck-lid`. */
export type FactKey = `${FactName} ${string}`
/** A step of a plan, on one of its limbs: `down:undo:lid-screws`. */
export type StepId = `${'down' | 'up'}:${string}`

export function actionId(word: ActionWord, of: string): ActionId {
  return `${word}:${of}`
}

/** An action apart: its word and the id it is about. Null for what is none, such as a step that somebody found. */
export function readAction(id: string): { readonly word: ActionWord; readonly of: string } | null {
  const at = id.indexOf(':')
  const word = ACTION_WORDS.find((w) => w === id.slice(0, at))
  return word === undefined || at === id.length - 1 ? null : { word, of: id.slice(at + 1) }
}

/** The id that an action is about; what is no action, as it stands. */
export function subjectOf(action: string): string {
  return readAction(action)?.of ?? action
}

/** One word for a fact, used as a key: `off deck-lid`. */
export function factKey({ fact, of }: Fact): FactKey {
  return `${fact} ${of}`
}

/** A fact apart; null for what is none. */
export function readFact(key: string): Fact | null {
  const at = key.indexOf(' ')
  const fact = FACTS.find((f) => f === key.slice(0, at))
  return fact === undefined || at === key.length - 1 ? null : { fact, of: key.slice(at + 1) }
}

/** What comes free with a fact: the id after `off`; null for any other fact. */
export function offOf(key: string): string | null {
  const fact = readFact(key)
  return fact?.fact === 'off' ? fact.of : null
}

export const off = (of: string): FactKey => factKey({ fact: 'off', of })
export const PROVED_DEAD: FactKey = factKey({ fact: 'proved', of: 'dead' })

export function stepId(limb: 'down' | 'up', action: string): StepId {
  return `${limb}:${action}`
}

/** The limb that a step is on; null for one that is on none, such as a swap. */
export function limbOf(step: string): 'down' | 'up' | null {
  return step.startsWith('down:') ? 'down' : step.startsWith('up:') ? 'up' : null
}

/** A pose as what a step is wanted by: it has to be stood so first. */
export function poseWish(pose: string): string {
  return `pose:${pose}`
}

/** The pose of such a wish; null for any other. */
export function wishedPose(wantedBy: string): string | null {
  return wantedBy.startsWith('pose:') ? wantedBy.slice('pose:'.length) : null
}

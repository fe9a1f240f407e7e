import type { JobState } from './state'

/** Letters and digits that are not taken for one another when they are read off a bag. */
const ALPHABET = '23456789ABCDEFGHJKMNPQRSTVWXYZ'
const LENGTH = 4

/** A set's code, the same for as long as the set is: four signs made of its step's id (FNV-1a, 32 bits). */
export function bagCode(step: string): string {
  let hash = 0x811c9dc5
  for (let i = 0; i < step.length; i++) hash = Math.imul(hash ^ step.charCodeAt(i), 0x01000193) >>> 0
  let code = ''
  for (let i = 0; i < LENGTH; i++) {
    code += ALPHABET[hash % ALPHABET.length]
    hash = Math.floor(hash / ALPHABET.length)
  }
  return code
}

/** A bag's whole code: the job’s number, and the set’s. `0412-K7QX` */
export const bagOf = (job: string, step: string): string => `${job}-${bagCode(step)}`

/** The two halves of what was typed or read off a bag; null where it is none. Small letters are taken too. */
export function readBag(text: string): { readonly job: string; readonly set: string } | null {
  const found = /^([^\s]{1,20})-([2-9A-Z]{4})$/.exec(text.trim().toUpperCase())
  return found && [...found[2]!].every((c) => ALPHABET.includes(c)) ? { job: found[1]!, set: found[2]! } : null
}

/** The step of the way down whose bag it is. */
export const stepOfBag = (state: Pick<JobState, 'down'>, set: string): string | undefined =>
  state.down.find((s) => bagCode(s.id) === set)?.id

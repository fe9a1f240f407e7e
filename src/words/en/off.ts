import { type Bodies, type JobState, type OffAt, offName, OFF_RULES, type OffSort } from '../../core/job'
import { titleOf } from './titles'

/** What stands on the tiles. */
export const OFF_TILES: Readonly<Record<OffSort, string>> = {
  screw: 'Screws',
  plug: 'Plug',
  part: 'Part',
  clip: 'Clip',
  nut: 'Nut',
  washer: 'Washer',
  tie: 'Tie',
  tape: 'Tape',
  ring: 'Ring',
}

/** Which part of the machine it is of. */
export const OFF_AT_WORDS: Readonly<Record<OffAt, string>> = {
  'motor axle': 'motor’s axle',
  'wheel axle': 'another axle',
  steering: 'steering',
  brake: 'brake',
  'motor mount': 'motor’s mounting',
  gearbox: 'gearbox',
  controller: 'controller',
  pack: 'pack’s terminals',
  cover: 'only a cover',
}

const KEPT = { cell: '', 'own hole': ', back in its own hole', carrier: ', kept on its part' } as const

/** One thing that came off, as the journal has it. */
export function offWords(body: Bodies['came-off']): string {
  const where = body.cell ? `, in ${body.cell}` : KEPT[body.keep ?? 'cell']
  const of = body.of ? ` (${OFF_AT_WORDS[body.of]})` : ''
  return `${offName(body)}${of}${where}${body.condition ? `, ${body.condition}` : ''}${body.hangs === 'propped' ? ', what hung on it propped' : ''}`
}

/** What was put right of it. */
export function correctedWords(body: Bodies['off-corrected'], state: JobState): string {
  const { step, sort, count, text, cell, condition, of, after } = body
  const said = [
    ...(sort !== undefined || count !== undefined || text !== undefined
      ? [[count, text ?? (sort && OFF_RULES[sort][count === 1 ? 'one' : 'many'])].filter((x) => x !== undefined && x !== '').join(' × ')]
      : []),
    ...(cell ? [`in ${cell}`] : []),
    ...(of ? [OFF_AT_WORDS[of]] : []),
    ...(condition ? [condition] : []),
    ...(after === undefined ? [] : [after === null ? 'came off first' : `came off after “${titleOf(state, after)}”`]),
  ]
  return `${titleOf(state, step)}: ${said.join(', ')}`
}

export function orderWords({ step, of, is }: Bodies['order-said'], state: JobState): string {
  const [a, b] = [titleOf(state, step), titleOf(state, of)]
  return is === 'held' ? `“${a}” held “${b}”` : `“${a}” does not wait for “${b}”`
}

import { faultNamed, faultsOf } from '../diagnosis'
import type { JobState } from './state'

/** Words of a text as they are looked for: small letters and digits, without accents, each once. */
export function searchWords(text: string): string[] {
  const plain = text
    .normalize('NFKD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase()
  return [...new Set(plain.split(/[^\p{L}\p{N}]+/u))].filter((w) => w !== '' && w.length <= 60)
}

/** Letters of a job's texts that are looked at when somebody searches. */
const MOST = 6_000

/** The text that a job can be found by: its number, machine, owner and stand, what it does and what was said of it, and every serial. */
export function searchedFor(state: JobState): string {
  const { machine } = state
  const texts = [
    state.number,
    machine.name,
    machine.unit,
    machine.owner,
    state.stand,
    state.job,
    state.complaint,
    ...Object.values(state.parts).flatMap((p) => [p.replaced?.oldSerial, p.replaced?.newSerial]),
    ...state.symptoms.map((s) => s.text),
    ...state.faults.map(
      (f) =>
        f.text ??
        (f.id === undefined
          ? undefined
          : faultsOf(f.id)
              .map((one) => faultNamed(one)?.name)
              .join(' ')),
    ),
    ...state.damage.map((d) => d.text),
    ...state.notes.map((n) => n.text),
  ]
  return texts
    .filter((t) => t !== undefined)
    .join(' ')
    .slice(0, MOST)
}

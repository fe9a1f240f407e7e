import * as say from '../../words/en/screens/take-in'
import type { Bodies, Kind } from '../../core/job'
import { cut } from '../../core/text'
import { readNumber } from '../../ui/keypad'

/** What the door's form has, as it was typed. */
export const TAKE_IN_FIELDS = ['machine', 'name', 'unit', 'owner', 'stand', 'complaint', 'job', 'damage', 'volts'] as const
export type TakeInValues = Readonly<Record<(typeof TAKE_IN_FIELDS)[number], string>>

export interface KnownMachine {
  readonly id: string
  readonly name: string
  readonly class: string
  readonly revision: string
}

export interface Opening {
  readonly kind: Kind
  readonly body: Bodies[Kind]
}

/**
 * Reads the form into the first entries of a job. Its number comes from the server, and so does full charge where a file knows it.
 * @returns the entries; or what is wanted, in words
 */
export function readTakeIn(
  typed: TakeInValues,
  machines: readonly KnownMachine[],
): { readonly entries: readonly Opening[] } | { readonly message: string } {
  const v = (field: keyof TakeInValues, max: number): string => cut(typed[field], max).trim()
  if (typed.machine === '') return { message: say.whichMachine }
  const machine = machines.find((m) => m.id === typed.machine)
  const name = machine?.name ?? v('name', 120)
  if (!name) return { message: say.whatMachine }
  const complaint = v('complaint', 2000)
  if (!complaint) return { message: say.whatDoesItDoOrNot }
  const volts = machine || typed.volts.trim() === '' ? null : readNumber(typed.volts)
  if (!machine && typed.volts.trim() !== '' && (volts === null || volts < 1 || volts > 2000))
    return {
      message: say.isNotAPacks(cut(typed.volts, 12)),
    }
  const some = <K extends string>(key: K, value: string): { readonly [P in K]?: string } =>
    value ? ({ [key]: value } as { readonly [P in K]: string }) : {}
  const opened: Bodies['job-opened'] = {
    number: '',
    machine: {
      name,
      ...some('unit', v('unit', 120)),
      ...(machine ? { file: machine.id, revision: machine.revision } : {}),
      ...some('owner', v('owner', 200)),
      ...(volts !== null ? { fullVolts: volts } : {}),
    },
    ...some('stand', v('stand', 40)),
    complaint,
    ...some('job', v('job', 200)),
  }
  const damage = v('damage', 2000)
  return {
    entries: [
      { kind: 'job-opened', body: opened },
      { kind: 'symptom-noted', body: { text: complaint } },
      ...(damage ? [{ kind: 'damage-noted' as const, body: { text: damage } }] : []),
    ],
  }
}

import * as say from '../../words/en/screens/take-in'
import type { Bodies, Kind } from '../../core/job'
import { MACHINE_CLASSES } from '../../core/machine'
import { cut } from '../../core/text'
import { readNumber } from '../../ui/number'

/** What the door's form has, as it was typed. */
export const TAKE_IN_FIELDS = [
  'machine',
  'name',
  'unit',
  'owner',
  'stand',
  'complaint',
  'job',
  'damage',
  'volts',
  'class',
  'reach',
  'used',
  'usedUnit',
  'ceiling',
] as const
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
  const kind = MACHINE_CLASSES.find((c) => c === (machine?.class ?? typed.class))
  if (!machine && !kind) return { message: say.whatKindIsIt }
  const figure = (field: 'used' | 'ceiling'): number | null | undefined => {
    const value = typed[field].trim() === '' ? undefined : readNumber(typed[field])
    return value !== undefined && value !== null && (value < 0 || value > 10_000_000) ? null : value
  }
  const [used, ceiling] = [figure('used'), figure('ceiling')]
  if (used === null) return { message: say.isNoCount(cut(typed.used, 12)) }
  if (ceiling === null) return { message: say.isNoSum(cut(typed.ceiling, 12)) }
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
      ...(kind ? { class: kind } : {}),
    },
    ...some('stand', v('stand', 40)),
    complaint,
    ...some('job', v('job', 200)),
    ...some('reach', v('reach', 200)),
    ...(used !== undefined ? { used: { value: used, unit: typed.usedUnit === 'h' ? 'h' : 'km' } } : {}),
    ...(ceiling !== undefined ? { ceiling } : {}),
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

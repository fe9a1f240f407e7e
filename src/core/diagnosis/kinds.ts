import { type DriveUnit, fileVolts, type Fitting, FITTINGS, type MachineFile } from '../machine'
import { CATALOGUES } from './catalogues'
import { assembled, type Draft, type TestDraft } from './catalogues/draft'
import { fittingsOf } from './fittings'
import { isKnown, type KnownDrive } from './symptoms'
import type { Action, Catalogue, Test } from './types'

/**
 * What goes wrong with a drive of a machine, how it shows, and what tells it apart; null where nothing is known of its kind or pack.
 * @param taken tests that were taken: what they showed counts, though they would not be offered
 */
export function catalogueFor(
  drive: Pick<DriveUnit, 'kind' | 'lineResistance' | 'fitted'>,
  file: Pick<MachineFile, 'pack' | 'drives' | 'energy' | 'connections'>,
  taken: ReadonlySet<string> = new Set(),
): Catalogue | null {
  const volts = fileVolts(file)
  if (!isKnown(drive.kind) || volts === null) return null
  const twins = file.drives.filter((d) => d.kind === drive.kind).length > 1
  return catalogueFitted(
    drive.kind,
    volts,
    { twins, lineResistance: drive.lineResistance !== undefined, has: fittingsOf(drive, file) },
    taken,
  )
}

/** What a machine has of what not every one of its kind has. */
export interface Fitted {
  /** A second drive of the same kind, to hold this one against. */
  readonly twins: boolean
  /** Its file says what a pair of phases measures. */
  readonly lineResistance: boolean
  readonly has: readonly Fitting[]
}

/**
 * All that is known of a kind of drive, without the faults and tests of what a machine has not.
 * @param taken tests that were taken: what they showed counts, though they would not be offered
 */
export function catalogueFitted(
  kind: KnownDrive,
  volts: number,
  { twins, lineResistance, has }: Fitted,
  taken: ReadonlySet<string>,
): Catalogue {
  const catalogue = catalogueOf(kind, volts, has)
  const met = ({ needs }: Test): boolean => needs === undefined || (needs === 'line resistance' ? lineResistance : has.includes(needs))
  return { ...catalogue, tests: catalogue.tests.filter((t) => ((twins || !t.twin) && met(t)) || taken.has(t.id)) }
}

/**
 * All that is known of a kind of drive, with how likely each answer is.
 * @param fullVolts pack at full charge, V
 * @param has what it has of what not every one of its kind has: faults of the rest are left out
 * @throws RangeError for a voltage of 0 or less
 */
export function catalogueOf(kind: KnownDrive, fullVolts: number, has: readonly Fitting[] = FITTINGS): Catalogue {
  if (!(fullVolts > 0)) throw new RangeError(`full charge must be above 0 V, got ${fullVolts}`)
  const draft = CATALOGUES[kind].draft(fullVolts)
  const faults = draft.faults.filter((f) => f.of === undefined || has.includes(f.of))
  const left = new Set(faults.map((f) => f.id))
  return assembled({ ...draft, faults, pairs: draft.pairs.filter((p) => p.faults.every((f) => left.has(f))) }, CATALOGUES[kind].table)
}

/** The same as it is written, before any table: what the tables are made for. */
export const draftOf = (kind: KnownDrive, fullVolts: number): Draft => CATALOGUES[kind].draft(fullVolts)

/** Names do not hang on the pack. */
const all = (): Draft[] => Object.values(CATALOGUES).map(({ draft }) => draft(48))

/** A test by its id, of whatever drive; null where no catalogue has it. */
export function testNamed(id: string): Pick<TestDraft, 'title' | 'answer'> | null {
  return (
    all()
      .flatMap((c) => c.tests)
      .find((t) => t.id === id) ?? null
  )
}

/** A fault by its id, with what is done about it; null where no catalogue has it. */
export function faultNamed(id: string): { readonly name: string; readonly action: Action | null } | null {
  for (const { faults, actions } of all()) {
    const fault = faults.find((f) => f.id === id)
    if (fault) return { name: fault.name, action: actions.find((a) => a.id === fault.action) ?? null }
  }
  return null
}

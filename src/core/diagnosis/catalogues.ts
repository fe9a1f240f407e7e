import { type DriveUnit, fullChargeVolts, type MachineFile } from '../machine'
import { hubDirect } from './hub-direct'
import { isKnown, type KnownDrive } from './symptoms'
import type { Action, Catalogue, Test } from './types'

/** What goes wrong with each kind of drive, one line each; what owners say of it is in `symptoms.ts`. */
const CATALOGUES: Readonly<Record<KnownDrive, (pack: { readonly fullVolts: number }) => Catalogue>> = {
  'hub direct': hubDirect,
}

/**
 * What goes wrong with a drive of a machine, how it shows, and what tells it apart; null where nothing is known of its kind or pack.
 * @param taken tests that were taken: what they showed counts, though they would not be offered
 */
export function catalogueFor(
  drive: Pick<DriveUnit, 'kind'>,
  file: Pick<MachineFile, 'pack' | 'drives'>,
  taken: ReadonlySet<string> = new Set(),
): Catalogue | null {
  if (!isKnown(drive.kind) || !file.pack) return null
  const catalogue = CATALOGUES[drive.kind]({ fullVolts: fullChargeVolts(file.pack) })
  const twins = file.drives.filter((d) => d.kind === drive.kind).length > 1
  return { ...catalogue, tests: catalogue.tests.filter((t) => twins || !t.twin || taken.has(t.id)) }
}

/** Names do not hang on the pack; one that fits none. */
const NAMES = { fullVolts: 48 }
const all = (): Catalogue[] => Object.values(CATALOGUES).map((make) => make(NAMES))

/** A test by its id, of whatever drive; null where no catalogue has it. */
export function testNamed(id: string): Pick<Test, 'title' | 'answer'> | null {
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

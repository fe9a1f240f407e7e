import type { SettingRow } from '../electronics'
import type { Stored } from './fields.schema'
import { noted } from './kind'
import type { versions } from './settings-noted.schema'

type Noted = Omit<Stored<typeof versions>[1], 'rows'> & { readonly rows: readonly SettingRow[] }

/** Settings of an electronic part: read in the old one, set in the new; and what it is tied to. */
export const settingsNoted = noted<typeof versions, Noted>('work', (draft, settings) => draft.electronics.push(settings))

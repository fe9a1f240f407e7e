import { type Bodies, type JobState, type Paired, SETTINGS, type SettingId } from '../../core/job'
import { titleOf } from './titles'

export const SETTING_WORDS: Readonly<Record<SettingId, string>> = {
  'wheel size': 'Wheel, once round',
  'magnets a turn': 'Magnets a turn',
  'pole pairs': 'Pole pairs',
  'cut-off': 'Cut-off',
  'battery current': 'Battery current, at most',
  'phase current': 'Phase current, at most',
  class: 'Class, or speed limit',
  assist: 'Assist',
  direction: 'Direction',
  odometer: 'Odometer',
  hours: 'Hours',
  firmware: 'Firmware',
}

export const PAIRED_WORDS: Readonly<Record<Paired, string>> = {
  free: 'Tied to nothing',
  paired: 'Paired to a part',
  locked: 'Locked by app or code',
  'not known': 'Not known',
}

export const settingValue = (setting: SettingId, value: number | string): string => {
  const rule = SETTINGS[setting]
  return 'unit' in rule ? `${value} ${rule.unit}` : String(value)
}

const partName = (state: JobState, part: string): string =>
  state.parts[part]?.name ?? state.swap.find((s) => s.part?.id === part)?.part?.name ?? titleOf(state, part)

/** Settings that were noted, in a line. */
export function settingsLine(body: Bodies['settings-noted'], state: JobState): string {
  const said = [
    ...body.rows.map((r) => `${SETTING_WORDS[r.setting].toLowerCase()} ${settingValue(r.setting, r.value)}`),
    ...(body.cannot === undefined ? [] : [`cannot be read: ${body.cannot}`]),
    ...(body.paired === undefined ? [] : [`${PAIRED_WORDS[body.paired].toLowerCase()}${body.to ? `: ${body.to}` : ''}`]),
    ...(body.roll ? [`rolled ${body.roll.turns} turns on ${body.roll.metres} m`] : []),
  ]
  return `Settings, ${body.of} ${partName(state, body.part)}: ${said.join(', ')}`
}

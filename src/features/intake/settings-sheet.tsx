'use client'
import * as say from '../../words/en/screens/electronics'
import { useState } from 'react'
import { rollOut, SETTING_IDS, SETTINGS, type SettingId, settingsOf } from '../../core/job'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { SETTING_WORDS, settingValue } from '../../words/en/electronics'
import { useJob } from '../shared/context'

/** Settings of an electronic part: read in the old one, or made in the new, whose speed is proved by rolling the wheel. */
export function SettingsSheet({ part, of, onClose }: { readonly part: string; readonly of: 'old' | 'new'; readonly onClose: () => void }) {
  const { state, log } = useJob()
  const old = settingsOf(state, part, 'old')
  // What was noted of this one; what the old one had is taken over one by one, and never by itself.
  const before = settingsOf(state, part, of)
  const name = state.swap.find((s) => s.part?.id === part)?.part?.name ?? part
  const [values, setValues] = useState<Readonly<Partial<Record<SettingId, string>>>>(() =>
    Object.fromEntries((before?.rows ?? []).map((r) => [r.setting, String(r.value)])),
  )
  const [cannot, setCannot] = useState(before?.cannot ?? '')
  const [turns, setTurns] = useState('1')
  const [metres, setMetres] = useState('')
  const [fault, setFault] = useState<string>()
  const wheel = readNumber(values['wheel size'] ?? '')
  const roll = { turns: readNumber(turns) ?? 0, metres: readNumber(metres) ?? 0 }
  const rolls = roll.turns >= 0.5 && roll.metres >= 0.05
  const shown = rolls && wheel !== null && wheel > 0 ? rollOut(wheel, roll) : null
  const done = (): void => {
    const rows = []
    for (const setting of SETTING_IDS) {
      const typed = values[setting]?.trim() ?? ''
      if (typed === '') continue
      const figure = readNumber(typed)
      if (SETTINGS[setting].kind === 'number' && (figure === null || figure < 0 || figure > 1e7))
        return setFault(say.isNotASetting(SETTING_WORDS[setting], typed))
      rows.push({ setting, value: SETTINGS[setting].kind === 'number' ? figure! : typed })
    }
    if (rows.length === 0 && !cannot.trim()) return setFault(say.sayOneSetting)
    if (metres.trim() !== '' && !rolls) return setFault(say.isNotASetting(say.rollTheWheel, metres))
    log('settings-noted', {
      part,
      of,
      rows,
      ...(cannot.trim() ? { cannot: cannot.trim() } : {}),
      ...(of === 'new' && rolls ? { roll } : {}),
    })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.settingsOfPart(name, of)} note={say.settingsNote(of)}>
      <div className="grid gap-4">
        <div className="grid gap-3 sm:grid-cols-2">
          {SETTING_IDS.map((id) => {
            const was = of === 'new' ? old?.rows.find((r) => r.setting === id)?.value : undefined
            return (
              <div key={id}>
                <TextField
                  label={`${SETTING_WORDS[id]}${'unit' in SETTINGS[id] ? `, ${SETTINGS[id].unit}` : ''}`}
                  value={values[id] ?? ''}
                  onChange={(e) => (setFault(undefined), setValues({ ...values, [id]: e.target.value }))}
                  inputMode={SETTINGS[id].kind === 'number' ? 'decimal' : 'text'}
                  autoComplete="off"
                  maxLength={80}
                />
                {was === undefined || values[id]?.trim() ? null : (
                  <Button weight="quiet" onClick={() => (setFault(undefined), setValues({ ...values, [id]: String(was) }))}>
                    {say.asItWas(settingValue(id, was))}
                  </Button>
                )}
              </div>
            )
          })}
        </div>
        {of === 'new' ? (
          <fieldset className="flex flex-wrap items-end gap-2">
            <legend className="mb-1 text-[15px] font-semibold">{say.rollTheWheel}</legend>
            <TextField className="w-24" label={say.turns} value={turns} onChange={(e) => setTurns(e.target.value)} inputMode="decimal" />
            <TextField className="w-32" label={say.metres} value={metres} onChange={(e) => setMetres(e.target.value)} inputMode="decimal" />
            {shown ? (
              <p role="status" className={`basis-full text-[16px] ${shown.right ? 'text-ok' : 'font-semibold text-stop'}`}>
                {say.onceRound(shown.round, shown.off, shown.right)}
              </p>
            ) : null}
          </fieldset>
        ) : null}
        <TextField
          label={say.noneCanBeRead}
          value={cannot}
          onChange={(e) => (setFault(undefined), setCannot(e.target.value))}
          placeholder={say.deadNoDisplay}
          maxLength={300}
        />
        <Fault text={fault} />
        <Button weight="primary" onClick={done}>
          {say.logTheSettings}
        </Button>
      </div>
    </Sheet>
  )
}

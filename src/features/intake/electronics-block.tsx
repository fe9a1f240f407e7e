'use client'
import * as say from '../../words/en/screens/electronics'
import { useState } from 'react'
import { mayBePaired, PAIRED, type Paired, pairingOf, settingsOf, withSettings } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { PAIRED_WORDS, settingsLine } from '../../words/en/electronics'
import { comparedWords } from '../../words/en/comparison'
import { useJob } from '../shared/context'
import { Block } from '../shared/panel'

const SIDES: readonly ('old' | 'new')[] = ['old', 'new']

/** New parts that have settings, or may be tied to something: asked before one is ordered, read before the old one is unplugged. */
export function ElectronicsBlock() {
  const { state, open, mayWork } = useJob()
  const parts = mayBePaired(state)
  if (parts.length === 0) return null
  const settable = new Set(withSettings(state).map((s) => s.part!.id))
  return (
    <Block title={say.electronics}>
      <div className="grid gap-4">
        {parts.map(({ part }) => (
          <div key={part!.id} className="grid gap-2">
            <Pairing part={part!.id} name={part!.name} />
            {settable.has(part!.id)
              ? SIDES.map((of) => {
                  const noted = settingsOf(state, part!.id, of)
                  if (of === 'new' && !state.parts[part!.id]?.replaced) return null
                  return (
                    <div key={of} className="flex flex-wrap items-center justify-between gap-2">
                      <p className="flex-1 basis-60 text-[16px]">
                        {noted ? (
                          settingsLine(noted, state)
                        ) : (
                          <span className="text-steel">{of === 'old' ? say.notReadYet : say.notSetYet}</span>
                        )}
                      </p>
                      {mayWork ? (
                        <Button onClick={() => open({ kind: 'settings', part: part!.id, of })}>
                          {of === 'old' ? say.readThem : say.setThem}
                        </Button>
                      ) : null}
                    </div>
                  )
                })
              : null}
            {settable.has(part!.id) ? (
              <div className="flex flex-wrap items-center justify-between gap-2">
                <p className="flex-1 basis-60 text-[16px]">
                  {state.comparisons[part!.id] ? (
                    comparedWords(state.comparisons[part!.id]!.rows)
                  ) : (
                    <span className="text-steel">{say.notCompared}</span>
                  )}
                </p>
                {mayWork ? <Button onClick={() => open({ kind: 'compare', part: part!.id })}>{say.compareIt}</Button> : null}
              </div>
            ) : null}
          </div>
        ))}
      </div>
    </Block>
  )
}

function Pairing({ part, name }: { readonly part: string; readonly name: string }) {
  const { state, log, mayWork } = useJob()
  const said = pairingOf(state, part)
  const [to, setTo] = useState(said?.to ?? '')
  const note = (paired: Paired): void =>
    log('settings-noted', { part, of: 'old', rows: [], paired, ...(to.trim() && paired !== 'free' ? { to: to.trim() } : {}) })
  if (!mayWork)
    return (
      <p className="text-[16px]">
        {name}: {said?.paired ? PAIRED_WORDS[said.paired] : PAIRED_WORDS['not known']}
      </p>
    )
  return (
    <>
      <Tiles
        legend={say.pairedLegend(name)}
        name={`paired-${part}`}
        value={said?.paired ?? ('' as Paired | '')}
        onChange={(p) => p !== '' && note(p)}
        options={PAIRED.map((p) => ({ value: p as Paired | '', label: PAIRED_WORDS[p] }))}
      />
      {said?.paired === 'paired' || said?.paired === 'locked' ? (
        <form className="flex items-end gap-2" onSubmit={(e) => (e.preventDefault(), note(said.paired!))}>
          <TextField className="flex-1" label={say.pairedTo} value={to} onChange={(e) => setTo(e.target.value)} maxLength={120} />
          <Button type="submit" disabled={to.trim() === (said.to ?? '')}>
            {say.noteIt}
          </Button>
        </form>
      ) : null}
    </>
  )
}

'use client'
import * as say from '../../words/en/screens/tray'
import { useState } from 'react'
import type { Lying } from '../../core/job'
import { inTray, type Tray } from '../../core/machine'
import { Button, Chip } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField } from '../../ui/field'
import { conditionWords } from '../../words/en/pill'
import { useJob } from '../shared/context'
import { Drawn } from '../shared/screw-drawn'
import { useTrueScale } from '../shared/true-scale'

/** What lies in a cell, piece by piece, and what became of them: a tap each. */
export function SetPanel({ set, cell, tray }: { readonly set: Lying; readonly cell: string; readonly tray: Tray }) {
  const { state, log, mayWork } = useJob()
  const [scale] = useTrueScale()
  const members = Object.values(state.fixings).filter((f) => f.joint === set.joint && f.label === set.label && !f.stay)
  const [chosen, setChosen] = useState<readonly string[]>([])
  const [to, setTo] = useState('')
  const [reason, setReason] = useState('')
  const [fault, setFault] = useState<string>()
  const became = (kind: 'fixing-lost' | 'fixing-found' | 'fixing-replaced' | 'fixing-kept-out'): void => {
    if (chosen.length === 0) return setFault(say.tapPieces)
    const why = reason.trim()
    if (kind === 'fixing-found') log(kind, { members: chosen, cell })
    else if (kind === 'fixing-lost') log(kind, { members: chosen, ...(why ? { text: why } : {}) })
    else log(kind, { members: chosen, ...(why ? { reason: why } : {}) })
    setChosen([])
    setReason('')
  }
  const move = (): void => {
    const place = to.trim().toUpperCase()
    if (chosen.length === 0) return setFault(say.tapPieces)
    if (!inTray(place, tray)) return setFault(say.noSuchCell(to, tray.rows, tray.columns))
    log('fixing-out', { members: chosen, to: 'cell', cell: place })
    setChosen([])
    setTo('')
  }
  const step = state.up.find((s) => s.fixings.some((f) => f.joint === set.joint))
  return (
    <section className="grid gap-2 rounded-md border border-rule p-3">
      <h3 className="text-[17px] font-semibold">
        {cell} · {say.of(set.pieces.length, set.of)} × {set.label}
      </h3>
      {scale === null ? null : (
        <p className="flex items-center gap-3 text-[15px] text-steel">
          <Drawn label={set.label} pxPerMm={scale} />
          {say.trueSize}
        </p>
      )}
      {set.alike.length > 0 ? (
        <p className="text-[16px]">
          <span className="font-bold text-stop">▲ </span>
          {say.alike(set.alike)}
        </p>
      ) : null}
      {mayWork ? (
        <>
          <div role="group" aria-label={say.pieces} className="flex flex-wrap gap-1.5">
            {members.map((f) => (
              <Chip
                key={f.id}
                on={chosen.includes(f.id)}
                onClick={() => (
                  setFault(undefined),
                  setChosen(chosen.includes(f.id) ? chosen.filter((c) => c !== f.id) : [...chosen, f.id])
                )}
              >
                {f.place}
                {f.condition === 'cell' && f.where === cell ? '' : ` · ${f.condition === 'cell' ? f.where : conditionWords(f.condition)}`}
              </Chip>
            ))}
          </div>
          <TextField label={say.why} value={reason} onChange={(e) => setReason(e.target.value)} maxLength={300} autoComplete="off" />
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => became('fixing-lost')}>{say.lost}</Button>
            <Button onClick={() => became('fixing-found')}>{say.found}</Button>
            <Button onClick={() => became('fixing-replaced')}>{say.stripped}</Button>
            <Button onClick={() => became('fixing-kept-out')}>{say.keptOut}</Button>
            {step ? (
              <Button onClick={() => log('note-added', { step: step.pair ?? step.id, tried: { way: 'insert' }, text: say.repairedNote })}>
                {say.repaired}
              </Button>
            ) : null}
          </div>
          <div className="flex items-end gap-2">
            <TextField
              className="w-32"
              label={say.moveTo}
              value={to}
              onChange={(e) => (setFault(undefined), setTo(e.target.value))}
              maxLength={8}
              autoComplete="off"
            />
            <Button onClick={move}>{say.move}</Button>
          </div>
          <Fault text={fault} />
        </>
      ) : null}
    </section>
  )
}

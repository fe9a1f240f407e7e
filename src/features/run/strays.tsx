'use client'
import * as say from '../../words/en/screens/tray'
import { useState } from 'react'
import { type Bodies, sizeWritten, strayLike } from '../../core/job'
import { inTray, type Tray } from '../../core/machine'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { SelectField, TextField } from '../../ui/field'
import { conditionWords } from '../../words/en/pill'
import { STRAY_WORDS } from '../../words/en/strays'
import { useJob } from '../shared/context'
import { newId } from '../shared/off-entry'

/** A piece that nobody logged, put down where it was found. */
export function StrayForm({ cell, tray }: { readonly cell: string; readonly tray: Tray }) {
  const { log } = useJob()
  const [text, setText] = useState('')
  const [at, setAt] = useState('')
  const [fault, setFault] = useState<string>()
  const place = (at.trim() || cell).toUpperCase()
  const add = (): void => {
    if (!text.trim()) return setFault(say.strayEmpty)
    if (place !== '' && !inTray(place, tray)) return setFault(say.noSuchCell(at || cell, tray.rows, tray.columns))
    log('stray-found', {
      stray: newId(),
      text: sizeWritten(text.trim()),
      ...(place ? { cell: place } : {}),
    })
    setText('')
    setAt('')
  }
  return (
    <form className="grid gap-2" onSubmit={(e) => (e.preventDefault(), add())}>
      <div className="flex items-start gap-2">
        <TextField
          className="flex-1"
          label={say.strayWhat}
          hint={say.strayHint}
          value={text}
          onChange={(e) => (setFault(undefined), setText(e.target.value))}
          maxLength={80}
          autoComplete="off"
        />
        <TextField
          className="w-24"
          label={say.strayCell}
          value={at}
          placeholder={cell}
          onChange={(e) => (setFault(undefined), setAt(e.target.value))}
          maxLength={8}
          autoComplete="off"
        />
      </div>
      <Fault text={fault} />
      <Button type="submit">{say.strayLog}</Button>
    </form>
  )
}

type StraySaid = Bodies['stray-settled']

/** A stray that is not settled: what it is like, and what became of it. */
export function StrayRow({ stray }: { readonly stray: { readonly stray: string; readonly text: string; readonly cell?: string } }) {
  const { state, log, mayWork } = useJob()
  const like = strayLike(state, stray.text)
  const away = Object.values(state.fixings).filter((f) => f.condition === 'lost' || f.condition === 'cell')
  const [member, setMember] = useState('')
  const settle = (is: StraySaid['is']): void =>
    log('stray-settled', { stray: stray.stray, is, ...(is === 'one of these' && member ? { member } : {}) })
  return (
    <div className="grid gap-2 rounded-md border-2 border-stop p-3">
      <p className="text-[16.5px]">
        <span className="font-bold text-stop">▲ </span>
        <b>
          {stray.text}
          {stray.cell ? `, ${stray.cell}` : ''}
        </b>
        {like ? `. ${say.like(like.label, like.cells)}` : ''}
      </p>
      {mayWork ? (
        <div className="flex flex-wrap items-end gap-2">
          <SelectField className="flex-1 basis-40" label={say.whichLost} value={member} onChange={(e) => setMember(e.target.value)}>
            <option value="">–</option>
            {away.map((f) => (
              <option key={f.id} value={f.id}>
                {f.label}, {f.place}, {conditionWords(f.condition)}
              </option>
            ))}
          </SelectField>
          <Button disabled={member === ''} onClick={() => settle('one of these')}>
            {STRAY_WORDS['one of these']}
          </Button>
          <Button onClick={() => settle('of another machine')}>{STRAY_WORDS['of another machine']}</Button>
          <Button onClick={() => settle('thrown away')}>{STRAY_WORDS['thrown away']}</Button>
        </div>
      ) : null}
    </div>
  )
}

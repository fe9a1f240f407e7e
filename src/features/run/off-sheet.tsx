'use client'
import * as say from '../../words/en/screens/no-file'
import { useState } from 'react'
import { isCell } from '../../core/machine'
import { type Bodies, MOST_OFF, type Off, OFF_AT, type OffAt, offName, offRule, OFF_SORTS, type OffSort, ORDER_SAID } from '../../core/job'
import { Button, Chip } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { SelectField, TextField, Tiles } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { OFF_AT_WORDS, OFF_TILES } from '../../words/en/off'
import { useJob } from '../shared/context'
import { useLine } from '../shared/use-line'

/** A line of what came off, put right where it was said wrong: it keeps its place in the order, or is given another. */
export function OffSheet({ step, onClose }: { readonly step: string; readonly onClose: () => void }) {
  const { state } = useJob()
  const off = state.offs.find((o) => o.step === step)
  if (!off) return null
  return (
    <Sheet open onClose={onClose} title={say.putRightTitle} note={`${offName(off)}. ${say.putRightNote}`}>
      <Fields off={off} onClose={onClose} />
    </Sheet>
  )
}

function Fields({ off, onClose }: { readonly off: Off; readonly onClose: () => void }) {
  const { state, logAll, log, open } = useJob()
  const at = state.down.findIndex((s) => s.id === off.step)
  const before = state.down[at - 1]?.id ?? ''
  const [sort, setSort] = useState<OffSort>(off.sort)
  const [count, setCount] = useState(String(off.count))
  const [text, setText] = useState(off.text ?? '')
  const [cell, setCell] = useState(off.cell ?? '')
  const [condition, setCondition] = useState(off.condition ?? '')
  const [of, setOf] = useState<OffAt | ''>(off.of ?? '')
  const [after, setAfter] = useState(before)
  const [fault, setFault] = useState<string>()
  const typed = useLine(text)
  const touched = <T,>(set: (x: T) => void) => {
    return (x: T): void => {
      setFault(undefined)
      set(x)
    }
  }
  const save = (): void => {
    const n = Number(count)
    const place = cell.trim().toUpperCase()
    if (!Number.isInteger(n) || n < 1 || n > MOST_OFF) return setFault(say.noSuchCount(count, MOST_OFF))
    if (place !== '' && !isCell(place)) return setFault(say.noSuchCell(cell))
    const thread = typed?.read ? typed.reader.offFrom(typed.read).thread : undefined
    const body: Bodies['off-corrected'] = {
      step: off.step,
      ...(sort !== off.sort ? { sort } : {}),
      ...(n !== off.count ? { count: n } : {}),
      ...(text.trim() !== (off.text ?? '') ? { text: text.trim(), ...(thread ? { thread } : {}) } : {}),
      ...(place !== '' && place !== off.cell ? { cell: place } : {}),
      ...(condition.trim() !== (off.condition ?? '') ? { condition: condition.trim() } : {}),
      ...(of !== '' && of !== off.of ? { of } : {}),
      ...(after !== before ? { after: after === '' ? null : after } : {}),
    }
    if (Object.keys(body).length === 1) return setFault(say.nothingChanged)
    logAll([{ kind: 'off-corrected', body }])
    onClose()
  }
  return (
    <form className="grid gap-4" onSubmit={(e) => (e.preventDefault(), save())}>
      <Tiles
        legend={say.whatItIs}
        name="sort"
        value={sort}
        onChange={touched(setSort)}
        options={OFF_SORTS.map((s) => ({ value: s, label: OFF_TILES[s] }))}
      />
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={say.howMany}
          value={count}
          inputMode="numeric"
          onChange={(e) => touched(setCount)(e.target.value)}
          autoComplete="off"
        />
        {offRule(sort).is === 'fixings' && !offRule(sort).renewed ? (
          <TextField label={say.cell} value={cell} onChange={(e) => touched(setCell)(e.target.value)} maxLength={8} autoComplete="off" />
        ) : null}
      </div>
      <TextField
        label={say.sizeOrName}
        value={text}
        onChange={(e) => touched(setText)(e.target.value)}
        maxLength={200}
        autoComplete="off"
      />
      <TextField
        label={say.condition}
        value={condition}
        onChange={(e) => touched(setCondition)(e.target.value)}
        maxLength={120}
        autoComplete="off"
      />
      <div role="group" aria-label={say.of} className="flex flex-wrap items-center gap-1.5">
        <span className="narrow text-[15px] text-steel">{say.of}</span>
        {OFF_AT.map((a) => (
          <Chip key={a} on={of === a} onClick={() => touched(setOf)(of === a ? '' : a)}>
            {OFF_AT_WORDS[a]}
          </Chip>
        ))}
      </div>
      <SelectField label={say.cameOffAfter} value={after} onChange={(e) => touched(setAfter)(e.target.value)}>
        <option value="">{say.first}</option>
        {state.down.map((s) =>
          s.id === off.step ? null : (
            <option key={s.id} value={s.id}>
              {s.number === undefined ? s.title : `${s.number} · ${s.title}`}
            </option>
          ),
        )}
      </SelectField>
      <Fault text={fault} />
      <Button type="submit" weight="primary">
        {say.saveIt}
      </Button>
      <Button onClick={() => open({ kind: 'differs', step: off.step })}>{say.lostOrNew}</Button>
      <Held off={off} />
      <Button weight="quiet" onClick={() => (log('struck', { target: off.entry }), onClose())}>
        {say.crossOut}
      </Button>
    </form>
  )
}

/** What it held, and what it has nothing to do with, of what came off after it. */
function Held({ off }: { readonly off: Off }) {
  const { state, log } = useJob()
  const later = state.down.slice(state.down.findIndex((s) => s.id === off.step) + 1)
  if (state.planned || later.length === 0) return null
  const said = new Map(state.orders.filter((o) => o.step === off.step).map((o) => [o.of, o.is]))
  return (
    <details className="rounded-md border border-rule px-4 py-2">
      <summary className="min-h-11 cursor-pointer py-2 text-[16px]">{say.heldWhat}</summary>
      <p className="mb-2 text-[15px] text-steel">{say.heldNote}</p>
      <ul className="grid gap-2">
        {later.map((s) => (
          <li key={s.id} className="grid gap-1 border-t border-rule pt-2">
            <span className="text-[16px]">{s.title}</span>
            <span className="flex gap-1.5">
              {ORDER_SAID.map((is) => (
                <Chip key={is} on={said.get(s.id) === is} onClick={() => log('order-said', { step: off.step, of: s.id, is })}>
                  {say.HELD[is]}
                </Chip>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </details>
  )
}

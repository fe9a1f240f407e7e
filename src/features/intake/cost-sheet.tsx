'use client'
import * as say from '../../words/en/screens/cost'
import { useState } from 'react'
import { agreedUpTo, estimateOf, OWNER_SAID, type OwnerSaid } from '../../core/job'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField, Tiles } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { OWNER_SAID_WORDS } from '../../words/en/owner'
import { useJob } from '../shared/context'

const MOST = 10_000_000
const DEAREST_HOUR = 100_000
const RATE = 'nailsmith-hour-costs'

/** What an hour cost when it was typed last on this device. */
function lastRate(): string {
  try {
    return localStorage.getItem(RATE) ?? ''
  } catch {
    return ''
  }
}

interface Row {
  readonly name: string
  readonly price: string
}

/** A price; null where it is none. */
function readPrice(text: string): number | null {
  const value = readNumber(text)
  return value === null || value < 0 || value > MOST ? null : value
}

/** Prices of the parts and of an hour; and, where it comes to more than was agreed, what the owner says to it. */
export function CostSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, log } = useJob()
  const parts = [...new Set(state.swap.flatMap((s) => s.part?.name ?? []))]
  const [rate, setRate] = useState(() => (state.cost?.rate === undefined ? lastRate() : String(state.cost.rate)))
  const [rows, setRows] = useState<readonly Row[]>(() => {
    const told = (state.cost?.parts ?? []).map((p) => ({ name: p.name, price: String(p.price) }))
    return [...told, ...parts.filter((name) => !told.some((t) => t.name === name)).map((name) => ({ name, price: '' }))]
  })
  const [fault, setFault] = useState<string>()
  const set = (i: number, change: Partial<Row>): void => (
    setFault(undefined),
    setRows(rows.map((r, k) => (k === i ? { ...r, ...change } : r)))
  )
  const keep = (): void => {
    // What is not said is no nought: an estimate without it would agree to anything.
    const hour = readPrice(rate)
    if (hour === null || hour > DEAREST_HOUR) return setFault(rate.trim() === '' ? say.whatDoesAnHourCost : say.isNoPrice(rate))
    const told = rows.filter((r) => r.price.trim() !== '' || r.name.trim() !== '')
    for (const { name, price } of told) {
      if (name.trim() === '') return setFault(say.priceOfWhat(price))
      if (readPrice(price) === null) return setFault(price.trim() === '' ? say.whatDoesItCost(name) : say.isNoPrice(price))
    }
    try {
      localStorage.setItem(RATE, rate.trim())
    } catch {
      // Where nothing can be kept it is asked again.
    }
    log('cost-told', {
      rate: hour,
      parts: told.map((r) => ({ name: r.name.trim(), price: readPrice(r.price)! })),
    })
  }
  const [estimate, agreed] = [estimateOf(state), agreedUpTo(state)]
  const above = estimate !== null && agreed !== undefined && estimate.total > agreed
  return (
    <Sheet open onClose={onClose} title={say.whatItCosts}>
      <div className="grid gap-4">
        <TextField label={say.anHourCosts} value={rate} onChange={(e) => setRate(e.target.value)} inputMode="decimal" maxLength={10} />
        {rows.map((r, i) => (
          <div key={i} className="grid grid-cols-[1fr_120px] gap-2">
            <TextField label={say.partAndPrice} value={r.name} onChange={(e) => set(i, { name: e.target.value })} maxLength={120} />
            <TextField
              label={say.itsPrice}
              value={r.price}
              onChange={(e) => set(i, { price: e.target.value })}
              inputMode="decimal"
              maxLength={12}
            />
          </div>
        ))}
        <Button onClick={() => setRows([...rows, { name: '', price: '' }])}>{say.oneMorePart}</Button>
        <Fault text={fault} />
        <Button weight={above ? 'plain' : 'primary'} onClick={keep}>
          {say.keepTheEstimate}
        </Button>
        {estimate ? <p className="text-[17px]">{say.estimateLine(estimate.parts, estimate.minutes, estimate.total)}</p> : null}
        {above ? <Ask estimate={estimate.total} agreed={agreed} onDone={onClose} /> : null}
      </div>
    </Sheet>
  )
}

/** What the owner says to a sum that is more than was agreed. */
function Ask({ estimate, agreed, onDone }: { readonly estimate: number; readonly agreed: number; readonly onDone: () => void }) {
  const { log } = useJob()
  const [who, setWho] = useState('')
  const [said, setSaid] = useState<OwnerSaid | ''>('')
  const [amount, setAmount] = useState('')
  const [fault, setFault] = useState<string>()
  const done = (): void => {
    if (!who.trim() || said === '') return setFault(say.whoAndWhat)
    const sum = readPrice(amount)
    if (said === 'up to' && sum === null) return setFault(say.isNoPrice(amount))
    log('owner-asked', { estimate, who: who.trim(), said, ...(said === 'up to' ? { amount: sum! } : {}) })
    onDone()
  }
  return (
    <div className="grid gap-3 border-l-[6px] border-look bg-look-tint px-4 py-3">
      <p className="text-[16.5px]">{say.aboveTheCeiling(estimate, agreed)}</p>
      <TextField
        label={say.whoWasAsked}
        value={who}
        onChange={(e) => (setFault(undefined), setWho(e.target.value))}
        placeholder={say.byTelephone}
        maxLength={120}
      />
      <Tiles
        legend={say.theySaid}
        name="said"
        value={said}
        onChange={(s) => (setFault(undefined), setSaid(s))}
        options={OWNER_SAID.map((s) => ({ value: s as OwnerSaid | '', label: OWNER_SAID_WORDS[s] }))}
      />
      {said === 'up to' ? (
        <TextField label={say.upToWhat} value={amount} onChange={(e) => setAmount(e.target.value)} inputMode="decimal" maxLength={12} />
      ) : null}
      <Fault text={fault} />
      <Button weight="primary" onClick={done}>
        {say.logTheAnswer}
      </Button>
    </div>
  )
}

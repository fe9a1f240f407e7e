'use client'
import { useState } from 'react'
import * as say from '../../words/en/screens/procedures'
import { Head } from './head'
import { halved, type Halving } from '../../core/procedures'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'

const MOST_JOINTS = 40
/** What a good joint drops at rated current at the most, mV; usual, estimated. */
const GOOD = 20

interface Search {
  readonly left: Halving
  /** mV over what is left; null before the first reading. */
  readonly whole: number | null
}

/** A bad joint in a row, found by halving it: each reading says where the next one is taken. */
export function Halves() {
  const [joints, setJoints] = useState('')
  const [search, setSearch] = useState<Search | null>(null)
  const [typed, setTyped] = useState('')
  const [fault, setFault] = useState<string>()
  const count = readNumber(joints)
  const rows = count !== null && Number.isInteger(count) && count >= 2 && count <= MOST_JOINTS ? count : null
  const now: Search | null = search ?? (rows === null ? null : { left: { from: 1, to: rows }, whole: null })
  const middle = now ? Math.floor((now.left.from + now.left.to) / 2) : 0
  const found = now !== null && now.left.from === now.left.to
  const good = now !== null && search !== null && now.whole !== null && now.whole <= GOOD * (now.left.to - now.left.from + 1)
  const on = (): void => {
    const mV = readNumber(typed)
    if (!now || mV === null || mV < 0 || mV > 100_000) return setFault(say.isNoFigure(typed))
    setFault(undefined)
    setTyped('')
    if (now.whole === null) return setSearch({ ...now, whole: mV })
    const left = halved(now.left, now.whole, mV)
    setSearch({ left, whole: left.from === now.left.from ? mV : Math.max(0, now.whole - mV) })
  }
  const again = (): void => {
    setSearch(null)
    setTyped('')
    setFault(undefined)
  }
  return (
    <article className="grid content-start gap-3 py-4" aria-labelledby="procedure">
      <Head title={say.halves} power="live" steps={say.halvesSteps} />
      <TextField
        label={say.joints}
        value={joints}
        onChange={(e) => (setJoints(e.target.value), again())}
        inputMode="numeric"
        autoComplete="off"
      />
      <Fault text={joints !== '' && rows === null ? say.isNoFigure(joints) : undefined} />
      {now && !found && !(good && now.left.to - now.left.from > 0) ? (
        <div className="grid gap-2">
          <TextField
            label={now.whole === null ? say.over(now.left.from, now.left.to) : say.over(now.left.from, middle)}
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
            inputMode="decimal"
            autoComplete="off"
          />
          <Fault text={fault} />
          <Button weight="primary" onClick={on}>
            {say.nextHalf}
          </Button>
        </div>
      ) : null}
      {now && search ? (
        <div role="status" className="grid justify-items-start gap-2 rounded-md border-2 border-rule bg-paper px-4 py-3 text-[17px]">
          <p>
            {found ? (
              <strong>{say.foundAt(now.left.from, now.whole === null ? null : Math.round(now.whole))}</strong>
            ) : good ? (
              say.noDrop
            ) : (
              say.leftAre(now.left.from, now.left.to)
            )}
          </p>
          <Button weight="quiet" onClick={again}>
            {say.again}
          </Button>
        </div>
      ) : null}
    </article>
  )
}

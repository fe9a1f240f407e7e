'use client'
import dynamic from 'next/dynamic'
import { useState, useSyncExternalStore } from 'react'
import * as say from '../../words/en/screens/instruments'
import { lineFaultWords, shownWords } from '../../words/en/live'
import { hasSerial, SPEEDS } from '../../instruments/serial'
import type { RelaySeen } from '../../instruments/relay'
import { Button } from '../../ui/button'
import { SelectField, TextField } from '../../ui/field'
import { type AtBench, askRelay, connectSerial, letGo, relayCode, useBench } from '../shared/bench'

const StandInPanel = dynamic(() => import('./stand-in-panel').then((m) => m.StandInPanel))
const never = (): (() => void) => () => undefined

/** What is connected: at this tablet, through the shop’s computers, and the ways to connect more. */
export function Connected() {
  const { at, now, relays, trouble } = useBench()
  return (
    <section aria-labelledby="connected" className="grid gap-3 pb-6">
      <h2 id="connected" className="title pt-4 text-[22px]">
        {say.connected}
      </h2>
      <p className="text-[15.5px] text-steel">{say.connectedNote}</p>
      {trouble !== null ? (
        <p role="alert" className="text-[15.5px] font-semibold text-stop">
          ▲ {trouble || say.noNetwork}
        </p>
      ) : null}
      <h3 className="narrow text-[17px] font-semibold">{say.atThisTablet}</h3>
      {at.length === 0 ? <p className="text-[16px]">{say.noneAtThisTablet}</p> : null}
      <ul>
        {at.map((one) => (
          <Here key={one.id} one={one} now={now} />
        ))}
      </ul>
      {(relays ?? []).map((r) => (
        <Relay key={r.id} relay={r} />
      ))}
      <Computer none={relays?.length === 0} />
      <Cable />
    </section>
  )
}

function Here({ one, now }: { readonly one: AtBench; readonly now: number }) {
  const { facts, reading, fault } = one.live.seen(now)
  const { relay } = one
  return (
    <li className="border-t border-rule py-2">
      <div className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3">
        <span>
          <span className="text-[17px] font-semibold">{facts.name}</span>{' '}
          <span className="text-[20px] tabular-nums">{one.gone ? '' : reading ? shownWords(reading) : '–'}</span>
          {one.gone ? <span className="text-[15.5px] text-look"> ◆ {say.gone}</span> : null}
          {fault ? <span className="block text-[15px] text-stop">▲ {lineFaultWords(fault)}</span> : null}
        </span>
        <Button weight="quiet" onClick={() => (relay ? void askRelay({ relay: relay.id, key: relay.key, ask: 'let go' }) : letGo(one.id))}>
          {say.letItGo}
        </Button>
      </div>
      {one.standIn && relay ? <StandInPanel relay={relay.id} at={relay.key} standIn={one.standIn} kind={facts.kind} /> : null}
    </li>
  )
}

function Relay({ relay }: { readonly relay: RelaySeen }) {
  return (
    <div>
      <div className="flex items-center justify-between gap-3">
        <h3 className="narrow text-[17px] font-semibold">{say.onComputer(relay.name)}</h3>
        {relay.own ? (
          <Button weight="quiet" onClick={() => void askRelay({ relay: relay.id, key: 'all', ask: 'end' })}>
            {say.endsHere}
          </Button>
        ) : null}
      </div>
      <ul>
        {relay.instruments
          .filter((i) => !i.at?.here)
          .map((i) => (
            <li key={i.key} className="grid min-h-14 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 border-t border-rule">
              <span className="text-[17px]">
                {i.name} {i.at ? <span className="text-[15px] text-steel">{say.atPerson(i.at.person)}</span> : null}
              </span>
              <Button weight="quiet" onClick={() => void askRelay({ relay: relay.id, key: i.key, ask: 'take' })}>
                {i.at ? say.takeItFrom(i.at.person) : say.bringItHere}
              </Button>
            </li>
          ))}
      </ul>
    </div>
  )
}

function Computer({ none }: { readonly none: boolean }) {
  const [code, setCode] = useState<{ readonly code: string; readonly minutes: number } | null>(null)
  return (
    <div className="grid justify-items-start gap-2">
      {none ? <p className="text-[16px]">{say.noComputer}</p> : null}
      <Button onClick={() => void relayCode().then(setCode)}>{say.connectAComputer}</Button>
      {code ? (
        <div role="status" className="rounded-md border border-rule bg-bench px-4 py-3 text-[15.5px]">
          <p>{say.codeIs}</p>
          <p className="py-1 font-mono text-[16px] font-semibold break-all">{say.relayCommand(code.code, location.origin)}</p>
          <p className="text-steel">{say.codeLasts(code.minutes)}</p>
        </div>
      ) : null}
    </div>
  )
}

function Cable() {
  const here = useSyncExternalStore(never, hasSerial, () => false)
  const [speed, setSpeed] = useState(String(SPEEDS[0]))
  const [name, setName] = useState('')
  if (!here) return <p className="text-[15px] text-steel">{say.noSerial}</p>
  return (
    <fieldset className="grid grid-cols-2 items-end gap-2 border-t border-rule pt-2">
      <legend className="narrow text-[17px] font-semibold">{say.byCable}</legend>
      <TextField label={say.itsNameHere} value={name} onChange={(e) => setName(e.target.value)} maxLength={80} autoComplete="off" />
      <SelectField label={say.cableSpeed} value={speed} onChange={(e) => setSpeed(e.target.value)}>
        {SPEEDS.map((s) => (
          <option key={s} value={s}>
            {s}
          </option>
        ))}
      </SelectField>
      <Button onClick={() => void connectSerial(Number(speed), name.trim() || say.meter4)}>{say.connectIt}</Button>
    </fieldset>
  )
}

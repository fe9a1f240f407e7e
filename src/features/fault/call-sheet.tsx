'use client'
import * as say from '../../words/en/screens/fault'
import { useState } from 'react'
import { goalOf, NONE } from '../../core/diagnosis'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField, Tiles } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { useJob } from '../shared/context'
import { useDiagnosis } from './use-diagnosis'
import { WeighBlock, type Weighed } from './weigh-block'
import { actionOf, faultName, percent } from '../../words/en/suspects'

/** Calling the fault: which, how sure, and what is done about it: swapped, mended, or left. */
export function CallSheet({ fault: first, onClose }: { readonly fault?: string; readonly onClose: () => void }) {
  const { state, file, logAll, show } = useJob()
  const diagnosis = useDiagnosis()
  const [fault, setFault] = useState(first ?? '')
  const [own, setOwn] = useState('')
  const [way, setWay] = useState('')
  const [weighed, setWeighed] = useState<Weighed>()
  const [unsure, setUnsure] = useState<boolean>()
  const [wrong, setWrong] = useState<string>()
  const likely = diagnosis
    ? [...diagnosis.now]
        .filter((b) => b.fault !== NONE)
        .sort((a, b) => b.p - a.p)
        .slice(0, 4)
    : []
  const action = diagnosis && fault ? actionOf(diagnosis.catalogue, fault) : null
  const ways =
    action && diagnosis
      ? [
          { name: action.name, kind: 'swap' as const, minutes: diagnosis.minutes[action.id] ?? action.minutes, when: '' },
          ...(action.instead ?? []).filter((w) => w.kind !== 'leave' || (action.mayLeave ?? []).includes(fault)),
        ]
      : []
  const chosen = ways.find((w) => w.name === way) ?? ways[0]
  // Whoever writes it in their own words knows it; of a suspect the readings say how sure one may be, until somebody says otherwise.
  const byReadings = !own.trim() && fault !== '' && (diagnosis?.now.find((b) => b.fault === fault)?.p ?? 0) < 0.8
  const doubted = unsure ?? byReadings
  const done = (): void => {
    const text = own.trim() || (diagnosis && fault ? faultName(diagnosis.catalogue, fault) : '')
    if (!text) return setWrong(say.whatIsItPick)
    const called = {
      fault: text,
      certainty: doubted ? ('maybe' as const) : ('sure' as const),
      ...(fault && !own.trim() ? { id: fault } : {}),
      ...(diagnosis ? { drive: diagnosis.drive.id } : {}),
      ...(chosen ? { way: chosen.kind, action: chosen.name } : {}),
    }
    const goal = action && chosen?.name === action.name && file && diagnosis?.inFile ? goalOf(file, diagnosis.inFile, action.goal) : null
    const name = file?.goals.find((g) => g.id === goal)?.name
    logAll([
      { kind: 'fault-called', body: called },
      ...(weighed ? [{ kind: 'note-added' as const, body: weighed }] : []),
      ...(goal && name && !state.planned ? [{ kind: 'goal-set' as const, body: { goals: [goal], text: name } }] : []),
    ])
    onClose()
    show('take in')
  }
  return (
    <Sheet open onClose={onClose} title={say.callTheFault} note={say.itCanBeCalled}>
      <div className="grid gap-4">
        {likely.length > 0 ? (
          <Tiles
            legend={say.itIs}
            name="fault"
            value={fault}
            onChange={(f) => (setWrong(undefined), setFault(f), setOwn(''), setWay(''), setWeighed(undefined))}
            options={likely.map((b) => ({ value: b.fault, label: faultName(diagnosis!.catalogue, b.fault), hint: percent(b.p) }))}
          />
        ) : null}
        <TextField
          label={likely.length > 0 ? say.orInYourWords : say.itIs}
          value={own}
          onChange={(e) => (setWrong(undefined), setOwn(e.target.value))}
          placeholder={say.hallWireBroken}
          maxLength={300}
        />
        {ways.length > 1 && !own.trim() ? (
          <>
            <Tiles
              legend={say.andSo}
              name="way"
              value={chosen?.name ?? ''}
              onChange={setWay}
              options={ways.map((w) => ({ value: w.name, label: w.name, hint: w.minutes > 0 ? say.min(w.minutes) : say.nothingNow }))}
            />
            <WeighBlock
              key={fault}
              action={action!}
              fault={fault}
              minutes={diagnosis?.minutes[action!.id]}
              onChoose={(name, words) => (setWay(name), setWeighed(words))}
            />
            {weighed ? <p className="text-[15px] text-steel">{weighed.text}</p> : null}
            {chosen?.when ? (
              <p className="text-[16px]">
                <span className="font-bold text-look">◆ </span>
                {chosen.when}
              </p>
            ) : null}
          </>
        ) : null}
        {state.machine.unit && diagnosis && diagnosis.drives.length > 1 ? (
          <p className="text-[15.5px] text-pose">{say.theOtherEndHas}</p>
        ) : null}
        <label className="narrow flex min-h-12 cursor-pointer items-center gap-3 text-[16px]">
          <input type="checkbox" className="size-5 accent-copper" checked={doubted} onChange={() => setUnsure(!doubted)} />
          {say.notSureYet}
        </label>
        <Fault text={wrong} />
        <Button weight="primary" onClick={done}>
          {say.callIt}
        </Button>
      </div>
    </Sheet>
  )
}

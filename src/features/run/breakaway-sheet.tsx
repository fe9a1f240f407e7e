'use client'
import { subjectOf } from '../../core/machine'
import { useState } from 'react'
import { breakaway, type BreakawayState } from '../../core/fasteners'
import { expectedDone } from '../../core/job'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { Keypad, readNumber } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { useJob } from '../shared/context'
import { StuckLadder } from './stuck-ladder'

/** Pull in N above which a longer lever, heat or a held counterpart is wanted rather than more force. */
const STRONG = 400

/** What it should take to undo a set, at the lever at hand; and what it took, kept apart from any specification. */
export function BreakawaySheet({ step, onClose }: { readonly step: PlannedStep; readonly onClose: () => void }) {
  const { state, log, file } = useJob()
  const back = state.up.find((s) => s.pair === step.id)
  // The file says to warm it, or its locker does.
  const warmFirst = back?.lock?.grade === 'high' || file?.joints.find((j) => j.id === subjectOf(step.action))?.release === 'warm then undo'
  const [condition, setCondition] = useState<BreakawayState>(warmFirst ? 'high-strength lock, cold' : 'aged')
  const [lever, setLever] = useState('250')
  const [value, setValue] = useState('')
  const [fault, setFault] = useState<string>()
  const length = readNumber(lever)
  const torque = back?.torque?.value
  const expected = torque !== undefined && length !== null && length > 0 && length <= 2000 ? breakaway(torque, condition, length) : null
  const done = (): void => {
    const felt = readNumber(value)
    if (felt === null || felt <= 0 || felt > 1000)
      return setFault(value.trim() ? `“${value}” is not a torque: 0.1 to 1,000 N·m.` : 'Key in what the wrench showed when it let go.')
    log('step-done', { ...expectedDone(state, step), breakaway: felt })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title="What it takes to undo" note={step.title}>
      <div className="grid gap-4">
        {torque === undefined ? (
          <p className="text-[17px]">No torque is known for it: no forecast.</p>
        ) : (
          <>
            <Tiles
              legend="How it is"
              name="condition"
              value={condition}
              onChange={setCondition}
              options={[
                { value: 'clean', label: 'Clean' },
                { value: 'aged', label: 'Aged, dirty' },
                { value: 'high-strength lock, cold', label: 'Locked, cold' },
              ]}
            />
            <TextField
              label="Lever, fixing to hand, mm"
              value={lever}
              onChange={(e) => setLever(e.target.value)}
              inputMode="decimal"
              autoComplete="off"
            />
            {expected ? (
              <p className="text-[17px]" role="status">
                Lets go at about {expected.low.toFixed(0)} to {expected.high.toFixed(0)} N·m{' '}
                <span className="rounded-sm bg-look-tint px-2 text-[14px] text-look">estimated</span>: up to {expected.pull.toFixed(0)} N at
                your hand.
                {expected.pull > STRONG
                  ? ' Too much to pull by arm: a longer lever, heat, or the other end held. Stop before the head or the axle gives.'
                  : ''}
              </p>
            ) : (
              <p role="alert" className="text-[15px] font-semibold text-stop">
                ▲ The lever in mm, 1 to 2,000.
              </p>
            )}
          </>
        )}
        {state.steps[step.id]?.status === 'done' ? (
          <p className="text-[16px] text-steel">
            It is off already{state.steps[step.id]?.breakaway !== undefined ? `; it let go at ${state.steps[step.id]?.breakaway} N·m` : ''}.
          </p>
        ) : (
          <>
            <StuckLadder step={step} locked={warmFirst || condition === 'high-strength lock, cold'} />
            <Keypad label="It let go at" unit="N·m" value={value} fault={fault} onChange={(v) => (setFault(undefined), setValue(v))} />
            <p className="text-[14.5px] text-steel">Kept as measured. It never becomes the number to tighten to.</p>
            <Button weight="primary" onClick={done}>
              Off, and log that
            </Button>
          </>
        )}
      </div>
    </Sheet>
  )
}

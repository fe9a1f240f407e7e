'use client'
import * as say from '../../words/en/screens/run-sheets'
import { subjectOf } from '../../core/machine'
import { useState } from 'react'
import { breakaway, type BreakawayState } from '../../core/fasteners'
import { expectedDone } from '../../core/job'
import { type PlannedStep, stuckAs } from '../../core/planning'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { Keypad } from '../../ui/keypad'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { useJob } from '../shared/context'
import { LiveRow } from '../shared/later'
import { figureTaken } from '../shared/live-row'
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
  const stuck = stuckAs(file, step, warmFirst || condition === 'high-strength lock, cold')
  const length = readNumber(lever)
  const torque = back?.torque?.value
  const expected = torque !== undefined && length !== null && length > 0 && length <= 2000 ? breakaway(torque, condition, length) : null
  const done = (): void => {
    const felt = readNumber(value, 'Nm')
    if (felt === null || felt <= 0 || felt > 1000) return setFault(value.trim() ? say.isNotATorque(value) : say.keyInWhat)
    log('step-done', { ...expectedDone(state, step), breakaway: felt })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.whatItTakes} note={step.title}>
      <div className="grid gap-4">
        {torque === undefined ? (
          <p className="text-[17px]">{say.noTorqueIsKnown}</p>
        ) : (
          <>
            <Tiles
              legend={say.howItIs}
              name="condition"
              value={condition}
              onChange={setCondition}
              options={[
                { value: 'clean', label: say.clean },
                { value: 'aged', label: say.agedDirty },
                { value: 'high-strength lock, cold', label: say.lockedCold },
              ]}
            />
            <TextField
              label={say.leverFixingToHand}
              value={lever}
              onChange={(e) => setLever(e.target.value)}
              inputMode="decimal"
              autoComplete="off"
            />
            {expected ? (
              <p className="text-[17px]" role="status">
                {say.letsGoAtAbout(expected.low.toFixed(0), expected.high.toFixed(0))}{' '}
                <span className="rounded-sm bg-look-tint px-2 text-[14px] text-look">{say.estimated}</span>
                {say.pullAtYourHand(expected.pull.toFixed(0), expected.pull > STRONG)}
              </p>
            ) : (
              <p role="alert" className="text-[15px] font-semibold text-stop">
                {say.theLeverInMm}
              </p>
            )}
          </>
        )}
        {state.steps[step.id]?.status === 'done' ? (
          <p className="text-[16px] text-steel">{say.itIsOffAlready(state.steps[step.id]?.breakaway)}</p>
        ) : (
          <>
            {stuck ? <StuckLadder key={stuck} step={step} on={stuck} /> : null}
            <LiveRow
              about={step.id}
              asked={{ quantity: 'torque', unit: 'Nm', range: [0, 1000], live: false }}
              onTake={(taken) => (setFault(undefined), setValue(figureTaken(taken).text))}
            />
            <Keypad label={say.itLetGoAt} unit="N·m" value={value} fault={fault} onChange={(v) => (setFault(undefined), setValue(v))} />
            <p className="text-[14.5px] text-steel">{say.keptAsMeasured}</p>
            <Button weight="primary" onClick={done}>
              {say.offAndLogThat}
            </Button>
          </>
        )}
      </div>
    </Sheet>
  )
}

/** What to try on something that nobody turns: a plug, a washer, a wheel in its slots, a cover, a press fit. */
export function StuckSheet({ step, onClose }: { readonly step: PlannedStep; readonly onClose: () => void }) {
  const { file } = useJob()
  const on = stuckAs(file, step, false)
  return (
    <Sheet open onClose={onClose} title={say.whatDoesNotLetGo} note={step.title}>
      {on ? <StuckLadder step={step} on={on} /> : null}
    </Sheet>
  )
}

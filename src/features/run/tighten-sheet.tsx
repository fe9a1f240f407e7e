'use client'
import * as say from '../../words/en/screens/run-sheets'
import { useState } from 'react'
import {
  bandOf,
  byFeel,
  COLD_BELOW,
  cureAt,
  fitsWrench,
  readHead,
  readScale,
  readThread,
  standardHead,
  wrenchSetting,
} from '../../core/fasteners'
import { expectedDone, nextPass, type Tightened } from '../../core/job'
import { estimatedTorque, type PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { Keypad, readNumber } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'
import { BreakawaySheet } from './breakaway-sheet'
import { logDone } from '../shared/do-step'

/** Further from the number than this, and a reason is wanted. */
const FAR = 0.1

/** How tight: for a step down what it takes to undo it, for a step up what to tighten it to and what it was tightened to. */
export function TightenSheet({ step: id, onClose }: { readonly step: string; readonly onClose: () => void }) {
  const { state } = useJob()
  const step = [...state.down, ...state.up].find((s) => s.id === id)
  if (!step) return null
  return step.limb === 'down' ? <BreakawaySheet step={step} onClose={onClose} /> : <UpSheet step={step} onClose={onClose} />
}

function UpSheet({ step, onClose }: { readonly step: PlannedStep; readonly onClose: () => void }) {
  const { state, log, logAll } = useJob()
  const wanted = step.torque?.value
  const [how, setHow] = useState<'wrench' | 'feel'>(step.substitute?.byFeel ? 'feel' : 'wrench')
  const [value, setValue] = useState(wanted === undefined ? '' : String(wanted))
  const [lever, setLever] = useState('')
  const [force, setForce] = useState<'50' | '150' | '300'>('150')
  const [reason, setReason] = useState('')
  const [warmth, setWarmth] = useState('')
  const [locker, setLocker] = useState<'given' | 'none'>('given')
  const [fault, setFault] = useState<string>()
  const wrench = useInstrument('torque')
  const final = nextPass(state, step.id) === 'final'
  const length = readNumber(lever)
  const felt = how === 'feel' && length !== null && length > 0 && length <= 2000 ? byFeel(Number(force), length) : null
  const done = (): void => {
    const torque = readNumber(value)
    const temperature = warmth.trim() === '' ? undefined : readNumber(warmth)
    if (how === 'wrench' && (torque === null || torque <= 0 || torque > 1000))
      return setFault(value.trim() ? say.isNotATorque(value) : say.keyInWhatTheWrench)
    if (how === 'feel' && !felt) return setFault(lever.trim() ? say.isNotTheLength(lever) : say.howLong)
    if (temperature === null || (temperature !== undefined && (temperature < -20 || temperature > 60)))
      return setFault(say.isNotTheBenchs(warmth))
    const off = how === 'wrench' && wanted !== undefined && Math.abs(torque! / wanted - 1) > FAR
    if (off && !reason.trim()) return setFault(say.notTheNumber(torque, wanted, step.torque!.source))
    if (step.lock && locker === 'none' && !reason.trim()) return setFault(say.theFileWantsHere(step.lock.product))
    const { lock: given, ...body } = expectedDone(state, step)
    const tightened: Tightened = {
      ...(how === 'wrench' ? { torque: torque! } : {}),
      how,
      ...(how === 'wrench' && wrench.used ? { wrench: wrench.used } : {}),
      ...(how === 'wrench' && !wrench.used && step.tool ? { tool: step.tool.name } : {}),
      ...(how === 'feel' ? { tool: say.leverOf(lever) } : {}),
      ...(reason.trim() ? { reason: reason.trim() } : {}),
    }
    const { torque: _, ...kept } = body.in ?? { members: step.fixings.map((f) => f.id), pass: 'final' as const }
    const lock =
      locker === 'none' || !given ? undefined : temperature !== undefined ? { ...given, ...cureAt(given, temperature), temperature } : given
    const entry = { ...body, in: { ...kept, ...tightened }, ...(lock ? { lock } : {}) }
    logDone({ log, logAll }, step, entry)
    if (how === 'wrench') wrench.remember()
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.howTight} note={step.title}>
      <div className="grid gap-4">
        <Numbers step={step} />
        <WrenchSetting step={step} torque={wanted} />
        {final ? (
          <>
            <Tiles
              legend={say.howItWasTightened}
              name="how"
              value={how}
              onChange={(h) => (setFault(undefined), setHow(h))}
              options={[
                { value: 'wrench', label: say.byAWrench },
                { value: 'feel', label: say.byFeel, hint: say.countsAsUnmeasured },
              ]}
            />
            {how === 'wrench' ? (
              <div className="grid gap-3">
                <Keypad
                  label={say.tightenedTo}
                  unit="N·m"
                  value={value}
                  fault={fault}
                  onChange={(v) => (setFault(undefined), setValue(v))}
                />
                <InstrumentField label={say.wrench} choice={wrench} />
              </div>
            ) : (
              <div className="grid gap-2">
                <TextField
                  label={say.leverMm}
                  value={lever}
                  onChange={(e) => (setFault(undefined), setLever(e.target.value))}
                  inputMode="decimal"
                  autoComplete="off"
                />
                <Tiles
                  legend={say.pull}
                  name="force"
                  value={force}
                  onChange={setForce}
                  options={[
                    { value: '50', label: say.fingers, hint: '50 N' },
                    { value: '150', label: say.hand, hint: '150 N' },
                    { value: '300', label: say.arm, hint: '300 N' },
                  ]}
                />
                {felt ? (
                  <p className="text-[17px]" role="status">
                    {say.somewhere(felt.low, felt.high)}
                    {wanted !== undefined && (felt.high < wanted || felt.low > wanted) ? say.thatIsNot(wanted) : null}
                    {say.looksAgain}
                  </p>
                ) : null}
                {fault ? (
                  <p role="alert" className="text-[15px] font-semibold text-stop">
                    ▲ {fault}
                  </p>
                ) : null}
              </div>
            )}
            {step.lock ? (
              <div>
                <Tiles
                  legend={say.threadlocker}
                  name="locker"
                  value={locker}
                  onChange={(l) => (setFault(undefined), setLocker(l))}
                  options={[
                    { value: 'given', label: step.lock.product, hint: say.oneDropOnEach },
                    { value: 'none', label: say.none, hint: say.sayWhy },
                  ]}
                />
                <p className="mt-1 text-[15px] text-steel">{say.bothThreadsClean}</p>
              </div>
            ) : null}
            <TextField
              label={say.whyIf}
              value={reason}
              onChange={(e) => (setFault(undefined), setReason(e.target.value))}
              maxLength={500}
            />
            {step.lock ? (
              <TextField
                label={say.benchC}
                hint={say.theThreadlockersTimes(COLD_BELOW)}
                value={warmth}
                onChange={(e) => (setFault(undefined), setWarmth(e.target.value))}
                inputMode="decimal"
                autoComplete="off"
              />
            ) : null}
            <Button weight="primary" onClick={done}>
              {say.logItAsFinal}
            </Button>
          </>
        ) : (
          <p className="text-[16px] text-steel">{state.steps[step.id]?.status === 'done' ? say.itIsFinalAlready : say.startedByHand}</p>
        )}
      </div>
    </Sheet>
  )
}

const ROLE = {
  working: say.itDoesTheWork,
  dust: say.aDustCover,
  cover: say.itHoldsACover,
} as const

/** The number and where it comes from; beside it what thread and class would give, and the pull that friction makes of it. */
function Numbers({ step }: { readonly step: PlannedStep }) {
  const joint = step.joint
  const estimate = joint ? estimatedTorque(joint) : null
  const thread = joint?.thread ? readThread(joint.thread) : null
  const kind = readHead(joint?.head)
  const head = thread && kind ? standardHead(thread.d, kind) : null
  const band = step.torque && thread && head && !joint?.critical ? bandOf(thread, step.torque.value, head) : null
  return (
    <div className="rounded-md border border-rule px-4 py-3">
      {step.torque ? (
        <p>
          <span className="title text-[26px]">{step.torque.value} N·m</span>{' '}
          <span
            className={
              step.torque.source === 'estimated'
                ? 'rounded-sm bg-look-tint px-2 text-[14px] text-look'
                : 'rounded-sm bg-pose-tint px-2 text-[14px] text-pose'
            }
          >
            {step.torque.source}
          </span>
        </p>
      ) : (
        <p className="text-[17px] font-semibold">
          <span className="text-stop">▲ </span>
          {say.noNumberAndNone(joint?.critical)}
        </p>
      )}
      {estimate !== null && step.torque && step.torque.source !== 'estimated' ? (
        <p className="text-[15.5px] text-steel">
          {say.threadAndClassGive(estimate, step.torque.source, estimate > 2 * step.torque.value || estimate < step.torque.value / 2)}
        </p>
      ) : null}
      {band ? (
        <p className="text-[15.5px] text-steel">{say.pullsToKnDry(band.preload.low.toFixed(1), band.preload.high.toFixed(1))}</p>
      ) : null}
      {joint ? <p className="text-[15.5px]">{say.safety(ROLE[joint.role], joint.critical)}</p> : null}
    </div>
  )
}

/** What to set on the wrench at hand, with or without an adapter. */
function WrenchSetting({ step, torque }: { readonly step: PlannedStep; readonly torque: number | undefined }) {
  const [length, setLength] = useState('')
  const [extension, setExtension] = useState('')
  const [angle, setAngle] = useState<'0' | '90'>('0')
  const scale = readScale(step.tool?.size)
  if (torque === undefined || !scale) return null
  const l = readNumber(length)
  const e = extension.trim() === '' ? 0 : readNumber(extension)
  const given = length.trim() !== '' || extension.trim() !== ''
  const usable = l !== null && l > 0 && e !== null && e >= 0 && l <= 2000 && e <= 1000
  const set = given && usable ? wrenchSetting(torque, l, e, Number(angle)) : torque
  const fit = fitsWrench({ name: step.tool!.name, ...scale }, set)
  return (
    <details className="rounded-md border border-rule px-4 py-2" open={!fit.fits}>
      <summary className="min-h-11 cursor-pointer py-2 text-[16px]">
        {fit.fits ? (
          <>
            <span className="text-ok">● </span>
            {say.setTo(step.tool!.name)} <strong>{Number(set.toPrecision(3))} N·m</strong>
          </>
        ) : (
          <>
            <span className="text-stop">▲ </span>
            {say.outsideItsScale(step.tool!.name, Number(set.toPrecision(3)), fit.why)}
          </>
        )}
      </summary>
      <p className="text-[14.5px] text-steel">{say.anAdapter}</p>
      <div className="my-2 grid grid-cols-2 gap-2">
        <TextField
          label={say.wrenchDriveToGrip}
          value={length}
          onChange={(x) => setLength(x.target.value)}
          inputMode="decimal"
          autoComplete="off"
        />
        <TextField
          label={say.adapterReachMm}
          value={extension}
          onChange={(x) => setExtension(x.target.value)}
          inputMode="decimal"
          autoComplete="off"
        />
      </div>
      <Tiles
        legend={say.adapter}
        name="angle"
        value={angle}
        onChange={setAngle}
        options={[
          { value: '0', label: say.straightOn },
          { value: '90', label: say.atARightAngle, hint: say.changesNothing },
        ]}
      />
      {given && !usable ? (
        <p role="alert" className="mt-1 text-[15px] font-semibold text-stop">
          {say.lengthsInMm}
        </p>
      ) : null}
    </details>
  )
}

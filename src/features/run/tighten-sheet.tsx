'use client'
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
import { logDone } from './do-step'

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
      return setFault(value.trim() ? `“${value}” is not a torque: 0.1 to 1,000 N·m.` : 'Key in what the wrench was set to.')
    if (how === 'feel' && !felt)
      return setFault(
        lever.trim()
          ? `“${lever}” is not the length of a lever: 1 to 2,000 mm.`
          : 'How long is the lever? From the fixing to the middle of the hand.',
      )
    if (temperature === null || (temperature !== undefined && (temperature < -20 || temperature > 60)))
      return setFault(`“${warmth}” is not the bench’s temperature: −20 to 60 °C.`)
    const off = how === 'wrench' && wanted !== undefined && Math.abs(torque! / wanted - 1) > FAR
    if (off && !reason.trim()) return setFault(`${torque} N·m is not the ${wanted} N·m of the ${step.torque!.source}. Why?`)
    if (step.lock && locker === 'none' && !reason.trim()) return setFault(`The file wants ${step.lock.product} here. Why none?`)
    const { lock: given, ...body } = expectedDone(state, step)
    const tightened: Tightened = {
      ...(how === 'wrench' ? { torque: torque! } : {}),
      how,
      ...(how === 'wrench' && wrench.used ? { wrench: wrench.used } : {}),
      ...(how === 'wrench' && !wrench.used && step.tool ? { tool: step.tool.name } : {}),
      ...(how === 'feel' ? { tool: `${lever} mm lever` } : {}),
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
    <Sheet open onClose={onClose} title="How tight" note={step.title}>
      <div className="grid gap-4">
        <Numbers step={step} />
        <WrenchSetting step={step} torque={wanted} />
        {final ? (
          <>
            <Tiles
              legend="How it was tightened"
              name="how"
              value={how}
              onChange={(h) => (setFault(undefined), setHow(h))}
              options={[
                { value: 'wrench', label: 'By a wrench' },
                { value: 'feel', label: 'By feel', hint: 'counts as unmeasured' },
              ]}
            />
            {how === 'wrench' ? (
              <div className="grid gap-3">
                <Keypad label="Tightened to" unit="N·m" value={value} fault={fault} onChange={(v) => (setFault(undefined), setValue(v))} />
                <InstrumentField label="Wrench" choice={wrench} />
              </div>
            ) : (
              <div className="grid gap-2">
                <TextField
                  label="Lever, mm"
                  value={lever}
                  onChange={(e) => (setFault(undefined), setLever(e.target.value))}
                  inputMode="decimal"
                  autoComplete="off"
                />
                <Tiles
                  legend="Pull"
                  name="force"
                  value={force}
                  onChange={setForce}
                  options={[
                    { value: '50', label: 'Fingers', hint: '50 N' },
                    { value: '150', label: 'Hand', hint: '150 N' },
                    { value: '300', label: 'Arm', hint: '300 N' },
                  ]}
                />
                {felt ? (
                  <p className="text-[17px]" role="status">
                    ◆ Somewhere from {felt.low.toFixed(0)} to {felt.high.toFixed(0)} N·m.{' '}
                    {wanted !== undefined && (felt.high < wanted || felt.low > wanted) ? `That is not the ${wanted} N·m.` : ''} A look at it
                    after the first ride is put on the page.
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
                  legend="Threadlocker"
                  name="locker"
                  value={locker}
                  onChange={(l) => (setFault(undefined), setLocker(l))}
                  options={[
                    { value: 'given', label: step.lock.product, hint: 'one drop on each' },
                    { value: 'none', label: 'None', hint: 'say why' },
                  ]}
                />
                <p className="mt-1 text-[15px] text-steel">
                  Both threads clean and dry first, the old threadlocker brushed out; one drop where they meet.
                </p>
              </div>
            ) : null}
            <TextField
              label="Why, if it is not as given"
              value={reason}
              onChange={(e) => (setFault(undefined), setReason(e.target.value))}
              maxLength={500}
            />
            {step.lock ? (
              <TextField
                label="Bench, °C"
                hint={`The threadlocker’s times are for 22 °C; below ${COLD_BELOW} °C it may not bond at all: warm the joint first.`}
                value={warmth}
                onChange={(e) => (setFault(undefined), setWarmth(e.target.value))}
                inputMode="decimal"
                autoComplete="off"
              />
            ) : null}
            <Button weight="primary" onClick={done}>
              Log it as final
            </Button>
          </>
        ) : (
          <p className="text-[16px] text-steel">
            {state.steps[step.id]?.status === 'done' ? 'It is final already.' : 'Started by hand and seated first; then the number.'}
          </p>
        )}
      </div>
    </Sheet>
  )
}

const ROLE = {
  working: 'It does the work: the number counts.',
  dust: 'A dust cover: it holds nothing, a firm hand is enough.',
  cover: 'It holds a cover: even, not tight.',
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
          <span className="text-stop">▲ </span>No number, and none is estimated for {joint?.critical ? `${joint.critical} fixings` : 'this'}
          . The maker’s manual has it.
        </p>
      )}
      {estimate !== null && step.torque && step.torque.source !== 'estimated' ? (
        <p className="text-[15.5px] text-steel">
          Thread and class would give about {estimate} N·m (estimated); the {step.torque.source} goes.
          {estimate > 2 * step.torque.value || estimate < step.torque.value / 2 ? ' They differ much: ask why before more force.' : ''}
        </p>
      ) : null}
      {band ? (
        <p className="text-[15.5px] text-steel">
          Pulls {band.preload.low.toFixed(1)} to {band.preload.high.toFixed(1)} kN, dry to oiled (μ 0.20 to 0.08). Grease or threadlocker
          moves it to the upper end.
        </p>
      ) : null}
      {joint ? (
        <p className="text-[15.5px]">
          {ROLE[joint.role]}
          {joint.critical ? ` Safety: ${joint.critical}.` : ''}
        </p>
      ) : null}
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
            <span className="text-ok">● </span>Set {step.tool!.name} to <strong>{Number(set.toPrecision(3))} N·m</strong>
          </>
        ) : (
          <>
            <span className="text-stop">▲ </span>
            {step.tool!.name}: {Number(set.toPrecision(3))} N·m is {fit.why} (20 to 100 % of its scale). Take another.
          </>
        )}
      </summary>
      <p className="text-[14.5px] text-steel">An adapter on the drive changes the setting. A wrench has a calibration date: look at it.</p>
      <div className="my-2 grid grid-cols-2 gap-2">
        <TextField
          label="Wrench, drive to grip, mm"
          value={length}
          onChange={(x) => setLength(x.target.value)}
          inputMode="decimal"
          autoComplete="off"
        />
        <TextField
          label="Adapter reach, mm"
          value={extension}
          onChange={(x) => setExtension(x.target.value)}
          inputMode="decimal"
          autoComplete="off"
        />
      </div>
      <Tiles
        legend="Adapter"
        name="angle"
        value={angle}
        onChange={setAngle}
        options={[
          { value: '0', label: 'Straight on' },
          { value: '90', label: 'At a right angle', hint: 'changes nothing' },
        ]}
      />
      {given && !usable ? (
        <p role="alert" className="mt-1 text-[15px] font-semibold text-stop">
          ▲ Lengths in mm, the wrench’s above 0.
        </p>
      ) : null}
    </details>
  )
}

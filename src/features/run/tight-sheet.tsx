'use client'
import * as say from '../../words/en/screens/run-sheets'
import { useState } from 'react'
import { bandOf, byFeel, COLD_BELOW, cureAt, readHead, readThread, standardHead, usualTorques } from '../../core/fasteners'
import {
  type Adapter,
  type Bodies,
  clickedWith,
  isFinal,
  nextPass,
  oneByOne,
  settingOf,
  tightEntry,
  type Tightened,
  torqueDoubts,
  wrenchesFor,
} from '../../core/job'
import { estimatedTorque, type PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField, Tiles } from '../../ui/field'
import { Keypad } from '../../ui/keypad'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { torqueDoubtWords, usualWords } from '../../words/en/tightness'
import { useJob } from '../shared/context'
import { logTight, tightMethod } from '../shared/do-step'
import { InstrumentField } from '../shared/instrument-field'
import { LiveRow } from '../shared/later'
import { figureTaken } from '../shared/live-row'
import { useInstrument } from '../shared/use-instrument'

type Way = 'wrench' | 'feel' | 'hand'

/** What a thing was made tight to, and how: asked once in a job, and whenever it is done another way. */
export function TightSheet({
  step,
  member,
  onClose,
}: {
  readonly step: PlannedStep
  readonly member?: string
  readonly onClose: () => void
}) {
  const job = useJob()
  const { state } = job
  const one = oneByOne(state, step)?.find((f) => member === undefined || f.id === member)
  const [fault, setFault] = useState<string>()
  const [reason, setReason] = useState('')
  const how = useHow(step, () => setFault(undefined))
  const locker = useLocker(step, () => setFault(undefined))
  const due = isFinal(step, nextPass(state, step.id))
  const done = (): void => {
    const tightened = how.read()
    const lock = locker.read(reason)
    if ('fault' in tightened) return setFault(tightened.fault)
    if ('fault' in lock) return setFault(lock.fault)
    const said: Tightened = { ...tightened.how, ...(reason.trim() ? { reason: reason.trim() } : {}) }
    const entry = tightEntry(state, step, said, one?.id)
    how.remember()
    // First: what it wants measured opens a sheet of its own.
    onClose()
    if (entry.kind === 'fixing-in') logTight(job, step, entry)
    else {
      const { lock: _, ...body } = entry.body
      logTight(job, step, { kind: 'step-done', body: { ...body, ...lock } })
    }
  }
  return (
    <Sheet open onClose={onClose} title={say.howTight} note={one ? say.titleAt(step.title, one.place) : step.title}>
      <div className="grid gap-4">
        <Numbers step={step} />
        {due ? (
          <>
            {how.fields}
            {locker.fields}
            <TextField
              label={say.whyIf}
              value={reason}
              onChange={(e) => (setFault(undefined), setReason(e.target.value))}
              maxLength={500}
            />
            <Fault text={fault} />
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

type Read<T> = T | { readonly fault: string }

/** Wrench, feel or neither: its fields, and what they say. */
function useHow(step: PlannedStep, touched: () => void) {
  const job = useJob()
  const wanted = step.torque?.value
  const [way, setWay] = useState<Way>(step.substitute?.byFeel ? 'feel' : wanted === undefined ? 'hand' : 'wrench')
  const [value, setValue] = useState(wanted === undefined ? '' : String(wanted))
  const [lever, setLever] = useState('')
  const [force, setForce] = useState<'50' | '150' | '300'>('150')
  const given = step.tool?.adapter
  const [reach, setReach] = useState(given ? String(given.reach) : '')
  const [angle, setAngle] = useState(String(given?.angle ?? 0))
  const method = tightMethod(job, step)
  const first = method.by === 'wrench' ? method.wrench : wanted === undefined ? undefined : wrenchesFor(wanted, job.instruments, given)[0]
  const wrench = useInstrument('torque', first?.id)
  const listed = job.instruments.find((i) => i.id === wrench.pick)
  const length = readNumber(lever)
  const felt = length !== null && length > 0 && length <= 2000 ? byFeel(Number(force), length) : null
  const torque = readNumber(value, 'Nm')
  const mm = reach.trim() === '' ? undefined : readNumber(reach, 'mm')
  const adapter: Adapter | undefined =
    mm !== undefined && mm !== null && mm > 0 && mm <= 2000 ? { reach: mm, angle: Number(angle) } : undefined
  const clicked = (): Read<{ readonly how: Tightened }> => {
    if (torque === null || torque <= 0 || torque > 1000) return { fault: value.trim() ? say.isNotATorque(value) : say.keyInWhatTheWrench }
    if (mm === null || (mm !== undefined && !adapter)) return { fault: say.isNoReach(reach) }
    if (listed) return { how: clickedWith(torque, listed, adapter) }
    return { how: { is: 'clicked', torque, ...(wrench.used ? { wrench: wrench.used } : {}), ...(adapter ? { adapter } : {}) } }
  }
  const read = (): Read<{ readonly how: Tightened }> => {
    if (way === 'wrench') return clicked()
    if (way === 'hand') return { how: { is: 'not read' } }
    if (!felt) return { fault: lever.trim() ? say.isNotTheLength(lever) : say.howLong }
    const band = [Number(felt.low.toPrecision(2)), Number(felt.high.toPrecision(2))] as const
    return { how: { is: 'felt', band, tool: say.leverOf(lever) } }
  }
  const now = read()
  const set = listed && torque !== null && torque > 0 ? Number(settingOf(torque, listed, adapter).toPrecision(3)) : null
  const fields = (
    <>
      <Tiles
        legend={say.howItWasTightened}
        name="how"
        value={way}
        onChange={(w) => (touched(), setWay(w))}
        options={[
          { value: 'wrench', label: say.byAWrench },
          { value: 'feel', label: say.byFeel, hint: say.withABand },
          { value: 'hand', label: say.tightNotRead, hint: step.joint?.critical ? say.aLeadDecides : say.noNumberIsWritten },
        ]}
      />
      {way === 'wrench' ? (
        <div className="grid gap-3">
          <InstrumentField label={say.wrench} choice={wrench} />
          <LiveRow
            about={step.id}
            asked={{ quantity: 'torque', unit: 'Nm', range: [0, 1000], live: false }}
            onTake={(taken, used) => (touched(), setValue(figureTaken(taken).text), wrench.cameFrom(used))}
          />
          <Keypad label={say.clickedAt} unit="N·m" value={value} onChange={(v) => (touched(), setValue(v))} />
          <details className="rounded-md border border-rule px-4 py-2" open={given !== undefined}>
            <summary className="min-h-11 cursor-pointer py-2 text-[16px]">
              {set === null || !adapter ? say.anAdapter : say.setItTo(set, listed!.name)}
            </summary>
            <div className="my-2 grid gap-2">
              <TextField
                label={say.adapterReachMm}
                value={reach}
                onChange={(e) => (touched(), setReach(e.target.value))}
                inputMode="decimal"
                autoComplete="off"
              />
              <Tiles
                legend={say.adapter}
                name="angle"
                value={angle}
                onChange={setAngle}
                options={[
                  { value: '0', label: say.straightOn },
                  ...(given && given.angle !== 0 && given.angle !== 90
                    ? [{ value: String(given.angle), label: say.atAngle(given.angle) }]
                    : []),
                  { value: '90', label: say.atARightAngle, hint: say.changesNothing },
                ]}
              />
              {adapter && (!listed || listed.grip === undefined) ? <p className="text-[15px] text-look">{say.itsLengthIsNot}</p> : null}
            </div>
          </details>
        </div>
      ) : way === 'feel' ? (
        <div className="grid gap-2">
          <TextField
            label={say.leverMm}
            value={lever}
            onChange={(e) => (touched(), setLever(e.target.value))}
            inputMode="decimal"
            autoComplete="off"
          />
          <Tiles
            legend={say.pull}
            name="force"
            value={force}
            onChange={setForce}
            options={[
              { value: '50', label: say.fingers, hint: say.newton(50) },
              { value: '150', label: say.hand, hint: say.newton(150) },
              { value: '300', label: say.arm, hint: say.newton(300) },
            ]}
          />
          {felt ? (
            <p className="text-[17px]" role="status">
              {say.somewhere(felt.low, felt.high)}
              {wanted !== undefined && (felt.high < wanted || felt.low > wanted) ? say.thatIsNot(wanted) : null}
              {say.looksAgain}
            </p>
          ) : null}
        </div>
      ) : null}
      {'how' in now && way === 'wrench'
        ? torqueDoubts(now.how, wanted).map((d) => (
            <p key={d.is} role="status" className="text-[16px]">
              <span className="font-bold text-look">◆ </span>
              {torqueDoubtWords(d)}
            </p>
          ))
        : null}
    </>
  )
  return { fields, read, remember: () => (way === 'wrench' ? wrench.remember() : undefined) }
}

type Lock = NonNullable<Bodies['step-done']['lock']>

/** The threadlocker that goes on with it, and the bench’s temperature that its times hang on. */
function useLocker(step: PlannedStep, touched: () => void) {
  const [locker, setLocker] = useState<'given' | 'none'>('given')
  const [warmth, setWarmth] = useState('')
  if (!step.lock) return { fields: null, read: (): Read<{ readonly lock?: Lock }> => ({}) }
  const { product, handlingMinutes, cureHours } = step.lock
  const read = (reason: string): Read<{ readonly lock?: Lock }> => {
    const temperature = warmth.trim() === '' ? undefined : readNumber(warmth, 'degC')
    if (temperature === null || (temperature !== undefined && (temperature < -20 || temperature > 60)))
      return { fault: say.isNotTheBenchs(warmth) }
    if (locker === 'none') return reason.trim() ? {} : { fault: say.theFileWantsHere(product) }
    const given = { product, handlingMinutes, cureHours }
    return { lock: temperature === undefined ? given : { ...given, ...cureAt(given, temperature), temperature } }
  }
  const fields = (
    <>
      <div>
        <Tiles
          legend={say.threadlocker}
          name="locker"
          value={locker}
          onChange={(l) => (touched(), setLocker(l))}
          options={[
            { value: 'given', label: product, hint: say.oneDropOnEach },
            { value: 'none', label: say.none, hint: say.sayWhy },
          ]}
        />
        <p className="mt-1 text-[15px] text-steel">{say.bothThreadsClean}</p>
      </div>
      <TextField
        label={say.benchC}
        hint={say.theThreadlockersTimes(COLD_BELOW)}
        value={warmth}
        onChange={(e) => (touched(), setWarmth(e.target.value))}
        inputMode="decimal"
        autoComplete="off"
      />
    </>
  )
  return { fields, read }
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
          <span className="title text-[26px]">{say.nm(step.torque.value)}</span>{' '}
          <span className="rounded-sm bg-pose-tint px-2 text-[14px] text-pose">{step.torque.source}</span>
        </p>
      ) : (
        <Usual step={step} />
      )}
      {estimate !== null && step.torque ? (
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

/** Where the file gives no number: what is usual, to be read. */
function Usual({ step }: { readonly step: PlannedStep }) {
  const joint = step.joint
  const usual = usualTorques(joint?.thread, joint?.strength, joint?.role ?? 'working', joint?.critical)
  return (
    <>
      <p className="text-[17px] font-semibold">
        <span className="text-look">◆ </span>
        {say.noNumber}
      </p>
      {usual.length > 0 ? (
        <>
          <p className="mt-1 text-[15.5px] font-semibold">{say.usualFor(joint!.thread!)}</p>
          <ul className="text-[15.5px]">
            {usual.map((u) => (
              <li key={usualWords(u)}>{usualWords(u)}</li>
            ))}
          </ul>
          <p className="text-[14.5px] text-steel">{say.usualIsRead}</p>
        </>
      ) : null}
    </>
  )
}

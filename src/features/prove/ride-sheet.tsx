'use client'
import * as say from '../../words/en/screens/prove'
import { type ReactNode, useEffect, useRef, useState } from 'react'
import { ladderIn, rideEntries, rideShut, ridesPassed, stageMissing, wantedIn, mayWriteAs } from '../../core/job'
import {
  type BrakeTried,
  DEFAULT_LIMITS,
  longEnough,
  type RideLimits,
  type RideLogSummary,
  type RideStage,
  rungOf,
  rungsUpTo,
  STOP_SIGNS,
  type StopSign,
} from '../../core/ride'
import { columnsOf, keepColumns } from '../../client/ride-columns'
import type { Assigned } from '../../formats/ride-log'
import type { Taken } from '../../formats/ride-read'
import type { readRideAside } from '../../workers/ride'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField, Tiles } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { checkWords } from '../../words/en/checks'
import { type JobContext, useJob } from '../shared/context'
import { RIDE_HOW } from '../../words/en/rides'
import { STOP_WORDS } from '../../words/en/stop-signs'
import { rideFaultWords } from '../../words/en/ride-files'
import { type BrakeRow, BrakeRows, readBrakes } from './brake-rows'
import { RideColumns } from './ride-columns'
import { RideLogView } from './ride-log-view'

/** The windows that this machine's rides are judged by. */
function rideLimits({ file, settings }: Pick<JobContext, 'file' | 'settings'>): RideLimits {
  const top = file ? settings.topSpeed[file.class] : undefined
  return { ...DEFAULT_LIMITS, ...(top !== undefined ? { topSpeed: top } : {}) }
}

/** One ride, or one run at the bench, told when it is over: as far as which rung, how far, how long, who, and each brake. */
export function RideSheet({ stage: first, onClose }: { readonly stage?: RideStage; readonly onClose: () => void }) {
  const job = useJob()
  const { state, form, when } = job
  const ladder = ladderIn(state)
  const [wanted, passed] = [wantedIn(state), ridesPassed(state)]
  const [to, setTo] = useState<RideStage | ''>(first ?? '')
  const [outcome, setOutcome] = useState<'passed' | 'stopped'>('passed')
  const [sign, setSign] = useState<StopSign | ''>('')
  const [metres, setMetres] = useState('')
  const [minutes, setMinutes] = useState('')
  const [rider, setRider] = useState(job.person.name)
  const [load, setLoad] = useState('')
  const [brakes, setBrakes] = useState<readonly BrakeRow[]>([])
  const [text, setText] = useState('')
  const [log, setLog] = useState<RideLogSummary | null>(null)
  const [fault, setFault] = useState<string>()
  const [busy, setBusy] = useState(false)
  const open = ladder.rungs.filter((r) => (wanted.includes(r) && !passed.has(r)) || r === first)
  const others = ladder.rungs.filter((r) => !open.includes(r))
  const rungs = to === '' ? [] : rungsUpTo(ladder, wanted, passed, to)
  const rolls = (rungs.length > 0 ? rungs : ladder.rungs).some((r) => rungOf(r).kind !== 'run')
  const shut = [...new Set(rungs.flatMap((r) => rideShut(state, r, when)).map((s) => s.check))]
  const tell = (set: (value: string) => void) => (value: string) => (setFault(undefined), set(value))

  const done = (): void => {
    if (to === '') return setFault(say.howFarUp)
    if (outcome === 'stopped' && !sign) return setFault(say.whatEndedItAsk)
    const [m, min, kg] = [figureOf(metres), figureOf(minutes), figureOf(load)]
    if (m === null || (m !== undefined && (m < 0 || m > 1_000_000))) return setFault(say.isNotMetres(metres))
    if (min === null || (min !== undefined && (min < 0 || min > 10_000))) return setFault(say.isNotMinutes(minutes))
    if (kg === null || (kg !== undefined && (kg < 0 || kg > 100_000))) return setFault(say.isNoLoad(load))
    const measured = log?.findings.find((f) => f.id === 'distance')?.value
    const far = m ?? (measured === undefined ? undefined : Math.round(measured * 1000))
    const long = min ?? (log ? Math.round(log.seconds / 60) : undefined)
    if (rolls && far === undefined) return setFault(say.howManyMetres)
    if (long === undefined) return setFault(say.howManyMinutes)
    const tried = readBrakes(brakes)
    if (!Array.isArray(tried)) return setFault(say.brakeNotRead(tried as string))
    const ride = {
      rungs,
      outcome,
      ...(outcome === 'stopped' && sign ? { sign } : {}),
      ...(far !== undefined ? { metres: far } : {}),
      minutes: long,
      ...(rider.trim() ? { rider: rider.trim() } : {}),
      ...(kg !== undefined ? { load: kg } : {}),
      ...(tried.length > 0 ? { brakes: tried as readonly BrakeTried[] } : {}),
      ...(text.trim() ? { text: text.trim() } : {}),
      ...(log ? { log } : {}),
    }
    // With the last that was wanted the job goes on to hand back, where nothing else stands in its way.
    const left = wanted.filter((r) => !passed.has(r) && !(rungs.includes(r) && longEnough(r, ride)))
    const on =
      outcome === 'passed' &&
      left.length === 0 &&
      shut.length === 0 &&
      wanted.some((r) => !passed.has(r)) &&
      stageMissing(state, 'hand back', when).length === 0
    job.logAll([
      ...rideEntries(ride, form).map((body) => ({ kind: 'ride-added' as const, body })),
      ...(on ? [{ kind: 'stage-moved' as const, body: { to: 'hand back' as const } }] : []),
    ])
    if (on) job.show('hand back')
    onClose()
  }
  const short = rungs.filter((r) => !longEnough(r, lengths(metres, minutes)))
  return (
    <Sheet open onClose={onClose} title={say.rideTitle(rolls)} note={say.toldOnce}>
      <div className="grid gap-4">
        <Tiles
          legend={say.asFarAs}
          name="rung"
          value={to}
          onChange={(r) => (setFault(undefined), setTo(r))}
          options={open.map((r) => ({ value: r as RideStage | '', label: RIDE_HOW[r].title }))}
        />
        {others.length > 0 ? (
          <details>
            <summary className="narrow min-h-11 cursor-pointer py-2 text-[15px] underline underline-offset-4">{say.anotherRung}</summary>
            <Tiles
              legend={say.asFarAs}
              name="rung-other"
              value={to}
              onChange={(r) => (setFault(undefined), setTo(r))}
              options={others.map((r) => ({ value: r as RideStage | '', label: RIDE_HOW[r].title }))}
            />
          </details>
        ) : null}
        {rungs.length > 1 ? <p className="text-[16px]">{say.standsFor(rungs.map((r) => RIDE_HOW[r].title).join('; '))}</p> : null}
        {shut.length > 0 ? (
          <p role="alert" className="border-l-[6px] border-stop bg-stop-tint px-4 py-2 text-[16px]">
            <span className="font-bold text-stop">▲ </span>
            {say.openAsYet(shut.map((c) => checkWords(c).toLowerCase()).join('; '))}
          </p>
        ) : null}
        <Tiles
          legend={say.howItWent}
          name="outcome"
          value={outcome}
          onChange={(o) => (setFault(undefined), setOutcome(o))}
          options={[
            { value: 'passed', label: say.passed },
            { value: 'stopped', label: say.stopped },
          ]}
        />
        {outcome === 'stopped' ? (
          <Tiles
            legend={say.whatEndedIt}
            name="sign"
            value={sign}
            onChange={(s) => (setFault(undefined), setSign(s as StopSign))}
            options={STOP_SIGNS.map((s) => ({ value: s, label: STOP_WORDS[s] }))}
          />
        ) : null}
        <div className="grid grid-cols-2 gap-3">
          {rolls ? <Figure label={say.metres} value={metres} onChange={tell(setMetres)} /> : null}
          <Figure label={say.minutes} value={minutes} onChange={tell(setMinutes)} />
          <TextField label={say.who(rolls)} value={rider} onChange={(e) => setRider(e.target.value)} maxLength={120} autoComplete="off" />
          <Figure label={say.load} value={load} onChange={tell(setLoad)} />
        </div>
        {short.length > 0 && outcome === 'passed' ? (
          <p className="text-[16px]">
            <span className="font-bold text-look">◆ </span>
            {say.tooShortFor(short.map((r) => RIDE_HOW[r].title).join('; '))}
          </p>
        ) : null}
        {rungs.includes('brake stops') ? <BrakeRows ladder={ladder} rows={brakes} onChange={setBrakes} /> : null}
        <TextField
          label={say.howDidItRide}
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder={say.pullsCleanFromStandstill}
          maxLength={1000}
        />
        {rolls ? <LogFile limits={rideLimits(job)} log={log} onLog={setLog} onFault={setFault} onBusy={setBusy} /> : null}
        <Fault text={fault} />
        <Button weight="primary" disabled={busy || shut.length > 0} onClick={done}>
          {say.logThisRide(rolls)}
        </Button>
      </div>
    </Sheet>
  )
}

/** A figure that may be left out; null where what stands there is none. */
const figureOf = (text: string): number | null | undefined => (text.trim() === '' ? undefined : readNumber(text))
function lengths(metres: string, minutes: string): { readonly metres?: number; readonly minutes?: number } {
  const [m, min] = [figureOf(metres), figureOf(minutes)]
  return { ...(typeof m === 'number' ? { metres: m } : {}), ...(typeof min === 'number' ? { minutes: min } : {}) }
}

function Figure({
  label,
  value,
  onChange,
}: {
  readonly label: ReactNode
  readonly value: string
  readonly onChange: (value: string) => void
}) {
  return (
    <TextField
      label={label}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      inputMode="decimal"
      autoComplete="off"
      maxLength={12}
    />
  )
}

/** The file that was chosen, its columns, and what they were taken for. */
interface Columns {
  readonly file: File
  readonly names: readonly string[]
  readonly taken: readonly Taken[]
  readonly assigned: Assigned
}

/** Reads a log by its headers and by what was said of its columns: now, or on this device of such a file before. */
async function readBySaid(read: typeof readRideAside, file: File, limits: RideLimits, said: Assigned | undefined, signal: AbortSignal) {
  const first = await read(file, limits, said ?? {}, signal)
  const names = first.ok ? first.value.names : 'columns' in first.error ? first.error.columns : []
  const known = said ?? columnsOf(names)
  const result = said || Object.keys(known).length === 0 ? first : await read(file, limits, known, signal)
  return { result, names, assigned: known }
}

/** The log of a ride, where there is one: read aside, its columns told and put right. */
function LogFile({
  limits,
  log,
  onLog,
  onFault,
  onBusy,
}: {
  readonly limits: RideLimits
  readonly log: RideLogSummary | null
  readonly onLog: (log: RideLogSummary | null) => void
  readonly onFault: (fault: string | undefined) => void
  readonly onBusy: (busy: boolean) => void
}) {
  const { form, aside } = useJob()
  const [columns, setColumns] = useState<Columns | null>(null)
  const [reading, setReading] = useState<string>()
  const asking = useRef<AbortController>(null)
  useEffect(() => () => asking.current?.abort(), [])
  const take = async (file: File | undefined, said?: Assigned): Promise<void> => {
    if (!file) return
    asking.current?.abort()
    const mine = (asking.current = new AbortController())
    onFault(undefined)
    setReading(say.reading(file.name))
    onBusy(true)
    try {
      const { result, names, assigned } = await readBySaid((await aside()).readRideAside, file, limits, said, mine.signal)
      if (mine.signal.aborted) return
      onLog(result.ok ? result.value.log : null)
      setColumns({ file, names, assigned, taken: result.ok ? result.value.taken : [] })
      if (!result.ok) onFault(say.theFileIsLeft(file.name, rideFaultWords(result.error)))
    } catch {
      if (!mine.signal.aborted) onFault(say.couldNotBeRead(file.name))
    } finally {
      if (!mine.signal.aborted) {
        setReading(undefined)
        onBusy(false)
      }
    }
  }
  return (
    <>
      <div>
        <label className="block text-[15px] font-semibold" htmlFor="ride-log">
          {say.itsLogIfThere}
        </label>
        <p className="text-[14px] text-steel">{say.csvWithAHeader}</p>
        <input
          id="ride-log"
          type="file"
          accept=".csv,.txt,.tsv,.gpx,text/csv,text/plain,application/gpx+xml"
          onChange={(e) => void take(e.target.files?.[0])}
          className="mt-1 min-h-12 w-full rounded-md border-2 border-rule p-2 text-[15px]"
        />
        {reading ? (
          <p role="status" className="mt-1 text-[16px] text-steel">
            {reading}
          </p>
        ) : null}
      </div>
      {log ? (
        <RideLogView log={log} {...(mayWriteAs('ride-added', 4, form) ? { onStops: (stops) => onLog({ ...log, stops }) } : {})} />
      ) : null}
      {columns ? (
        <RideColumns
          key={columns.names.join()}
          names={columns.names}
          taken={columns.taken}
          assigned={columns.assigned}
          onAssign={(assigned) => (keepColumns(columns.names, assigned), void take(columns.file, assigned))}
        />
      ) : null}
    </>
  )
}

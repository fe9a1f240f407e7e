'use client'
import * as say from '../../words/en/screens/prove'
import { useEffect, useRef, useState } from 'react'
import { DEFAULT_LIMITS, type RideLimits, type RideLogSummary, type RideStage, STOP_SIGNS, type StopSign } from '../../core/ride'
import { columnsOf, keepColumns } from '../../client/ride-columns'
import type { Assigned } from '../../formats/ride-log'
import type { Taken } from '../../formats/ride-read'
import { readRideAside } from '../../workers/ride'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { readNumber } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { type JobContext, useJob } from '../shared/context'
import { RIDE_HOW, STOP_WORDS } from '../../words/en/rides'
import { rideFaultWords } from '../../words/en/ride-files'
import { RideColumns } from './ride-columns'
import { RideLogView } from './ride-log-view'

/** The windows that this machine's rides are judged by. */
function rideLimits({ file, settings }: Pick<JobContext, 'file' | 'settings'>): RideLimits {
  const top = file ? settings.topSpeed[file.class] : undefined
  return { ...DEFAULT_LIMITS, ...(top !== undefined ? { topSpeed: top } : {}) }
}

/** The file that was chosen, its columns, and what they were taken for. */
interface Columns {
  readonly file: File
  readonly names: readonly string[]
  readonly taken: readonly Taken[]
  readonly assigned: Assigned
}

/** Reads a log by its headers and by what was said of its columns: now, or on this device of such a file before. */
async function readBySaid(file: File, limits: RideLimits, said: Assigned | undefined, signal: AbortSignal) {
  const first = await readRideAside(file, limits, said ?? {}, signal)
  const names = first.ok ? first.value.names : 'columns' in first.error ? first.error.columns : []
  const known = said ?? columnsOf(names)
  const result = said || Object.keys(known).length === 0 ? first : await readRideAside(file, limits, known, signal)
  return { result, names, assigned: known }
}

/** One ride at a rung of the ladder: how it went, how far, and its log where there is one. */
export function RideSheet({ stage, onClose }: { readonly stage: RideStage; readonly onClose: () => void }) {
  const job = useJob()
  const [outcome, setOutcome] = useState<'passed' | 'stopped'>('passed')
  const [sign, setSign] = useState<StopSign | ''>('')
  const [text, setText] = useState('')
  const [km, setKm] = useState('')
  const [log, setLog] = useState<RideLogSummary | null>(null)
  const [columns, setColumns] = useState<Columns | null>(null)
  const [reading, setReading] = useState<string>()
  const [fault, setFault] = useState<string>()
  const asking = useRef<AbortController>(null)
  useEffect(() => () => asking.current?.abort(), [])
  const take = async (file: File | undefined, said?: Assigned): Promise<void> => {
    if (!file) return
    asking.current?.abort()
    const mine = (asking.current = new AbortController())
    setFault(undefined)
    setReading(say.reading(file.name))
    try {
      const { result, names, assigned } = await readBySaid(file, rideLimits(job), said, mine.signal)
      if (mine.signal.aborted) return
      setLog(result.ok ? result.value.log : null)
      setColumns({ file, names, assigned, taken: result.ok ? result.value.taken : [] })
      if (!result.ok) setFault(say.theFileIsLeft(file.name, rideFaultWords(result.error)))
    } catch {
      if (!mine.signal.aborted) setFault(say.couldNotBeRead(file.name))
    } finally {
      if (!mine.signal.aborted) setReading(undefined)
    }
  }
  const done = (): void => {
    const typed = km.trim() === '' ? undefined : readNumber(km)
    if (typed === null || (typed !== undefined && (typed < 0 || typed > 10_000))) return setFault(say.isNotADistance(km))
    if (outcome === 'stopped' && !sign) return setFault(say.whatEndedItAsk)
    const measured = log?.findings.find((f) => f.id === 'distance')?.value
    const kilometres = typed ?? measured
    job.log('ride-added', {
      stage,
      outcome,
      ...(outcome === 'stopped' && sign ? { sign } : {}),
      ...(text.trim() ? { text: text.trim() } : {}),
      ...(kilometres !== undefined ? { kilometres } : {}),
      ...(log ? { log } : {}),
    })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={RIDE_HOW[stage].title} note={RIDE_HOW[stage].how}>
      <div className="grid gap-4">
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
        <TextField
          label={say.howDidItRide}
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder={say.pullsCleanFromStandstill}
          maxLength={1000}
        />
        <TextField
          label={say.kilometres}
          value={km}
          onChange={(e) => (setFault(undefined), setKm(e.target.value))}
          inputMode="decimal"
          autoComplete="off"
        />
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
        {log ? <RideLogView log={log} /> : null}
        {fault ? (
          <p role="alert" className="text-[16px] font-semibold text-stop">
            ▲ {fault}
          </p>
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
        <Button weight="primary" disabled={reading !== undefined} onClick={done}>
          {say.logThisRide}
        </Button>
      </div>
    </Sheet>
  )
}

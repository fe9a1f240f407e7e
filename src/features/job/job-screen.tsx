'use client'
import * as say from '../../words/en/screens/job'
import dynamic from 'next/dynamic'
import { memo, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react'
import { now as clockNow, surely } from '../../client/clock'
import { useKeys } from '../../client/keys'
import { stayOffline } from '../../client/offline'
import { PhotoFault, takePhoto } from '../../client/photo'
import { useJournal } from '../../client/use-journal'
import { useWakeLock } from '../../client/wake'
import {
  type Entry,
  isKind,
  type KindRules,
  KINDS,
  presentStep,
  type Stage,
  STAGE_RULES,
  stageIndex,
  STAGES,
  type UnknownEntry,
} from '../../core/job'
import type { MachineFile } from '../../core/machine'
import { Boundary } from '../../ui/boundary'
import { useNow } from '../../ui/time'
import { STAGE_LABEL } from '../../words/en/job-state'
import { type JobContext, JobContextProvider, type ScreenSettings, type SheetState } from '../shared/context'
import { JobHead } from './job-head'
import { LinkBar, StateStrip } from './state-strip'
import { useWords } from './use-titles'
import type { LadderProps } from '../run/ladder'
// Used by most of what is loaded later: here once, instead of again in each of them.
import '../../ui/field'

// What is not on the screen at first comes when it is wanted; the service worker keeps it for use without a network.
const Elsewhere = dynamic(() => import('./elsewhere').then((m) => m.Elsewhere))
const RunCard = dynamic(() => import('../run/run-card').then((m) => m.RunCard))
const Ladder = dynamic(() => import('../run/ladder').then((m) => m.Ladder))
const SwapCard = dynamic(() => import('../run/swap-card').then((m) => m.SwapCard))
const GoalCard = dynamic(() => import('../intake/goal-card').then((m) => m.GoalCard))
const Sheets = dynamic(() => import('./sheets').then((m) => m.Sheets))
const IntakePanel = dynamic(() => import('../intake/intake-panel').then((m) => m.IntakePanel))
const FaultPanel = dynamic(() => import('../fault').then((m) => m.FaultPanel))
const FaultCard = dynamic(() => import('../fault').then((m) => m.FaultCard))
const ProvePanel = dynamic(() => import('../prove').then((m) => m.ProvePanel))
const ProveCard = dynamic(() => import('../prove').then((m) => m.ProveCard))
const HandBackPanel = dynamic(() => import('../handback').then((m) => m.HandBackPanel))
const HandBackCard = dynamic(() => import('../handback').then((m) => m.HandBackCard))

export interface JobScreenProps {
  readonly jobId: string
  readonly device: string
  readonly person: { readonly id: string; readonly name: string; readonly role: string; readonly qualified: boolean }
  readonly people: readonly { readonly id: string; readonly name: string; readonly role: string }[]
  readonly entries: readonly (Entry | UnknownEntry)[]
  readonly file: MachineFile | null
  readonly settings: ScreenSettings
  /** The build up to whose forms entries are written. */
  readonly form: number
  readonly instruments: JobContext['instruments']
  readonly pages: JobContext['pages']
}

/** Is it one that undo takes back? Not what needs a lead or a reason, nor a crossing-out itself. */
function mayUndo(kind: string): boolean {
  const rules: KindRules | null = isKind(kind) ? KINDS[kind] : null
  return rules !== null && rules.struckBy === 'writer' && !rules.noUndo
}
const RUN: readonly Stage[] = STAGES.filter((s) => STAGE_RULES[s].run !== null)

function stageFromUrl(): Stage | null {
  const asked = new URLSearchParams(window.location.search).get('stage')?.replaceAll('-', ' ')
  return STAGES.find((s) => s === asked) ?? null
}

/** One job, all its stages: a single client route over the journal, so that stages change and pages reload without a network. */
export function JobScreen(props: JobScreenProps) {
  const { jobId, device, person, people, entries, file, settings, pages } = props
  const { view, journal } = useJournal({ jobId, device, person: person.id, entries, form: props.form })
  const worded = useWords(view.state, file)
  const state = worded ?? view.state
  const now = useNow(5_000, clockNow)
  // Read with every tick of `now`: the two are of one moment.
  const when = useMemo(
    () => (now === 0 ? { earliest: state.lastAt, latest: state.lastAt } : { earliest: Math.min(now, surely()), latest: now }),
    [now, state.lastAt],
  )
  const [asked, setAsked] = useState<Stage | null>(null)
  const [sheet, setSheet] = useState<SheetState | null>(null)
  const [chosen, setChosen] = useState<string | null>(null)
  const [single, setSingle] = useState(true)
  const [photoFault, setPhotoFault] = useState<string>()
  const picker = useRef<HTMLInputElement>(null)
  const photoOf = useRef<{ readonly step?: string; readonly caption?: string; readonly side?: string }>({})
  const stage = asked ?? state.stage
  const mayWork = view.keeps && view.stranger === null && (person.role === 'lead' || person.role === 'mechanic')
  const mayNote = mayWork || (view.keeps && view.stranger === null && person.role === 'front desk')

  useEffect(() => {
    const read = (): void => setAsked(stageFromUrl())
    read()
    setSingle(localStorage.getItem('nailsmith-single-keys') !== 'off')
    window.addEventListener('popstate', read)
    stayOffline(window.location.pathname)
    return () => window.removeEventListener('popstate', read)
  }, [])
  useWakeLock(RUN.includes(stage))

  const show = useCallback((to: Stage): void => {
    setAsked(to)
    setChosen(null)
    window.history.pushState(null, '', `?stage=${to.replaceAll(' ', '-')}`)
  }, [])
  const choose = useCallback((id: string): void => setChosen((before) => (before === id ? null : id)), [])
  const names = useMemo(() => new Map(people.map((p) => [p.id, p.name])), [people])
  const job: JobContext = {
    view,
    state,
    now,
    when,
    file,
    person,
    people,
    mayWork,
    mayNote,
    stage,
    settings,
    form: props.form,
    instruments: props.instruments,
    pages,
    nameOf: (id) => names.get(id) ?? 'somebody',
    log: (kind, body) => void journal.log(kind, body),
    logAll: (items) => void journal.logAll(items),
    show,
    open: setSheet,
    addPhoto: (step, about) => {
      photoOf.current = { ...(step ? { step } : {}), ...about }
      picker.current?.click()
    },
    putAway: (id) => void journal.putAway(id),
    offer: (id) => void journal.offer(id),
    giveBack: () => void journal.giveBack(),
  }

  const limb = stage === 'build up' || stageIndex(stage) > stageIndex('build up') ? 'up' : 'down'
  const present = view.ready ? presentStep(state, limb, when) : null
  // The card answers a tap in the next frame; the run beside it follows in the one after.
  const lateJob = useDeferredValue(job)
  const latePresent = useDeferredValue(present?.id ?? null)
  const picked = chosen === null ? null : ([...state.down, ...state.up].find((s) => s.id === chosen) ?? null)
  const shown = picked ?? present
  // What was chosen by hand gives way to the run once it is settled.
  const chosenDone = picked !== null && state.steps[picked.id]?.status === 'done'
  useEffect(() => {
    if (chosenDone) setChosen((c) => (c === present?.id ? null : c))
  }, [chosenDone, present?.id])

  const mine = mayWork
    ? [...view.entries].reverse().find((e) => e.by === person.id && e.device === device && !state.struck.includes(e.id) && mayUndo(e.kind))
    : undefined
  const crossOutLast = (): void => void (mine && journal.log('struck', { target: mine.id }))
  const pedal = (): void => {
    if (!mayWork || !RUN.includes(stage) || stage === 'swap' || !present || sheet) return
    if (shown && shown.id !== present.id) return
    // It comes with the card that is on the screen then.
    void import('../run/do-step').then(({ doStep, pedalMay, turnNeeded }) => {
      if (turnNeeded(state, present) || pedalMay(present)) doStep(job, present)
    })
  }
  useKeys(
    {
      go: pedal,
      back: crossOutLast,
      l: () => mayNote && setSheet({ kind: 'line', ...(shown ? { step: shown.id } : {}) }),
      r: () => mayWork && setSheet({ kind: 'reading' }),
      p: () => mayNote && job.addPhoto(RUN.includes(stage) ? shown?.id : undefined),
      g: () => setSheet({ kind: 'stages' }),
      '?': () => setSheet({ kind: 'keys' }),
    },
    single,
  )

  const onPhoto = async (files: FileList | null): Promise<void> => {
    const picture = files?.[0]
    if (!picture) return
    setPhotoFault(undefined)
    try {
      const photo = await takePhoto(picture, jobId)
      journal.log('photo-added', { photo, ...photoOf.current, pose: state.pose.id })
    } catch (error) {
      setPhotoFault(error instanceof PhotoFault ? error.message : say.thePhotoCouldNot)
    } finally {
      if (picker.current) picker.current.value = ''
    }
  }

  if (!view.ready || !worded) {
    return (
      <main id="main" className="p-8 text-[19px] text-steel" aria-busy="true">
        {say.openingTheJob}
      </main>
    )
  }
  const elsewhere =
    stage !== state.stage &&
    !(
      RUN.includes(stage) &&
      RUN.includes(state.stage) &&
      stage !== 'swap' &&
      state.stage !== 'swap' &&
      limb === (state.stage === 'build up' ? 'up' : 'down')
    )
  return (
    <JobContextProvider value={job}>
      <main id="main" className="flex flex-col md:h-[calc(100dvh-48px)]">
        <div className="screen-only">
          <JobHead />
          <StateStrip />
          <LinkBar />
          {photoFault ? (
            <p role="alert" className="bg-stop-tint px-4 py-2 text-[16px]">
              <span className="font-bold text-stop">▲ </span>
              {photoFault}
            </p>
          ) : null}
        </div>
        <div className="grid min-h-0 flex-1 md:grid-cols-[minmax(0,1fr)_minmax(400px,35.5%)] print:block">
          <div className="order-2 min-h-0 max-md:border-t max-md:border-rule md:order-1 md:flex md:flex-col [&>*]:min-h-0 [&>*]:flex-1">
            <Boundary of={`“${STAGE_LABEL[stage]}”`}>
              {stage === 'take in' ? (
                <IntakePanel />
              ) : stage === 'find the fault' ? (
                <FaultPanel />
              ) : stage === 'prove' ? (
                <ProvePanel />
              ) : stage === 'hand back' ? (
                <HandBackPanel />
              ) : (
                <LateLadder job={lateJob} limb={limb} present={stage === 'swap' ? null : latePresent} chosen={chosen} onChoose={choose} />
              )}
            </Boundary>
          </div>
          <aside
            aria-label={say.whatToDoNow}
            className="screen-only order-1 flex flex-col overflow-y-auto border-rule contain-content max-md:contain-none bg-paper p-4 pt-3 md:order-2 md:border-l"
          >
            {elsewhere ? <Elsewhere job={job} /> : null}
            <div className="flex-1">
              <Boundary of={say.theCardOf(STAGE_LABEL[stage])}>
                {stage === 'take in' ? (
                  <GoalCard />
                ) : stage === 'find the fault' ? (
                  <FaultCard />
                ) : stage === 'prove' ? (
                  <ProveCard />
                ) : stage === 'hand back' ? (
                  <HandBackCard />
                ) : stage === 'swap' && !picked ? (
                  <SwapCard />
                ) : (
                  <RunCard limb={limb} step={shown} present={shown !== null && shown.id === present?.id} />
                )}
              </Boundary>
            </div>
            <div className="narrow mt-3 flex flex-wrap gap-x-4 border-t border-rule text-[15px]">
              <button type="button" className="min-h-12 underline underline-offset-4" onClick={() => setSheet({ kind: 'journal' })}>
                {say.journal(view.entries.length)}
              </button>
              {mine ? (
                <button type="button" className="min-h-12 underline underline-offset-4" onClick={crossOutLast}>
                  {say.crossOutMyLast}
                </button>
              ) : null}
              {mayWork ? (
                state.parked ? (
                  <button type="button" className="min-h-12 underline underline-offset-4" onClick={() => journal.log('resumed', {})}>
                    {say.takeItUpAgain}
                  </button>
                ) : (
                  <button type="button" className="min-h-12 underline underline-offset-4" onClick={() => setSheet({ kind: 'park' })}>
                    {say.parkIt}
                  </button>
                )
              ) : null}
              {mayWork ? (
                <button type="button" className="min-h-12 underline underline-offset-4" onClick={() => setSheet({ kind: 'hand over' })}>
                  {say.handOver}
                </button>
              ) : null}
              <button
                type="button"
                className="min-h-12 underline underline-offset-4 max-md:hidden"
                onClick={() => setSheet({ kind: 'keys' })}
              >
                {say.keys}
              </button>
            </div>
          </aside>
        </div>
      </main>
      <input
        ref={picker}
        type="file"
        accept="image/*"
        capture="environment"
        aria-label={say.photoFile}
        tabIndex={-1}
        className="sr-only"
        onChange={(e) => void onPhoto(e.target.files)}
      />
      {sheet ? (
        <Boundary of={say.thisSheet}>
          <Sheets
            sheet={sheet}
            onClose={() => setSheet(null)}
            single={single}
            onSingle={(on) => {
              setSingle(on)
              localStorage.setItem('nailsmith-single-keys', on ? 'on' : 'off')
            }}
          />
        </Boundary>
      ) : null}
    </JobContextProvider>
  )
}

/** The run, drawn from its own, possibly one frame older, view of the job. */
const LateLadder = memo(function LateLadder({ job, ...rest }: { readonly job: JobContext } & LadderProps) {
  return (
    <JobContextProvider value={job}>
      <Ladder {...rest} />
    </JobContextProvider>
  )
})

'use client'
import * as say from '../../words/en/screens/job'
import dynamic from 'next/dynamic'
import { useCallback, useEffect, useState } from 'react'
import { stayOffline } from '../../client/offline'
import { useJournal } from '../../client/use-journal'
import { useWakeLock } from '../../client/wake'
import { isKind, type KindRules, KINDS, type Stage, STAGES } from '../../core/job'
import { Boundary } from '../../ui/boundary'
import { STAGE_LABEL } from '../../words/en/job-state'
import { type JobContext, JobContextProvider, type SheetState } from '../shared/context'
import { CardFoot } from './card-foot'
import { FACES } from './faces'
import { JobHead } from './job-head'
import { LinkBar, StateStrip } from './state-strip'
import { useCamera } from './use-camera'
import { type JobScreenProps, useJobContext, useWhen } from './use-job-context'
import { useJobKeys } from './use-job-keys'
import { isRun, limbOf, type RunView, useRunView } from './use-run-view'
import { useWaits } from './use-waits'
import { useShownStage } from './use-shown-stage'
import { useWords } from '../shared/use-words'
// Used by most of what is loaded later: here once, instead of again in each of them.
import '../../ui/field'

// What is not on the screen at first comes when it is wanted; the service worker keeps it for use without a network.
const Elsewhere = dynamic(() => import('./elsewhere').then((m) => m.Elsewhere))
const Sheets = dynamic(() => import('./sheets').then((m) => m.Sheets))

/** Is it one that undo takes back? Not what needs a lead or a reason, nor a crossing-out itself. */
function mayUndo(kind: string): boolean {
  const rules: KindRules | null = isKind(kind) ? KINDS[kind] : null
  return rules !== null && rules.struckBy === 'writer' && !rules.noUndo
}

/** Is another stage on the screen than the one that the job is at? The two ways of the run are one screen each. */
function isElsewhere(shown: Stage, at: Stage): boolean {
  const oneRun = isRun(shown) && isRun(at) && shown !== 'swap' && at !== 'swap' && limbOf(shown) === limbOf(at)
  return shown !== at && !oneRun
}

/** One job, all its stages: a single client route over the journal, so that stages change and pages reload without a network. */
export function JobScreen(props: JobScreenProps) {
  const { jobId, device, person } = props
  const live = useJournal({ jobId, device, person: person.id, entries: props.entries, form: props.form })
  const { view, journal } = live
  const worded = useWords(view.state, props.file)
  const moment = useWhen(view.state.lastAt)
  const { state, waiting, over } = useWaits(worded ?? view.state, moment.now)
  const [sheet, setSheet] = useState<SheetState | null>(null)
  const { stage, show: go, unknown } = useShownStage(state.stage)
  const run = useRunView(state, view.ready, stage, moment.when)
  const camera = useCamera(jobId, (photo, about) => void journal.log('photo-added', { photo, ...about, pose: state.pose.id }))
  const { forget } = run
  const show = useCallback((to: Stage): void => (go(to), forget()), [go, forget])
  const job = useJobContext(props, live, { ...moment, state, waiting, over, stage, show, open: setSheet, addPhoto: camera.addPhoto })
  const mine =
    job.mayWork && !state.handedBack
      ? [...view.entries]
          .reverse()
          .find((e) => e.by === person.id && e.device === device && !state.struck.includes(e.id) && mayUndo(e.kind))
      : undefined
  const crossOutLast = (): void => void (mine && journal.log('struck', { target: mine.id }))
  const keys = useJobKeys(job, run, sheet !== null, crossOutLast)
  useEffect(() => stayOffline(window.location.pathname), [])
  useWakeLock(isRun(stage))
  if (!view.ready || !worded) {
    return (
      <main id="main" className="p-8 text-[19px] text-steel" aria-busy="true">
        {say.openingTheJob}
      </main>
    )
  }
  return (
    <JobContextProvider value={job}>
      <main id="main" className="flex flex-col md:h-[calc(100dvh-48px)]">
        <Top fault={camera.fault ?? (unknown === null ? undefined : say.noSuchStage(unknown.slice(0, 40), STAGES.join(', ')))} />
        <StageArea job={job} run={run} crossOutLast={mine ? () => setSheet({ kind: 'cross out', entry: mine.id }) : null} />
      </main>
      {camera.picker}
      {sheet ? (
        <Boundary of={say.thisSheet}>
          <Sheets sheet={sheet} onClose={() => setSheet(null)} single={keys.single} onSingle={keys.setSingle} />
        </Boundary>
      ) : null}
    </JobContextProvider>
  )
}

/** Which job, is it live, what is loose, and what stands between this device and the server. */
function Top({ fault }: { readonly fault: string | undefined }) {
  return (
    <div className="screen-only">
      <JobHead />
      <StateStrip />
      <LinkBar />
      {fault ? (
        <p role="alert" className="bg-stop-tint px-4 py-2 text-[16px]">
          <span className="font-bold text-stop">▲ </span>
          {fault}
        </p>
      ) : null}
    </div>
  )
}

/** The stage’s part of the screen, and its card beside it. */
function StageArea({
  job,
  run,
  crossOutLast,
}: {
  readonly job: JobContext
  readonly run: RunView
  readonly crossOutLast: (() => void) | null
}) {
  const { stage, state } = job
  const { part, card } = FACES[stage]
  return (
    <div className="grid min-h-0 flex-1 md:grid-cols-[minmax(0,1fr)_minmax(400px,35.5%)] print:block">
      <div className="order-2 min-h-0 max-md:border-t max-md:border-rule md:order-1 md:flex md:flex-col [&>*]:min-h-0 [&>*]:flex-1">
        <Boundary of={`“${STAGE_LABEL[stage]}”`}>{part(run, job)}</Boundary>
      </div>
      <aside
        aria-label={say.whatToDoNow}
        className="screen-only order-1 flex flex-col overflow-y-auto border-rule contain-content max-md:contain-none bg-paper p-4 pt-3 md:order-2 md:border-l"
      >
        {!state.handedBack && isElsewhere(stage, state.stage) ? <Elsewhere job={job} /> : null}
        <div className="flex-1">
          <Boundary of={say.theCardOf(STAGE_LABEL[stage])}>{card(run)}</Boundary>
        </div>
        <CardFoot crossOutLast={crossOutLast} />
      </aside>
    </div>
  )
}

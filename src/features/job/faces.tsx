import { memo, type ReactNode, useDeferredValue } from 'react'
import type { Stage } from '../../core/job'
import { Fault } from '../fault'
import { HandBack } from '../handback'
import { Intake } from '../intake'
import { Prove } from '../prove'
import { type LadderProps, Run } from '../run'
import { type JobContext, JobContextProvider, useJob } from '../shared/context'
import type { RunView } from './use-run-view'

/** What a stage shows: its part of the screen, and its card. */
interface Faces {
  readonly part: (run: RunView, job: JobContext) => ReactNode
  readonly card: (run: RunView) => ReactNode
}

/** The run, drawn from its own, possibly one frame older, view of the job. */
const LateRun = memo(function LateRun({ job, ...rest }: { readonly job: JobContext } & LadderProps) {
  return (
    <JobContextProvider value={job}>
      <Run face="part" {...rest} />
    </JobContextProvider>
  )
})

/** The card answers a tap in the next frame; the run beside it follows in the one after. */
function RunPart({ run, job }: { readonly run: RunView; readonly job: JobContext }) {
  const late = useDeferredValue(job)
  const present = useDeferredValue(run.present?.id ?? null)
  return (
    <LateRun
      job={late}
      limb={run.limb}
      present={job.stage === 'swap' && run.limb === 'down' ? null : present}
      chosen={run.picked?.id ?? null}
      onChoose={run.choose}
    />
  )
}

function StepOrEnd({ run: { limb, present, picked } }: { readonly run: RunView }) {
  const { state } = useJob()
  const step = picked ?? present
  // All is off that had to: what is swapped stands on the card at once.
  if (!step && limb === 'down' && state.swap.length > 0) return <Run face="swap" />
  return <Run face="card" limb={limb} step={step} present={step !== null && step.id === present?.id} />
}

const alongTheRun: Faces = {
  part: (run, job) => <RunPart run={run} job={job} />,
  card: (run) => <StepOrEnd run={run} />,
}

/** Every stage, one line each. */
export const FACES: Readonly<Record<Stage, Faces>> = {
  'take in': { part: () => <Intake face="part" />, card: () => <Intake face="card" /> },
  'find the fault': { part: () => <Fault face="part" />, card: () => <Fault face="card" /> },
  'make safe': alongTheRun,
  'take down': alongTheRun,
  swap: { part: alongTheRun.part, card: (run) => (run.picked || run.limb === 'up' ? <StepOrEnd run={run} /> : <Run face="swap" />) },
  'build up': alongTheRun,
  prove: { part: () => <Prove face="part" />, card: () => <Prove face="card" /> },
  'hand back': { part: () => <HandBack face="part" />, card: () => <HandBack face="card" /> },
}

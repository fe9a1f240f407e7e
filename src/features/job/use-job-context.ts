import { useMemo } from 'react'
import { now as clockNow, surely } from '../../client/clock'
import { carriedTo } from '../../core/job'
import type { useJournal } from '../../client/use-journal'
import type { Entry, Kind, Stage, UnknownEntry } from '../../core/job'
import type { MachineFile } from '../../core/machine'
import { useNow } from '../../ui/time'
import type { JobContext, ScreenSettings } from '../shared/context'
import { loadAside, loadLines, VIEWS } from '../shared/job-later'
import type { Over } from './use-waits'

/** What the server gives a job’s screen. */
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
  readonly earlier: JobContext['earlier']
  readonly past: JobContext['past']
  readonly signFor: JobContext['signFor']
}

/** The time of this moment, and what is sure of it; before the first tick that of the last entry. */
export function useWhen(lastAt: number): Pick<JobContext, 'now' | 'when'> {
  const now = useNow(5_000, clockNow)
  // Read with every tick of `now`: the two are of one moment.
  const when = useMemo(
    () => (now === 0 ? { earliest: lastAt, latest: lastAt } : { earliest: Math.min(now, surely()), latest: now }),
    [now, lastAt],
  )
  return { now, when }
}

/** Kinds that go on with the work: with the first of them it is written down that a wait is over. */
const GOES_ON: ReadonlySet<Kind> = new Set([
  'step-done',
  'step-left',
  'check-passed',
  'proof-taken',
  'fixing-out',
  'fixing-in',
  'part-off',
  'part-on',
])

/** Puts together what the parts of a job’s screen share. */
export function useJobContext(
  props: JobScreenProps,
  { view, journal }: ReturnType<typeof useJournal>,
  {
    over,
    ...here
  }: { readonly stage: Stage; readonly over: readonly Over[] } & Pick<
    JobContext,
    'state' | 'waiting' | 'now' | 'when' | 'show' | 'open' | 'addPhoto'
  >,
): JobContext {
  const { person, people, file, settings, form, instruments, pages, earlier, past, signFor } = props
  const names = useMemo(() => new Map(people.map((p) => [p.id, p.name])), [people])
  const own = view.keeps && view.stranger === null
  const mayWork = own && (person.role === 'lead' || person.role === 'mechanic')
  const logAll: JobContext['logAll'] = (items) => {
    const said = items.some((i) => GOES_ON.has(i.kind)) ? over.map((body) => ({ kind: 'wait-ended' as const, body })) : []
    const to = items.flatMap((i) => carriedTo(here.state, i) ?? [])[0]
    const moved = to === undefined ? [] : [{ kind: 'stage-moved' as const, body: { to } }]
    void journal.logAll([...said, ...moved, ...items])
    if (to !== undefined) here.show(to)
  }
  return {
    ...here,
    view,
    file,
    person,
    people,
    settings,
    form,
    instruments,
    pages,
    earlier,
    past,
    lines: loadLines,
    aside: loadAside,
    views: VIEWS,
    mayWork,
    mayNote: mayWork || (own && person.role === 'front desk'),
    nameOf: (id) => names.get(id) ?? 'somebody',
    signFor,
    logFor: (by, kind, body) => void journal.logAll([{ kind, body }], by),
    log: (kind, body) => logAll([{ kind, body }]),
    logAll,
    putAway: (id) => void journal.putAway(id),
    offer: (id) => void journal.offer(id),
    giveBack: () => void journal.giveBack(),
  }
}

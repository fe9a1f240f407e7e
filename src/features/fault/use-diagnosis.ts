'use client'
import * as say from '../../words/en/screens/fault'
import { useEffect, useMemo, useRef, useState } from 'react'
import {
  accessOf,
  advise,
  type Advice,
  type Belief,
  beliefTrail,
  type Catalogue,
  catalogueFor,
  costOf,
  fittingsOf,
  usualFittings,
  goalOf,
  isKnown,
  type KnownDrive,
  type Leanings,
  leaningsAfter,
  leaningsOf,
  type Reach,
  type Test,
  type TestCost,
  answersIn,
  unexplained,
  type Unknown,
  unknownMachine,
  type Way,
} from '../../core/diagnosis'
import { chargeOf, deadAt } from '../../core/job'
import { type DriveUnit, fileVolts, type Guard } from '../../core/machine'
import type { NextTestQuestion } from '../../workers/diagnosis'
import { timed } from '../../workers/timed'
import type { Distances } from '../../workers/planner'
import { useJob } from '../shared/context'
import { startOf } from '../../core/job'
import { chooseDrive, useChosenDrive } from './chosen-drive'
import { evidenceOf, type Known } from './evidence'
import { type Mended, mendedOn } from './mended'

/** A drive as fault finding needs it; of a machine without a file no more is known. */
export type Drive = Pick<DriveUnit, 'id' | 'name' | 'kind' | 'lineResistance'>

/** The motors of a machine without a file, by what was answered. */
const drivesOf = ({ kind, twins }: Unknown): readonly Drive[] => (twins ? TWO : ONE).map((d) => ({ ...d, kind }))
const ONE = [{ id: 'drive', name: say.theDrive }]
const TWO = [
  { id: 'drive-1', name: say.theFrontDrive },
  { id: 'drive-2', name: say.theRearDrive },
]

export interface Diagnosis {
  readonly catalogue: Catalogue
  readonly drive: Drive
  readonly drives: readonly Drive[]
  /** The same as the machine’s file has it; null where it has none. */
  readonly inFile: DriveUnit | null
  readonly choose: (drive: string) => void
  readonly known: readonly Known[]
  /** How many times as usual each fault is taken to be, by the shop’s own past and by what was mended. */
  readonly leanings: Leanings
  /** What was mended before it was looked at again; null while nothing was. */
  readonly mended: Mended | null
  /** Whole days since this machine left the shop; null where it was not here before. */
  readonly daysSince: number | null
  readonly trail: readonly (readonly Belief[])[]
  readonly now: readonly Belief[]
  readonly advice: Advice
  /** Minutes of each action, by the planner where the file has the job. */
  readonly minutes: Readonly<Record<string, number>>
  readonly skipped: ReadonlySet<string>
  /** Lines of the journal that nothing in the list explains. */
  readonly odd: ReadonlySet<string>
  /** The planner has answered for how the machine stands now; until then minutes are rough, and the advice may change. */
  readonly ready: boolean
}

const DAY = 86_400_000

/** Minutes to a place until the planner has answered. */
const NOT_YET = 20
const REACHES: readonly Reach[] = ['hall', 'phases', 'plugs']

/** Beliefs and advice for one drive of the machine; null where the file has no drive of a kind that is known. */
export function useDiagnosis(): Diagnosis | null {
  const { state, file, now, past } = useJob()
  const fullVolts = (file ? fileVolts(file) : chargeOf(state).volts) ?? 0
  const { variants } = state
  const taken = [...new Set([...state.observations.map((o) => o.test), ...state.readings.flatMap((r) => r.test ?? [])])].sort().join(' ')
  const unknown = useMemo(
    () => (file || fullVolts <= 0 ? null : unknownMachine(answersIn(variants), fullVolts, new Set(taken.split(' ')))),
    [file, variants, fullVolts, taken],
  )
  const drives = useMemo(() => (file ? file.drives.filter((d) => isKnown(d.kind)) : unknown ? drivesOf(unknown) : []), [file, unknown])
  const asked = useChosenDrive(state.jobId)
  // The end that was measured last is the one in question, until another is chosen.
  const last = [...state.observations, ...state.readings]
    .filter((r) => r.drive !== undefined)
    .reduce<{ at: number; drive: string } | null>((a, r) => (!a || r.at > a.at ? { at: r.at, drive: r.drive! } : a), null)
  const drive = drives.find((d) => d.id === (asked ?? last?.drive)) ?? drives[0]
  const catalogue = useMemo(
    () => (file && drive ? catalogueFor(drive, file, new Set(taken.split(' '))) : (unknown?.catalogue ?? null)),
    [file, drive, taken, unknown],
  )
  const daysSince = past.leftAt === null || now === 0 ? null : Math.floor((now - past.leftAt) / DAY)
  const inFile = file?.drives.find((d) => d.id === drive?.id) ?? null
  const far = useDistances(catalogue, inFile ?? undefined)
  const dead = deadAt(state.power, now)
  const live = state.power.state === 'live'
  const found = useMemo(() => {
    if (!catalogue || !drive) return null
    const everything = evidenceOf(state, catalogue, drive.id)
    const mended = mendedOn(state, drive.id)
    const known = mended ? everything.filter((k) => k.mark.at >= mended.since) : everything
    const shop = leaningsOf(catalogue, { called: past.called, near: past.near, used: state.usedAtDoor ?? null, daysSince })
    const own = unknown ? Object.fromEntries(Object.entries(shop).map(([id, x]) => [id, x * (unknown.leanings[id] ?? 1)])) : shop
    const before = mended ? everything.filter((k) => k.mark.at < mended.since).map((k) => k.evidence) : []
    const leanings = mended ? leaningsAfter(catalogue, before, mended.faults, own) : own
    const evidence = known.map((k) => k.evidence)
    const trail = timed('beliefs', () => beliefTrail(catalogue, evidence, leanings))
    const skipped = new Set(state.skipped.filter((s) => s.drive === undefined || s.drive === drive.id).map((s) => s.test))
    const standing = { ...far, isDead: dead, isLive: live }
    const cost = (test: Test): TestCost => costOf(test, standing, (reach) => unknown?.minutes(reach) ?? NOT_YET)
    const minutes = Object.fromEntries(Object.entries(far.jobs).map(([action, job]) => [action, job.minutes]))
    return {
      catalogue,
      drive,
      drives,
      inFile,
      choose: (id: string) => chooseDrive(state.jobId, id),
      known,
      leanings,
      mended,
      daysSince,
      trail,
      now: trail.at(-1)!,
      advice: timed('next test, one step', () => advise(catalogue, evidence, cost, minutes, skipped, { leanings })),
      minutes,
      skipped,
      odd: new Set(unexplained(catalogue, evidence, leanings).map((i) => known[i]!.mark.entry)),
      ready: far.ready,
      question: {
        kind: drive.kind as KnownDrive,
        fullVolts,
        has: unknown?.has ?? (file && inFile ? fittingsOf(inFile, file) : usualFittings(drive.kind)),
        tests: catalogue.tests.map((t) => t.id),
        evidence,
        leanings,
        costs: Object.fromEntries(catalogue.tests.map((t) => [t.id, cost(t)])),
        minutes,
        skip: [...skipped],
      } satisfies NextTestQuestion,
    }
  }, [catalogue, drive, drives, state, far, dead, live, fullVolts, past, daysSince, unknown, inFile, file])
  const deep = useTwoDeep(found?.ready ? found.question : null)
  return useMemo(() => {
    if (!found) return null
    // Lists show the next step alone meanwhile; the card waits, so that nothing changes under a hand.
    return { ...found, advice: deep?.advice ?? found.advice, ready: found.ready && deep !== null }
  }, [found, deep])
}

/** A worker that has not answered by then is not waited for any longer, ms. */
const PATIENCE = 1500

/**
 * The same with what would follow each of the best tests, from a worker; null until it has answered for what is known now. Where it does
 * not answer, one step has to do.
 */
function useTwoDeep(question: NextTestQuestion | null): { readonly advice: Advice | null } | null {
  const { aside } = useJob()
  const key = question ? JSON.stringify(question) : null
  const [answered, setAnswered] = useState<{ readonly of: string; readonly advice: Advice | null } | null>(null)
  useEffect(() => {
    if (key === null) return
    const asking = new AbortController()
    const without = (): void => {
      if (!asking.signal.aborted) setAnswered((before) => (before?.of === key ? before : { of: key, advice: null }))
    }
    const late = setTimeout(without, PATIENCE)
    aside()
      .then((w) => w.nextTestAside(JSON.parse(key) as NextTestQuestion, asking.signal))
      .then((advice) => {
        if (!asking.signal.aborted) setAnswered((before) => (before?.of === key ? before : { of: key, advice }))
      }, without)
    return () => {
      clearTimeout(late)
      asking.abort()
    }
  }, [key, aside])
  return answered && answered.of === key ? answered : null
}

interface Far {
  readonly reach: { readonly [K in Reach]?: Way }
  readonly dead?: Way
  readonly jobs: Readonly<Record<string, Way>>
  readonly ready: boolean
}

/** What the planner says of the ways in and of the whole jobs, asked anew when the machine stands differently. */
function useDistances(catalogue: Catalogue | null, drive: DriveUnit | undefined): Far {
  const { state, file, aside } = useJob()
  const [far, setFar] = useState<Omit<Far, 'ready'> & { readonly of: string | null }>({ reach: {}, jobs: {}, of: null })
  const latest = useRef(state)
  useEffect(() => {
    latest.current = state
  })
  const stands = file ? JSON.stringify([startOf(state, file), state.variants]) : ''
  useEffect(() => {
    if (!file || !drive || !catalogue) return
    const asking = new AbortController()
    const asked = `${drive.id} ${stands}`
    const places = REACHES.flatMap((r): { readonly reach: Reach; readonly guard: Guard }[] => {
      const guard = accessOf(file, drive, r)
      return guard ? [{ reach: r, guard }] : []
    })
    const jobs = catalogue.actions.flatMap((a) => {
      const goal = goalOf(file, drive, a.goal)
      return goal === null ? [] : [{ action: a.id, goal }]
    })
    const { variants } = latest.current
    const asks = (p: Awaited<ReturnType<typeof aside>>): Promise<Distances> =>
      p.distancesAside(
        file,
        startOf(latest.current, file),
        places.map((place) => place.guard),
        jobs.map((j) => j.goal),
        { variants },
        asking.signal,
      )
    aside()
      .then(asks)
      .then(
        (d: Distances) => {
          if (asking.signal.aborted) return
          const some = (list: readonly (Way | null)[], name: (i: number) => string): Record<string, Way> =>
            Object.fromEntries(list.flatMap((way, i) => (way === null ? [] : [[name(i), way]])))
          setFar({
            reach: some(d.reach, (i) => places[i]!.reach),
            jobs: some(d.jobs, (i) => jobs[i]!.action),
            ...(d.dead ? { dead: d.dead } : {}),
            of: asked,
          })
        },
        () => asking.signal.aborted || setFar((before) => ({ ...before, of: asked })),
      )
    return () => asking.abort()
  }, [file, drive, catalogue, stands, aside])
  return useMemo(() => ({ ...far, ready: !file || !drive || far.of === `${drive.id} ${stands}` }), [far, file, drive, stands])
}

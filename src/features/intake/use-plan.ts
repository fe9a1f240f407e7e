'use client'
import * as say from '../../words/en/screens/intake'
import { useEffect, useRef, useState } from 'react'
import { startOf } from '../../core/job'
import type { MachineFile, Tray, Variants } from '../../core/machine'
import type { Plan, PlanOptions, ToolWorth } from '../../core/planning'
import { useJob } from '../shared/context'

/** What is asked of the planner. The first of the goals is the one that the rest go along with; none, and nothing is planned. */
export interface Asking {
  readonly goals: readonly string[]
  /** Answers to the questions of the machine. */
  readonly variants: Variants
  readonly lacking: ReadonlySet<string>
  readonly avoid: readonly string[]
  readonly upOrder: Plan['upOrder']
}

export interface Planned {
  readonly goals: readonly string[]
  readonly plan: Plan
  readonly options: PlanOptions
  /** What it answers, as text: it may be adopted only while that is what is chosen. */
  readonly asked: string
}

/**
 * The plan for what is chosen, from where the job stands now, and then what each of its tools is worth. While it is made anew the last one
 * for the same job stays to be read; `ready` says that it is the answer to what is chosen.
 */
export function usePlan(file: MachineFile, { goals, variants: answered, lacking, avoid, upOrder }: Asking) {
  const { state, settings, aside } = useJob()
  const [made, setMade] = useState<Planned | null>(null)
  const [failed, setFailed] = useState<{ readonly asked: string; readonly words: string } | null>(null)
  const [worths, setWorths] = useState<{ readonly of: Planned; readonly list: readonly ToolWorth[] } | null>(null)
  const [share, setShare] = useState(0)
  const latest = useRef(state)
  useEffect(() => {
    latest.current = state
  })
  // As text, so that only what is asked starts planning, not each entry of the journal.
  const asked = JSON.stringify([goals, answered, [...lacking], avoid, upOrder, settings.tray])
  useEffect(() => {
    const [wanted, variants, gone, ways, order, tray] = JSON.parse(asked) as [
      string[],
      Record<string, string>,
      string[],
      string[],
      Plan['upOrder'],
      Tray,
    ]
    if (wanted.length === 0) return
    const asking = new AbortController()
    const options: PlanOptions = {
      variants,
      toolsOwned: file.tools.filter((t) => !gone.includes(t.name)).map((t) => t.id),
      avoid: ways,
      upOrder: order,
      tray,
    }
    aside()
      .then((p) => p.planAside(file, startOf(latest.current, file), wanted, options, setShare, asking.signal))
      .then(
        async (result) => {
          const words = result.ok ? '' : (await import('../../words/en/plan-errors')).whyNot(result.error, file)
          if (asking.signal.aborted) return
          setShare(0)
          if (result.ok) setMade({ goals: wanted, plan: result.value, options, asked })
          else setFailed({ asked, words })
        },
        () => asking.signal.aborted || setFailed({ asked, words: say.thePlannerStoppedChoose }),
      )
    return () => asking.abort()
  }, [file, asked, aside])
  useEffect(() => {
    if (!made) return
    const asking = new AbortController()
    aside()
      .then((p) => p.worthsAside(file, startOf(latest.current, file), made.goals, made.options, made.plan, asking.signal))
      .then(
        (list) => asking.signal.aborted || setWorths({ of: made, list }),
        () => undefined,
      )
    return () => asking.abort()
  }, [file, made, aside])
  const fault = failed?.asked === asked && made?.asked !== asked ? failed.words : undefined
  const planned = made && !fault && made.goals[0] === goals[0] ? made : null
  return {
    planned,
    fault,
    share,
    ready: planned?.asked === asked,
    worths: worths && worths.of === planned && planned.asked === asked ? worths.list : null,
  }
}

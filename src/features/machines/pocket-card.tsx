'use client'
import * as say from '../../words/en/screens/machines'
import { useEffect, useRef, useState } from 'react'
import type { Goal, MachineFile } from '../../core/machine'
import type { Plan, PlannedStep } from '../../core/planning'
import { kitAside } from '../../workers/planner'
import { Button, buttonClass } from '../../ui/button'
import { CAUTION_IDS, type CautionId } from '../../core/cautions'
import { cautionOf } from '../../words/en/cautions'
import { whyNot } from '../../words/en/plan-errors'

type Found = { readonly plan: Plan } | { readonly fault: string } | { readonly tried: number; readonly of: number }

/** One printed side for the road: the smallest kit, and the way that gets by with it. */
export function PocketCard({
  file,
  goal,
  variants,
  onClose,
}: {
  readonly file: MachineFile
  readonly goal: Goal
  readonly variants: Readonly<Record<string, string>>
  readonly onClose: () => void
}) {
  const [found, setFound] = useState<Found>({ tried: 0, of: 0 })
  useEffect(() => {
    const asking = new AbortController()
    kitAside(file, goal.id, { variants }, (tried, of) => asking.signal.aborted || setFound({ tried, of }), asking.signal).then(
      (r) => asking.signal.aborted || setFound(r.ok ? { plan: r.value } : { fault: whyNot(r.error, file) }),
      () => asking.signal.aborted || setFound({ fault: say.thePlannerStoppedAsk }),
    )
    return () => asking.abort()
  }, [file, goal, variants])
  // It covers the page: the focus comes here, Escape leaves, and the focus goes back to what opened it.
  const shut = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    const opener = document.activeElement
    shut.current?.focus()
    return () => void setTimeout(() => opener instanceof HTMLElement && opener.focus())
  }, [])
  return (
    <div
      onKeyDown={(e) => e.key === 'Escape' && onClose()}
      className="fixed inset-0 z-20 overflow-y-auto bg-paper p-5 text-ink print:static print:overflow-visible print:bg-white print:p-0 print:text-black"
      role="dialog"
      aria-modal="true"
      aria-label={say.pocketCard}
    >
      <div className="mx-auto max-w-[820px]">
        <div className="screen-only flex justify-between gap-3 pb-3">
          <button ref={shut} type="button" className={buttonClass('quiet')} onClick={onClose}>
            {say.close}
          </button>
          {'plan' in found ? <Button onClick={() => window.print()}>{say.printIt}</Button> : null}
        </div>
        {'fault' in found ? (
          <p role="alert" className="border-l-[6px] border-stop bg-stop-tint px-4 py-2 text-[16.5px]">
            ▲ {found.fault}
          </p>
        ) : 'tried' in found ? (
          <p role="status" className="text-[17px] text-steel">
            {say.leavingTools(found.of, found.tried + 1)}
          </p>
        ) : (
          <Card file={file} goal={goal} plan={found.plan} variants={variants} />
        )}
      </div>
    </div>
  )
}

function Card({
  file,
  goal,
  plan,
  variants,
}: {
  readonly file: MachineFile
  readonly goal: Goal
  readonly plan: Plan
  readonly variants: Readonly<Record<string, string>>
}) {
  const { top, at } = toldWhere([...plan.down.steps, ...plan.up.steps])
  const wrenches = new Set(file.tools.filter((t) => t.kind.startsWith('torque')).map((t) => t.id))
  const answered = file.variants.flatMap((v) =>
    v.options.filter((o) => o.id === (variants[v.id] ?? v.worst)).map((o) => `${v.question} ${o.label}`),
  )
  return (
    <article className="text-[13.5px] leading-snug print:text-[8.3pt]">
      <h2 className="title text-[24px] print:text-[15pt]">
        {file.name} · {goal.name}
      </h2>
      <p className="text-steel print:text-black">
        {say.revisionIs(file.revision)}
        {answered.map((text) => ` · ${text}`)} {say.minutesWithThisKit(plan.down.minutes.handsOn + plan.up.minutes.handsOn)}
      </p>
      <section className="mt-2 border-y-2 border-ink py-1.5">
        <h3 className="narrow font-semibold">{say.inThePocket}</h3>
        <p>{[...pocket(file, plan), ...plan.consumables.map((c) => `${c.count} × ${c.name}`)].map((name) => `☐ ${name}`).join('   ')}</p>
      </section>
      {top.length > 0 ? (
        <ul className="mt-1.5">
          {top.map((id) => (
            <li key={id} className="font-semibold">
              ▲ {cautionOf(id).text}
            </li>
          ))}
        </ul>
      ) : null}
      <div className="mt-2 grid grid-cols-2 gap-x-5 max-sm:grid-cols-1 print:grid-cols-2">
        <Limb name={say.downLimb} steps={plan.down.steps} wrenches={wrenches} told={at} />
        <Limb name={say.upLimb} steps={plan.up.steps} wrenches={wrenches} told={at} />
      </div>
      <p className="mt-1 text-steel print:text-black">{say.whatWentHandTight}</p>
    </article>
  )
}

/** Cautions that stand on top of the card. */
const ON_TOP = 3

/** Where each stop caution is told: the gravest on top, the others once, at the first step that has it. */
function toldWhere(steps: readonly PlannedStep[]): {
  readonly top: readonly CautionId[]
  readonly at: ReadonlyMap<string, readonly string[]>
} {
  const all = new Set(steps.flatMap((s) => s.cautions))
  const stops = CAUTION_IDS.filter((id) => all.has(id) && cautionOf(id).level === 'stop')
  const top = stops.slice(0, ON_TOP)
  const told = new Set<string>(top)
  const at = new Map<string, readonly string[]>()
  for (const s of steps) {
    const own = stops.filter((id) => s.cautions.includes(id) && !told.has(id))
    own.forEach((id) => told.add(id))
    if (own.length > 0) at.set(s.id, own)
  }
  return { top, at }
}

/** Keys and bits that one multi-tool has, as one thing; the rest by name. */
function pocket(file: MachineFile, plan: Plan): string[] {
  const kinds = new Map(file.tools.map((t) => [t.id, t]))
  const inOne = plan.tools.filter((t) => !t.special && ['hex key', 'six-lobe', 'cross'].includes(kinds.get(t.id)?.kind ?? '') && !t.form)
  const rest = plan.tools.filter((t) => !inOne.includes(t)).map((t) => t.name)
  return [
    ...(inOne.length > 1 ? [say.multiToolWith(inOne.map((t) => kinds.get(t.id)!.short).join(', '))] : inOne.map((t) => t.name)),
    ...rest,
  ]
}

function Limb({
  name,
  steps,
  wrenches,
  told,
}: {
  readonly name: string
  readonly steps: readonly PlannedStep[]
  readonly wrenches: ReadonlySet<string>
  readonly told: ReadonlyMap<string, readonly string[]>
}) {
  return (
    <section>
      <h3 className="narrow font-semibold">{name}</h3>
      <ol>
        {steps.map((s, i) => (
          <li key={s.id} className="flex gap-1.5">
            <span className="w-5 shrink-0 text-right">{i + 1}</span>
            <span>
              {s.turn ? <em>{say.twoPeople(s.turn.title, s.turn.people)} </em> : null}
              {s.check ? '◆ ' : ''}
              {s.title}
              {s.torque && s.limb === 'up' ? say.tightness(s.torque.value, s.tool !== undefined && wrenches.has(s.tool.id)) : null}
              {s.tool ? ` [${s.tool.short}]` : ''}
              {s.note ? <span className="text-steel print:text-black"> {s.note}</span> : null}
              {told.get(s.id)?.map((id) => (
                <span key={id}> ▲ {cautionOf(id).text}</span>
              ))}
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}

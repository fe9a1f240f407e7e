'use client'
import * as say from '../../words/en/screens/machines'
import dynamic from 'next/dynamic'
import { type ReactNode, useEffect, useState } from 'react'
import { answersBeside, fullChargeVolts, goalsOf, type Guard, type MachineFile, subjectOf } from '../../core/machine'
import type { Plan } from '../../core/planning'
import { lookAside, type MachineLook, planAside } from '../../workers/planner'
import { Button } from '../../ui/button'
import { Tiles } from '../../ui/field'
import { whyNot } from '../../words/en/plan-errors'
import { Conversions } from './conversions'
import { Leads } from './leads'

const PocketCard = dynamic(() => import('./pocket-card').then((m) => m.PocketCard))

/** What is asked about: a job, or getting at one thing. */
type Asked =
  | { readonly name: string; readonly key: string; readonly goal: string }
  | { readonly name: string; readonly key: string; readonly guard: Guard }

/** A machine as layers from the outside in; what a job takes, or what is in the way of one thing, lit up. Read only. */
export function MachineView({
  file,
  revisions,
  children,
}: {
  readonly file: MachineFile
  /** What else is known of it, under its leads. */
  readonly children?: ReactNode
  readonly revisions: readonly { readonly revision: string; readonly jobs: number }[]
}) {
  const [variants, setVariants] = useState<Readonly<Record<string, string>>>({})
  const [asked, setAsked] = useState<Asked | null>(null)
  const { layers, stays, faults } = useLook(file, variants)
  const [card, setCard] = useState<string | null>(null)
  const answer = useAnswer(file, asked, variants)
  const lit = new Set(answer?.plan?.down.steps.flatMap((s) => [subjectOf(s.action), ...s.parts.map((p) => p.id)]) ?? [])
  const name = new Map([...file.parts, ...file.joints, ...file.connections].map((x) => [x.id, x.name]))
  const members = new Map(file.joints.map((j) => [j.id, j.members.length]))
  const chip = (id: string, kind: 'part' | 'fixing' | 'plug') => {
    const fact: Guard = kind === 'plug' ? { fact: 'unplugged', of: id } : { fact: 'off', of: id }
    const mine = asked?.key === id
    return (
      <button
        key={`${kind} ${id}`}
        type="button"
        aria-pressed={mine}
        onClick={() => setAsked(mine ? null : { name: name.get(id)!, key: id, guard: fact })}
        className={`narrow min-h-12 rounded-full px-3 text-[15.5px] ${kind === 'part' ? 'border-2 font-semibold' : kind === 'plug' ? 'border-2 border-dashed' : 'border'} ${mine ? 'border-copper bg-copper text-on-copper' : lit.has(id) ? 'border-copper bg-copper-tint' : 'border-steel bg-paper'}`}
      >
        {kind === 'plug' ? '⌁ ' : ''}
        {name.get(id)}
        {kind === 'fixing' && members.get(id)! > 1 ? ` ×${members.get(id)}` : ''}
      </button>
    )
  }
  return (
    <>
      <main id="main" className="grid md:grid-cols-[minmax(0,1fr)_400px] print:hidden" inert={card !== null}>
        <div className="px-5 pb-10">
          <p className="pt-4 text-[15px] text-steel">
            {say.revision(file.class, file.revision)}
            {file.mass ? say.weighs(file.mass.value) : null}
            {file.pack ? say.voltsFull(fullChargeVolts(file.pack)) : null}
          </p>
          <h1 className="title text-[28px]">{say.fromTheOutsideIn(file.name)}</h1>
          {faults.length > 0 ? (
            <div role="alert" className="mt-2 border-l-[6px] border-stop bg-stop-tint px-4 py-2 text-[16px]">
              <p className="font-semibold">
                <span className="text-stop">▲ </span>
                {say.faultInTheFile(faults.length)}
              </p>
              <ul>
                {faults.slice(0, 6).map((f) => (
                  <li key={f.at + f.value}>
                    {f.at}: “{f.value}” {f.kind}
                  </li>
                ))}
              </ul>
            </div>
          ) : null}
          <div className="mt-3 grid gap-3">
            <Tiles
              legend={say.aJob}
              name="goal"
              value={asked && 'goal' in asked ? asked.goal : ''}
              onChange={(id) => {
                const goal = file.goals.find((g) => g.id === id)!
                setAsked({ name: goal.name, key: id, goal: id })
                setVariants({ ...variants, ...answersBeside(file, goal, variants) })
              }}
              options={goalsOf(file, variants).map((g) => ({ value: g.id, label: g.name }))}
            />
            {file.variants.map((v) => (
              <Tiles
                key={v.id}
                legend={v.question}
                name={v.id}
                value={variants[v.id] ?? ''}
                onChange={(option) => setVariants({ ...variants, [v.id]: option })}
                options={v.options.map((o) => ({
                  value: o.id,
                  label: o.label,
                  ...(variants[v.id] === undefined && o.id === v.worst ? { hint: say.takenUntilAnswered } : {}),
                }))}
              />
            ))}
          </div>
          <ol className="mt-4 grid gap-2">
            {layers.map((layer, i) => (
              <li
                key={i}
                className="flex flex-wrap items-center gap-1.5 border-l-4 border-rule py-1 pl-3"
                style={{ marginLeft: `${Math.min(i, 10) * 14}px` }}
              >
                <span className="narrow w-full text-[13.5px] text-steel">{i === 0 ? say.outermost : say.layer(i + 1)}</span>
                {layer.parts.map((id) => chip(id, 'part'))}
                {layer.joints.map((id) => chip(id, 'fixing'))}
                {layer.connections.map((id) => chip(id, 'plug'))}
              </li>
            ))}
          </ol>
          {layers.length === 0 ? (
            <p role="status" className="mt-4 text-[17px] text-steel">
              {say.takingItApart}
            </p>
          ) : (
            <p className="mt-3 text-[15.5px] text-steel">{say.stays(stays.map((id) => name.get(id)).join(', ') || 'nothing')}</p>
          )}
          <p className="text-[15.5px] text-steel">
            {revisions.length > 1 ? say.revisions : say.revisionLead}
            {revisions.map((r, i) => (
              <span key={r.revision}>
                {i > 0 ? ', ' : ''}
                <a
                  className="inline-flex min-h-11 items-center underline underline-offset-4"
                  href={`/api/machines/${encodeURIComponent(file.id)}?revision=${encodeURIComponent(r.revision)}`}
                >
                  {r.revision}
                </a>{' '}
                {say.job(r.jobs)}
              </span>
            ))}
            {say.tapOneToSave}
          </p>
          {file.sealed.length > 0 ? (
            <p className="text-[15.5px]">
              <span className="font-bold text-look">◆ </span>
              {say.sealed(file.sealed.map((s) => say.itComesNewAs(name.get(s.part), s.why, s.replacedBy)).join(' '))}
            </p>
          ) : null}
          <Leads file={file} />
          {file.widths ? <Conversions sets={file.widths} /> : null}
          {children}
        </div>
        <aside
          aria-label={say.what}
          tabIndex={0}
          className="border-l border-rule bg-paper p-4 max-md:border-l-0 max-md:border-t md:sticky md:top-0 md:max-h-dvh md:self-start md:overflow-y-auto"
        >
          {asked && answer ? (
            <Way asked={asked} answer={answer} onCard={setCard} />
          ) : (
            <>
              <h2 className="title text-[24px]">{say.whatIsInTheWay}</h2>
              <p className="mt-2 text-[17px]">{say.tapAPart}</p>
              <p className="mt-3 text-[15.5px] text-steel">{say.heavyOutlineAPart}</p>
            </>
          )}
        </aside>
      </main>
      {card ? (
        <PocketCard file={file} goal={file.goals.find((g) => g.id === card)!} variants={variants} onClose={() => setCard(null)} />
      ) : null}
    </>
  )
}

/** How long a way is, for the words. */
const size = (limb: Plan['down']) => ({ steps: limb.steps.length, handsOn: limb.minutes.handsOn })

function Way({ asked, answer, onCard }: { readonly asked: Asked; readonly answer: Answer; readonly onCard: (goal: string) => void }) {
  const { plan, fault } = answer
  return (
    <>
      <p className="text-[15px] text-steel">{'goal' in asked ? say.theJob : say.inTheWayOf}</p>
      <h2 className="title text-[24px]">{asked.name}</h2>
      {!plan && !fault ? (
        <p role="status" className="mt-2 text-[17px] text-steel">
          {say.workingOutTheWay(answer.share)}
        </p>
      ) : null}
      {fault ? (
        <p role="alert" className="mt-2 border-l-[6px] border-stop bg-stop-tint px-4 py-2 text-[16.5px]">
          ▲ {fault}
        </p>
      ) : null}
      {plan ? (
        <>
          <p className="mt-1 text-[16.5px]">
            {say.wayIs(size(plan.down), 'goal' in asked ? size(plan.up) : null, plan.down.proved ? null : plan.down.gap)}
          </p>
          {'goal' in asked ? (
            <Button className="mt-2 w-full" onClick={() => onCard(asked.goal)}>
              {say.pocketCardForTheRoad}
            </Button>
          ) : null}
          <ol className="mt-2 grid gap-0.5">
            {plan.down.steps.map((s, i) => (
              <li key={s.id} className="flex items-baseline gap-2 border-t border-rule py-1.5 text-[16.5px]">
                <span className="narrow w-6 shrink-0 text-right text-steel">{i + 1}</span>
                <span className="flex-1">
                  {s.turn ? <span className="block text-[14.5px] text-pose">◩ {s.turn.title}</span> : null}
                  {s.check ? '◆ ' : ''}
                  {s.title}
                </span>
                {s.tool ? <span className="narrow shrink-0 rounded-sm border border-steel px-1.5 text-[13px]">{s.tool.short}</span> : null}
              </li>
            ))}
          </ol>
          {plan.down.steps.length === 0 ? <p className="mt-2 text-[17px]">{say.nothing}</p> : null}
        </>
      ) : null}
    </>
  )
}

interface Answer {
  readonly share?: number
  readonly plan?: Plan
  readonly fault?: string
}

const NOT_YET: MachineLook = { layers: [], stays: [], faults: [] }

/** The layers, worked out off the main thread; the last ones stand until the new ones come. */
function useLook(file: MachineFile, variants: Readonly<Record<string, string>>): MachineLook {
  const [look, setLook] = useState(NOT_YET)
  useEffect(() => {
    const asking = new AbortController()
    lookAside(file, variants, asking.signal).then(
      (l) => asking.signal.aborted || setLook(l),
      () => undefined,
    )
    return () => asking.abort()
  }, [file, variants])
  return look
}

/** Asks the planner, off the main thread; leaving the question cancels it. */
function useAnswer(file: MachineFile, asked: Asked | null, variants: Readonly<Record<string, string>>): Answer | null {
  const [known, setKnown] = useState<{ readonly of: string } & Answer>({ of: '' })
  const key = asked ? `${asked.key} ${JSON.stringify(variants)}` : ''
  useEffect(() => {
    if (!asked) return
    const asking = new AbortController()
    const goal = 'goal' in asked ? asked.goal : 'in-the-way'
    const with_: MachineFile =
      'goal' in asked ? file : { ...file, goals: [...file.goals, { id: goal, name: asked.name, guard: asked.guard }] }
    planAside(
      with_,
      'untouched',
      [goal],
      { variants },
      (share) => asking.signal.aborted || setKnown({ of: key, share }),
      asking.signal,
    ).then(
      (result) =>
        asking.signal.aborted || setKnown(result.ok ? { of: key, plan: result.value } : { of: key, fault: whyNot(result.error, file) }),
      () => asking.signal.aborted || setKnown({ of: key, fault: say.thePlannerStoppedTap }),
    )
    return () => asking.abort()
  }, [file, asked, variants, key])
  if (!asked) return null
  return known.of === key ? known : {}
}

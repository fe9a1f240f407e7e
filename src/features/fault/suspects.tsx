'use client'
import { BELIEF_NAMES } from '../../words/en/names'
import * as say from '../../words/en/screens/fault'
import { useState } from 'react'
import { beliefWord, NONE, speaks } from '../../core/diagnosis'
import type { Diagnosis } from './use-diagnosis'
import { actionOf, faultName, percent } from '../../words/en/suspects'

/** Drawn one by one down to this share; the rest is one line. */
const SHOWN = 0.02
const MOST = 7

/** The suspects, the likeliest first: a bar, a word with its figure, the remedy and its minutes. Opened, what each reading did to it. */
export function Suspects({ diagnosis }: { readonly diagnosis: Diagnosis }) {
  const { now, catalogue, minutes } = diagnosis
  const [open, setOpen] = useState<string>()
  const listed = now.filter((b) => b.fault === NONE || b.p >= SHOWN).sort((a, b) => b.p - a.p)
  const shown = listed.filter((b, i) => i < MOST || b.fault === NONE)
  const rest = 1 - shown.reduce((s, b) => s + b.p, 0)
  const most = Math.max(...now.map((b) => b.p))
  return (
    <ul aria-label={say.suspects}>
      {shown.map((b) => {
        const action = actionOf(catalogue, b.fault)
        const word = beliefWord(b.p)
        return (
          <li key={b.fault} className="border-t border-rule">
            <button
              type="button"
              aria-expanded={open === b.fault}
              onClick={() => setOpen(open === b.fault ? undefined : b.fault)}
              className="grid min-h-12 w-full grid-cols-[minmax(150px,30%)_minmax(0,1fr)_minmax(150px,27%)] items-center gap-3 py-1 text-left max-md:grid-cols-1 max-md:gap-0"
            >
              <span className="narrow text-[16.5px] font-semibold leading-tight">{faultName(catalogue, b.fault)}</span>
              <span className="flex items-center gap-2">
                <span
                  className={`h-5 rounded-sm ${word === 'unlikely' ? 'bg-steel' : 'bg-copper'}`}
                  style={{ width: `${Math.max(1.5, (54 * b.p) / most)}%` }}
                />
                <span className="whitespace-nowrap text-[15.5px]">
                  <strong className="narrow">{BELIEF_NAMES[word]}</strong> <span className="tabular-nums text-steel">{percent(b.p)}</span>
                </span>
              </span>
              <span className="text-[14.5px] leading-tight text-steel">
                {action ? (
                  <>
                    {action.name}{' '}
                    <span className="whitespace-nowrap">
                      {say.minutesOf(minutes[action.id] ?? action.minutes, minutes[action.id] === undefined)}
                    </span>
                  </>
                ) : (
                  say.lookFurther
                )}
              </span>
            </button>
            {open === b.fault ? <Why fault={b.fault} diagnosis={diagnosis} /> : null}
          </li>
        )
      })}
      <li className="border-t border-rule py-2 text-[15px] text-steel">{say.others(rest, percent(rest))}</li>
    </ul>
  )
}

/** Readings that are named for and against a suspect, and beside a rival. */
const NAMED = 2
const BESIDE = 4
/** Nearer to 1 than this a reading says nothing, and does not tell two apart. */
const SAYS = 1.15
const TELLS = 1.3

/** What speaks most for a suspect and most against it; and what tells it from the likeliest other one. */
function Why({ fault, diagnosis }: { readonly fault: string; readonly diagnosis: Diagnosis }) {
  const { catalogue, known, now, leanings } = diagnosis
  const evidence = known.map((k) => k.evidence)
  const rival = now.reduce<(typeof now)[number] | null>(
    (a, b) => (b.fault !== fault && b.fault !== NONE && (!a || b.p > a.p) ? b : a),
    null,
  )
  if (known.length === 0) return <p className="pb-2 text-[15px] text-steel">{say.nothingKnownYetOnly}</p>
  const own = speaks(catalogue, evidence, fault, null, leanings)
  const beside = rival
    ? speaks(catalogue, evidence, fault, rival.fault, leanings).filter((s) => Math.abs(Math.log(s.times)) > Math.log(TELLS))
    : []
  const pro = own.filter((s) => s.times > SAYS).slice(0, NAMED)
  const against = own.filter((s) => s.times < 1 / SAYS).slice(0, NAMED)
  const other = rival ? faultName(catalogue, rival.fault) : ''
  return (
    <div className="grid gap-x-6 gap-y-1 pb-3 text-[15px] sm:grid-cols-2">
      <ul className="grid content-start gap-0.5">
        {pro.map(({ at, times }) => (
          <li key={at}>
            <span className="text-copper">{say.forWord}</span> · {known[at]!.label}: {say.likelier(times)}
          </li>
        ))}
        {against.map(({ at, times }) => (
          <li key={at}>
            <span className="text-pose">{say.against}</span> · {known[at]!.label}: {say.likelier(times)}
          </li>
        ))}
        {pro.length + against.length === 0 ? <li className="text-steel">{say.nothingSpeaks}</li> : null}
      </ul>
      {rival ? (
        <div>
          <p className="font-semibold">{say.beside(other)}</p>
          <ul>
            {beside.slice(0, BESIDE).map(({ at, times }) => (
              <li key={at} className="grid grid-cols-[minmax(0,1fr)_92px] items-center gap-2">
                <span>{known[at]!.label}</span>
                <Tug times={times} />
              </li>
            ))}
            {beside.length === 0 ? <li className="text-steel">{say.nothingTells}</li> : null}
          </ul>
        </div>
      ) : null}
    </div>
  )
}

/** To which of two a reading pulls, and how hard: to the left the one that is looked at. */
function Tug({ times }: { readonly times: number }) {
  const pull = Math.sign(Math.log(times)) * Math.max(0.08, Math.min(1, Math.abs(Math.log(times)) / Math.log(100)))
  return (
    <span className="flex items-center gap-1" role="img" aria-label={times > 1 ? say.pullsHere(times) : say.pullsThere(times)}>
      <span className="relative h-3 w-full rounded-sm bg-rule">
        <span
          className={`absolute top-0 h-3 rounded-sm ${pull > 0 ? 'bg-copper' : 'bg-pose'}`}
          style={pull > 0 ? { right: '50%', width: `${50 * pull}%` } : { left: '50%', width: `${-50 * pull}%` }}
        />
        <span className="absolute left-1/2 top-[-2px] h-4 w-px bg-ink" />
      </span>
    </span>
  )
}

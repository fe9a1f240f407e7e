'use client'
import { BELIEF_NAMES } from '../../words/en/names'
import * as say from '../../words/en/screens/fault'
import { useState } from 'react'
import { beliefWord, NONE } from '../../core/diagnosis'
import type { Diagnosis } from './use-diagnosis'
import { actionOf, faultName, percent } from '../../words/en/suspects'

/** Drawn one by one down to this share; the rest is one line. */
const SHOWN = 0.02
const MOST = 7

/** The suspects, the likeliest first: a bar, a word with its figure, the remedy and its minutes. Opened, what each reading did to it. */
export function Suspects({ diagnosis }: { readonly diagnosis: Diagnosis }) {
  const { now, catalogue, minutes, trail, known } = diagnosis
  const [open, setOpen] = useState<string>()
  const listed = now.filter((b) => b.fault === NONE || b.p >= SHOWN).sort((a, b) => b.p - a.p)
  const shown = listed.filter((b, i) => i < MOST || b.fault === NONE)
  const rest = 1 - shown.reduce((s, b) => s + b.p, 0)
  const most = Math.max(...now.map((b) => b.p))
  return (
    <ul>
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
            {open === b.fault ? (
              <ul className="grid gap-0.5 pb-2 text-[15px] text-steel">
                {trail.slice(1).map((step, i) => {
                  const p = (list: typeof step): number => list.find((x) => x.fault === b.fault)!.p
                  const [before, after] = [p(trail[i]!), p(step)]
                  return (
                    <li key={i}>
                      <span className={after > before * 1.05 ? 'text-copper' : after < before * 0.95 ? 'text-pose' : ''}>
                        {after > before * 1.05 ? say.forWord : after < before * 0.95 ? say.against : say.neither}
                      </span>{' '}
                      · {known[i]!.label}: {percent(before)} → {percent(after)}
                    </li>
                  )
                })}
                {known.length === 0 ? <li>{say.nothingKnownYetOnly}</li> : null}
              </ul>
            ) : null}
          </li>
        )
      })}
      <li className="border-t border-rule py-2 text-[15px] text-steel">{say.others(rest, percent(rest))}</li>
    </ul>
  )
}

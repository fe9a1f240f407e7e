'use client'
import * as say from '../../words/en/screens/workings'
import { armMissing, lengthsAsked, reachOf, sideBySide } from '../../core/job'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { BEHIND_WORDS } from '../../words/en/worked'
import { useJob } from '../shared/context'

/** At the look at a reaction path: the sum of a foreign motor, or the arm that it wants. */
export function ArmAsked({ step }: { readonly step: PlannedStep }) {
  const { state, open, mayWork } = useJob()
  const wants = armMissing(state)
  if (wants.length === 0) return null
  return (
    <section aria-label={say.arm} className="grid gap-2 rounded-md border-l-[6px] border-stop bg-stop-tint px-4 py-3">
      {wants.map((w) => (
        <p key={w.is} className="text-[17px] leading-snug">
          <span className="font-bold text-stop">▲ </span>
          {w.is === 'arm' ? say.armWanted : say.foreignAsked}
        </p>
      ))}
      {mayWork ? (
        <Button
          onClick={() =>
            open({ kind: 'work', working: 'reaction', step: step.id, ...(wants[0]!.is === 'reaction' ? { from: FOREIGN } : {}) })
          }
        >
          {say.workItOut}
        </Button>
      ) : null}
    </section>
  )
}

const DEPTH_UNKNOWN = { depth: '' } as const
const FOREIGN = { asDelivered: 'no' } as const

/** Screws whose length is asked before they go in: laid side by side where the eye settles it, measured where it does not. */
export function LengthsAsked({ step }: { readonly step: PlannedStep }) {
  const { state, open, log, mayWork, person } = useJob()
  const asked = lengthsAsked(state, step)
  if (asked.length === 0) return null
  return (
    <section aria-label={say.lengths} className="grid gap-2 rounded-md border-l-[6px] border-look bg-look-tint px-4 py-3">
      {asked.map((ask) => {
        const [first] = ask.members
        const bySight = sideBySide(ask)
        const longer = Math.max(...(ask.fact.others ?? []))
        const stopped = ask.why === 'stop' && first!.fits?.length !== undefined ? reachOf(ask.fact, first!.fits.length) : null
        const over = ask.why === 'two lengths' ? reachOf(ask.fact, longer).clearance : undefined
        return (
          <div key={`${ask.why} ${first!.id}`} className="grid gap-2">
            <p className="text-[17px] leading-snug">
              <span className={`font-bold ${ask.why === 'stop' ? 'text-stop' : 'text-look'}`}>{ask.why === 'stop' ? '▲ ' : '◆ '}</span>
              {say.lengthAsk[ask.why](ask.members.length, first!.label, first!.place, BEHIND_WORDS[ask.fact.behind])}
              {stopped ? ` ${say.instead(stopped.longest, stopped.washer)}` : ''}
              {over ? ` ${say.otherReaches(longer, over.value)}` : ''}
            </p>
            {mayWork ? (
              <div className="flex flex-wrap gap-2">
                {bySight ? (
                  <Button weight="primary" className="w-full" onClick={() => log('worked-out', bySight)}>
                    {say.sideBySide(ask.members.length)}
                  </Button>
                ) : null}
                <Button
                  weight={bySight ? 'quiet' : 'primary'}
                  className="flex-1"
                  onClick={() =>
                    open({
                      kind: 'work',
                      working: 'length-in-hole',
                      step: step.id,
                      of: ask.members.map((m) => m.id),
                      ...(ask.why === 'foreign' ? { from: DEPTH_UNKNOWN } : {}),
                    })
                  }
                >
                  {say.measureLength}
                </Button>
                {person.role === 'lead' ? (
                  <Button weight="quiet" onClick={() => open({ kind: 'override', check: 'screw lengths' })}>
                    {say.goOnWithout}
                  </Button>
                ) : null}
              </div>
            ) : null}
          </div>
        )
      })}
    </section>
  )
}

'use client'
import * as say from '../../words/en/screens/run'
import { type RefObject, useEffect, useRef, useState } from 'react'
import { type Caution, cautionsOf } from '../../words/en/cautions'
import { cardShown, isSeen, markSeen } from './seen-cautions'

/** Milliseconds that a stop caution is in view, the first time in a job, before the button opens. */
const IN_VIEW = 2000

/** Stop cautions of a card that stand in full; the others have a line each. */
const IN_FULL = 2

export interface Stops {
  readonly all: readonly Caution[]
  /** Ids of those that the card before told too, and that were seen: a line is enough. */
  readonly folded: ReadonlySet<string>
  /** One is new in this job, and has not been in view for long enough. */
  readonly held: boolean
  readonly ref: RefObject<HTMLDivElement | null>
}

/**
 * The stop cautions of one card, and whether the hand has to wait for the eye. To be used where the card is keyed: a new card begins anew.
 * @param card what the card is about, step and turn
 */
export function useStops(job: string, card: string, ids: readonly string[]): Stops {
  const ref = useRef<HTMLDivElement | null>(null)
  const all = cautionsOf(ids).filter((c) => c.level === 'stop')
  const [fresh] = useState(() => all.filter((c) => !isSeen(job, c.id)).map((c) => c.id))
  const [folded] = useState(() => {
    const before = cardShown(
      job,
      card,
      all.map((c) => c.id),
    )
    return new Set(all.filter((c) => before.has(c.id) && !fresh.includes(c.id)).map((c) => c.id))
  })
  const [held, setHeld] = useState(fresh.length > 0)
  useEffect(() => {
    const block = ref.current
    if (!held || !block) return
    // The card before may have been scrolled: what is to be read comes into view by itself.
    block.scrollIntoView({ block: 'nearest' })
    let timer: ReturnType<typeof setTimeout> | undefined
    const stop = (): void => {
      clearTimeout(timer)
      timer = undefined
    }
    const watch = new IntersectionObserver(
      ([seen]) => {
        if (!seen?.isIntersecting) return stop()
        timer ??= setTimeout(() => {
          for (const id of fresh) markSeen(job, id)
          setHeld(false)
        }, IN_VIEW)
      },
      { threshold: 0.9 },
    )
    watch.observe(block)
    return () => {
      stop()
      watch.disconnect()
    }
  }, [held, job, fresh])
  return { all, folded, held, ref }
}

/** The two gravest in full, every other stop caution on a line of its own. */
export function StopCautions({ stops: { all, folded, ref } }: { readonly stops: Stops }) {
  if (all.length === 0) return null
  const full = all.filter((c) => !folded.has(c.id)).slice(0, IN_FULL)
  const lines = all.filter((c) => !full.includes(c))
  return (
    <div ref={ref} className="grid gap-1 border-l-[6px] border-stop bg-stop-tint px-4 py-2">
      {full.map((c) => (
        <p key={c.id} className="text-[17px] leading-snug">
          <span className="font-bold text-stop">▲ </span>
          {c.text}
        </p>
      ))}
      {lines.map((c) => (
        <p key={c.id} className="narrow truncate text-[15px] leading-snug" title={c.text}>
          <span className="font-bold text-stop">▲ </span>
          {c.text}
        </p>
      ))}
    </div>
  )
}

/** What is only looked at: the first on a line, the others behind it. */
export function LookCautions({ ids }: { readonly ids: readonly string[] }) {
  const [open, setOpen] = useState(false)
  const looks = cautionsOf(ids).filter((c) => c.level === 'look')
  if (looks.length === 0) return null
  const [first, ...others] = looks
  return (
    <div className="border-l-[6px] border-look bg-look-tint py-1 pl-4 pr-2 text-[16px] leading-snug">
      <div className="flex items-center gap-2">
        <p className={open || others.length === 0 ? 'flex-1 py-1' : 'min-w-0 flex-1 truncate'}>
          <span className="font-bold text-look">◆ </span>
          {first!.text}
        </p>
        {others.length > 0 ? (
          <button
            type="button"
            onClick={() => setOpen(!open)}
            aria-expanded={open}
            className="narrow min-h-10 shrink-0 px-2 text-[15px] font-semibold underline underline-offset-4"
          >
            {open ? say.less : say.moreToMind(others.length)}
          </button>
        ) : null}
      </div>
      {open
        ? others.map((c) => (
            <p key={c.id} className="py-0.5">
              <span className="font-bold text-look">◆ </span>
              {c.text}
            </p>
          ))
        : null}
    </div>
  )
}

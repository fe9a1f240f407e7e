'use client'
import * as say from '../../words/en/screens/stands'
import { now as clockNow } from '../../client/clock'
import { Link } from '../../ui/link'
import { Dip, type DipColour, depthAt, placeOf } from '../../ui/dip'
import { clockText, spanText, useNow } from '../../ui/time'
import type { JobSummary } from '../../core/job'
import { nextWords } from '../../words/en/next'
import { looseText, powerWord, STAGE_LIST, stageProgress, stepText } from '../../words/en/job-state'

const TONE = { stop: 'text-stop', closed: 'text-steel', look: 'text-look', ok: 'text-ok' } as const
const MAX_DEPTH = 56

/** Beside the ring on a steep slope, where it clears the line; else below the line. */
function labelTop(at: number, deep: number): number {
  const depth = depthAt(at)
  if (depth > 0.02 && depth < 0.98) return deep > 34 ? depth * deep + 4 : deep + 13
  return Math.min(deep + 13, depth * deep + 24)
}

/** One machine: where it stands, its dip, what is next. */
export function StandRow({
  id,
  summary: s,
  by,
  to,
}: {
  readonly id: string
  readonly summary: JobSummary
  readonly by: string
  readonly to: string | null
}) {
  const now = useNow(15_000, clockNow)
  const at = s.handedBack ? 0.985 : placeOf(STAGE_LIST.indexOf(s.stage), stageProgress(s))
  const curing = s.stage === 'prove' && s.curedAt !== null && now > 0 && now < s.curedAt
  const colour: DipColour = s.handedBack ? 'ok' : s.stage === 'take in' ? 'steel' : curing ? 'pose' : 'copper'
  const deep = s.depth === 0 ? 22 : Math.min(MAX_DEPTH, 18 + s.depth * 1.7)
  const label = s.handedBack
    ? say.home
    : curing
      ? say.cures(spanText(s.curedAt! - now))
      : s.stage === 'take in' && s.stand === ''
        ? say.atTheDoor
        : stepText(s)
  const proved = s.proved && (s.proofEnds === null || now === 0 || now < s.proofEnds)
  const power = powerWord(s.power, proved, s.opened)
  const next = curing
    ? say.rideNotBefore(clockText(s.curedAt!, now))
    : s.notRepaired
      ? say.handedBackNotRepaired
      : s.handedBack
        ? say.handedBack
        : nextWords(s.next)
  const beside = at > 0.86 ? { right: `${(1 - at) * 100}%` } : { left: `calc(${at * 100}% + 22px)` }
  return (
    <li className="relative grid items-start gap-x-4 border-t border-rule py-3 hover:bg-paper/60 md:grid-cols-[236px_1fr_minmax(270px,332px)]">
      <div className="flex gap-3">
        <span className="title w-8 shrink-0 text-[30px] text-steel">{s.stand || '–'}</span>
        <div>
          <h2 className="title text-[19px]">
            <Link href={`/jobs/${id}`} className="after:absolute after:inset-0">
              {s.machine}
              {s.unit ? ` · ${s.unit}` : ''}
            </Link>
          </h2>
          <p className="text-[15px] text-steel">{s.job ? `${s.job}${s.stage === 'take in' ? '' : ` · ${by}`}` : `“${s.complaint}”`}</p>
          {s.fileless ? <p className="narrow text-[14px] text-steel">{say.noMachineFile}</p> : null}
        </div>
      </div>
      <div className="relative my-1">
        <Dip at={at} depth={deep} height={deep + 34} colour={colour} />
        <span
          className={`narrow absolute text-[15px] ${colour === 'pose' ? 'text-pose' : colour === 'copper' ? 'text-copper' : colour === 'ok' ? 'text-ok' : 'text-steel'}`}
          style={{ ...beside, top: labelTop(at, deep) }}
        >
          {label}
        </span>
      </div>
      <div>
        <p className="title text-[19px]">
          {next}
          {s.handedBack ? '' : <span aria-hidden> ▸</span>}
        </p>
        {s.handedBack ? null : (
          <p className="text-[15px]">
            <span className={`font-semibold ${TONE[power.tone]}`}>
              {power.sign} {power.word.toLowerCase()}
            </span>
            {s.powerSince !== null && now > 0 ? <span className="text-steel">, {clockText(s.powerSince, now)}</span> : null}
            {s.loose.fixings + s.loose.parts > 0 ? <span className="font-semibold text-copper"> · {looseText(s.loose)}</span> : null}
          </p>
        )}
        {s.disputed > 0 ? <p className="text-[15px] font-semibold text-stop">{say.thingDisputed(s.disputed)}</p> : null}
        {to && !s.handedBack ? <p className="text-[15px] font-semibold text-look">{say.handedTo(to)}</p> : null}
        {s.parked ? <p className="text-[15px] text-look">{say.parked}</p> : null}
        <p className="text-[15px] text-steel">{say.job(now, by, clockText(s.lastAt, now), s.number)}</p>
      </div>
    </li>
  )
}

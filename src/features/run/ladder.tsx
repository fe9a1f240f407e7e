'use client'
import * as say from '../../words/en/screens/run'
import clsx from 'clsx'
import { memo, useEffect, useRef } from 'react'
import { isSettled, type JobState, progress, type Rung, rungs } from '../../core/job'
import type { PlannedStep } from '../../core/planning'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { type Pill, pillOf, type PillLook } from '../../words/en/pill'

const PILL: Record<PillLook, string> = {
  on: 'border-dashed border-steel text-steel',
  loosened: 'border-dashed border-copper text-copper',
  out: 'border-copper bg-copper text-on-copper',
  part: 'border-copper bg-paper text-ink',
  kept: 'border-steel bg-paper text-ink',
  new: 'border-ink bg-ink text-bench',
  started: 'border-ok bg-paper text-ink',
  seated: 'border-ok bg-paper text-ink',
  final: 'border-ok bg-paper text-ok',
  wrong: 'border-[3px] border-stop bg-paper text-stop',
  gone: 'border-steel bg-paper text-steel line-through',
}
const FILL: Partial<Record<PillLook, string>> = { started: '33%', seated: '66%' }

const PillMark = memo(function PillMark({ text, cell, look, words, far }: Pill & { readonly far: boolean }) {
  const fill = FILL[look]
  return (
    <span
      className={clsx(
        'narrow relative flex min-w-0 flex-1 items-center justify-center gap-1.5 overflow-hidden rounded-full border-2 px-2',
        far ? 'h-[22px] text-[12.5px]' : 'h-[26px] text-[13px]',
        PILL[look],
      )}
    >
      {fill ? <span aria-hidden className="absolute inset-y-0 left-0 bg-ok-tint" style={{ width: fill }} /> : null}
      <span aria-hidden className="relative truncate">
        {look === 'wrong' ? '▲ ' : ''}
        {text}
        {look === 'final' ? ' ●' : look === 'kept' ? ' ⌂' : ''}
      </span>
      {cell ? (
        <span aria-hidden className="relative rounded-sm bg-paper px-1 text-[12.5px] text-copper">
          {cell}
        </span>
      ) : null}
      <span className="sr-only">{words}</span>
    </span>
  )
})

/** What one side of a rung shows; plain values, so that a side that did not change is not drawn again. */
interface SideProps {
  readonly id: string
  readonly title: string
  readonly side: 'down' | 'up'
  readonly present: boolean
  readonly chosen: boolean
  readonly tone: 'plain' | 'quiet' | 'skipped' | 'check' | 'passed'
  readonly chip?: string | undefined
  readonly mark: string
  readonly photo: boolean
  readonly goesAt?: number | undefined
  /** Where the step stands among neighbours done with the same tool. */
  readonly bracket?: Bracket | undefined
  readonly two: boolean
  readonly far: boolean
  readonly onChoose: (id: string) => void
}

const TONE: Record<SideProps['tone'], string> = {
  plain: '',
  quiet: 'text-steel',
  skipped: 'text-steel line-through',
  check: 'bg-look-tint font-semibold text-look',
  passed: 'bg-ok-tint font-semibold text-ok',
}

type Bracket = 'first' | 'middle' | 'last'

const BRACKET: Record<Bracket, string> = {
  first: 'top-2 bottom-0 rounded-t-md border-t-2',
  middle: 'inset-y-0',
  last: 'top-0 bottom-2 rounded-b-md border-b-2',
}

const Side = memo(function Side({
  id,
  title,
  side,
  present,
  chosen,
  tone,
  chip,
  mark,
  photo,
  goesAt,
  bracket,
  two,
  far,
  onChoose,
}: SideProps) {
  return (
    <button
      type="button"
      onClick={() => onChoose(id)}
      aria-current={present ? 'step' : undefined}
      aria-pressed={chosen}
      className={clsx(
        'relative flex h-full w-full min-w-0 items-center gap-2 px-3',
        far ? 'min-h-7 text-[13.5px]' : 'min-h-10 text-[15.5px]',
        side === 'down' ? 'justify-end text-right' : 'justify-start text-left',
        present ? 'bg-copper font-semibold text-on-copper' : TONE[tone],
        chosen && !present && 'outline-2 -outline-offset-2 outline-copper',
      )}
    >
      {goesAt !== undefined ? <span className="narrow order-last shrink-0 text-[12.5px] text-pose">{say.goesAfter(goesAt)}</span> : null}
      <span className={far ? 'truncate' : 'line-clamp-2 leading-[1.08]'}>
        {tone === 'check' ? '◆ ' : ''}
        {title}
      </span>
      {chip ? (
        <span className={clsx('narrow shrink-0 rounded-sm border px-1.5 text-[12.5px]', present ? 'border-on-copper' : 'border-steel')}>
          {chip}
        </span>
      ) : null}
      {two ? (
        <span title={say.twoPeople} className="shrink-0 text-[12.5px] text-pose">
          <span aria-hidden>◩◩</span>
          <span className="sr-only">{say.twoPeople}</span>
        </span>
      ) : null}
      {bracket ? (
        <span
          aria-hidden
          className={clsx(
            'absolute w-1.5 border-steel',
            side === 'down' ? 'right-0.5 border-r-2' : 'left-0.5 border-l-2',
            BRACKET[bracket],
          )}
        />
      ) : null}
      {photo ? (
        <span aria-hidden className="text-[12.5px]">
          ▣
        </span>
      ) : null}
      {mark ? <span className="shrink-0">{mark}</span> : null}
    </button>
  )
})

function sideOf(
  state: JobState,
  now: number,
  step: PlannedStep,
  side: 'down' | 'up',
  quiet: boolean,
): Pick<SideProps, 'id' | 'title' | 'side' | 'tone' | 'chip' | 'mark' | 'photo' | 'two'> {
  const own = state.steps[step.id]
  const settled = isSettled(state, step)
  const check = step.check !== undefined
  const skipped = settled && own?.status !== 'done' && own?.status !== 'left' && !quiet && side === 'up'
  const sign = own?.disputed ? '▲' : own?.status === 'done' ? (check ? '●' : '✓') : own?.status === 'left' ? say.leftMark : ''
  const time = sign && check && own?.mark && now > 0 ? ` ${clockText(own.mark.at, now)}` : ''
  return {
    id: step.id,
    title: step.title,
    side,
    tone: check ? (own?.status === 'done' ? 'passed' : 'check') : skipped ? 'skipped' : settled || quiet ? 'quiet' : 'plain',
    chip: check ? undefined : side === 'down' ? step.tool?.short : step.torque ? `${step.torque.value} N·m` : undefined,
    mark: `${sign}${time}`,
    photo: (own?.photos.length ?? 0) > 0,
    two: step.people === 2,
  }
}

/** In a run longer than this, what is further from the present step than `NEAR` is drawn smaller, so that more of it is seen. */
const LONG = 18
const NEAR = 6

/** Neighbours done with the same tool in the same pose, drawn together. */
function bracketsOf(steps: readonly (PlannedStep | undefined)[]): (Bracket | undefined)[] {
  const same = (a: PlannedStep | undefined, b: PlannedStep | undefined): boolean =>
    a?.tool !== undefined && a.tool.id === b?.tool?.id && a.pose === b.pose
  return steps.map((step, i) => {
    const [before, after] = [same(step, steps[i - 1]), same(step, steps[i + 1])]
    return before && after ? 'middle' : after ? 'first' : before ? 'last' : undefined
  })
}

export interface LadderProps {
  readonly limb: 'down' | 'up'
  readonly present: string | null
  readonly chosen: string | null
  readonly onChoose: (id: string) => void
}

/** The run: removals on the left, their returns on the right, and between them what is off. */
export function Ladder(props: LadderProps) {
  const { state, file, mayWork, stage, views } = useJob()
  // With no file the photo is the map: it stands large below what came off so far.
  if (props.limb === 'down' && !state.planned && !file && mayWork && stage !== 'swap')
    return (
      <div className="grid min-h-0 grid-rows-[minmax(120px,1fr)_minmax(0,auto)]">
        <Run {...props} />
        <div className="overflow-y-auto border-t border-rule bg-bench p-4 max-md:hidden">
          <views.Where tall={290} />
        </div>
      </div>
    )
  return <Run {...props} />
}

function Run({ limb, present, chosen, onChoose }: LadderProps) {
  const { state } = useJob()
  const rows = rungs(state, limb)
  const box = useRef<HTMLDivElement>(null)
  const active = rows.map((row) => (limb === 'down' ? row.down : row.up))
  const at = active.findIndex((s) => s?.id === present)
  const long = rows.length > LONG && at >= 0
  const brackets = bracketsOf(active)
  useEffect(() => {
    // Only the run itself scrolls, never the page, and only when the present rung has left its middle part: a tap shows first.
    const frame = requestAnimationFrame(() => {
      const list = box.current
      const row = list?.querySelector<HTMLElement>('[aria-current="step"]')
      if (!list || !row || list.scrollHeight <= list.clientHeight) return
      const at = (row.getBoundingClientRect().top - list.getBoundingClientRect().top) / list.clientHeight
      if (at < 0.2 || at > 0.7) list.scrollTop += (at - 0.45) * list.clientHeight
    })
    return () => cancelAnimationFrame(frame)
  }, [present, limb])
  const down = progress(state, 'down', true)
  const up = progress(state, 'up', limb === 'up')
  return (
    <section aria-label={say.theRun} className="flex min-h-0 flex-col bg-bench">
      <div className="narrow grid grid-cols-[1fr_192px_1fr] border-b border-rule text-[13.5px] text-steel max-md:grid-cols-[1fr_150px]">
        <p className={clsx('py-1.5 pr-3 text-right', limb === 'up' && 'max-md:hidden')}>
          {say.downLimb(down.done, down.of, down.minutesLeft)}
        </p>
        <p className="tray-ground py-1.5 text-center">{say.tray}</p>
        <p className={clsx('py-1.5 pl-3', limb === 'down' && 'max-md:hidden')}>
          {say.upLimb(limb === 'up', up.done, up.of, up.minutesLeft)}
        </p>
      </div>
      <div ref={box} tabIndex={-1} className="min-h-0 flex-1 overflow-y-auto contain-content max-md:contain-none">
        {rows.map((row, i) => (
          <Row
            key={row.key}
            row={row}
            limb={limb}
            present={present}
            chosen={chosen}
            far={long && Math.abs(i - at) > NEAR}
            bracket={brackets[i]}
            onChoose={onChoose}
          />
        ))}
        {rows.length === 0 ? <p className="p-6 text-[17px] text-steel">{say.nothingHasComeOff}</p> : null}
      </div>
    </section>
  )
}

function Row({
  row,
  limb,
  present,
  chosen,
  far,
  bracket,
  onChoose,
}: {
  readonly row: Rung
  readonly limb: 'down' | 'up'
  readonly present: string | null
  readonly chosen: string | null
  readonly far: boolean
  readonly bracket: Bracket | undefined
  readonly onChoose: (id: string) => void
}) {
  const { state, now } = useJob()
  const active = limb === 'down' ? row.down : row.up
  const pill = pillOf(state, row)
  const band = active?.turn ? (
    <p className="narrow border-y border-pose/30 bg-pose-tint px-4 py-0.5 text-[13.5px] text-pose">
      {say.turnRow(active.turn.title, active.turn.people)}
    </p>
  ) : null
  return (
    <>
      {limb === 'down' ? band : null}
      {/* What is scrolled out of sight is neither laid out nor painted, however long the run. */}
      <div className="grid grid-cols-[1fr_192px_1fr] border-b border-rule/70 [contain-intrinsic-height:auto_41px] [content-visibility:auto] max-md:grid-cols-[1fr_150px]">
        <div className={clsx('min-w-0', limb === 'up' && 'max-md:hidden')}>
          {row.down ? (
            <Side
              {...sideOf(state, now, row.down, 'down', limb === 'up')}
              present={present === row.down.id}
              chosen={chosen === row.down.id}
              far={far}
              bracket={limb === 'down' ? bracket : undefined}
              onChoose={onChoose}
            />
          ) : null}
        </div>
        <div className="tray-ground flex items-center gap-2 px-2">
          <span className={clsx('narrow w-6 text-right text-[14px] max-md:w-4', present === active?.id ? 'text-copper' : 'text-steel')}>
            {row.number ?? ''}
          </span>
          {pill ? <PillMark {...pill} far={far} /> : null}
        </div>
        <div className={clsx('min-w-0', limb === 'down' && 'max-md:hidden')}>
          {row.up ? (
            <Side
              {...sideOf(state, now, row.up, 'up', limb === 'down')}
              present={present === row.up.id}
              chosen={chosen === row.up.id}
              goesAt={row.goesAt}
              far={far}
              bracket={limb === 'up' ? bracket : undefined}
              onChoose={onChoose}
            />
          ) : null}
        </div>
      </div>
      {active?.wait ? (
        <p className="narrow border-y border-pose/30 bg-pose-tint px-4 py-0.5 text-[13.5px] text-pose">{say.waitOf(active.wait)}</p>
      ) : null}
      {limb === 'up' ? band : null}
    </>
  )
}

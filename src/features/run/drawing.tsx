'use client'
import dynamic from 'next/dynamic'
import * as say from '../../words/en/screens/run'
import { subjectOf } from '../../core/machine'
import { useState } from 'react'
import { tighteningOrder } from '../../core/fasteners'
import type { FixingState } from '../../core/job'
import type { MachineFile, Stack } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { useJob } from '../shared/context'
import { conditionWords } from '../../words/en/pill'
import { Board, INK } from '../shared/board'
import { TALL } from '../shared/piece-tall'
import { inLines } from '../shared/lines'

const ConnectorFace = dynamic(() => import('../shared/connector-face').then((m) => m.ConnectorFace))

/** A drawing from the machine file for the step: an axle's stack, a connector's face, or the fixings where they sit. */
export function StepDrawing({ step }: { readonly step: PlannedStep }) {
  const { file, state } = useJob()
  const subject = subjectOf(step.action)
  const own = new Set([subject, ...step.fixings.map((f) => f.joint)])
  const stack = file?.stacks.find((s) => s.items.some((item) => item.joint !== undefined && own.has(item.joint)))
  if (stack && file) return <StackDrawing stack={stack} own={own} file={file} />
  // A step that takes a plug apart shows its face: the pins by number.
  const depinned = file?.steps.find((s) => s.id === subject)?.gives?.find((g) => g.fact === 'de-pinned')?.of
  const connection = file?.connections.find((c) => c.id === subject || c.id === depinned)
  if (connection) return <ConnectorFace connection={connection} />
  const fixings = step.fixings.flatMap((f) => state.fixings[f.id] ?? [])
  if (fixings.length > 0 && fixings.length <= 3) return <FewFixings fixings={fixings} />
  if (fixings.length > 0) return <FixingMap fixings={fixings} pattern={step.limb === 'up' ? step.pattern : undefined} />
  return null
}

/**
 * One end of an axle, widths to scale, outside to the left; a tap turns it round. Labels alternate above and below so that they
 * never meet.
 */
function StackDrawing({ stack, own, file }: { readonly stack: Stack; readonly own: ReadonlySet<string>; readonly file: MachineFile }) {
  const [inside, setInside] = useState(false)
  const motor = file.parts.find((p) => p.id === stack.axle)?.name ?? 'motor'
  // Six to the millimetre, or as much as leaves the motor room for its name.
  const scale = Math.min(6, (204 - 12 * stack.items.length) / stack.items.reduce((sum, item) => sum + item.width, 0))
  const xs: number[] = []
  let end = 92
  for (const item of stack.items) {
    xs.push(end)
    end += item.width * scale + 12
  }
  const at = (x: number, w: number): number => (inside ? 420 - x - w : x)
  const motorWidth = 400 - end
  const lines = inLines(motor, Math.max(6, Math.floor((motorWidth - 8) / 8.2)))
  const named = stack.items.map((item, i) => ({ ...item, n: inside ? stack.items.length - i : i + 1 }))
  const told = (inside ? [...named].reverse() : named).map((i) => i.name).join(', ')
  return (
    <button
      type="button"
      aria-pressed={inside}
      aria-label={say.fromTheInsideOut(stack.name, inside, told)}
      onClick={() => setInside(!inside)}
      className="block w-full rounded-lg"
    >
      <svg aria-hidden viewBox="0 0 420 166" className="w-full rounded-lg bg-[#26313b]" style={{ maxHeight: 170 }}>
        <rect x="20" y="72" width="380" height="20" rx="3" className="fill-[#8d979f]" />
        <rect x={at(end, motorWidth)} y="24" width={motorWidth} height="116" rx="14" className="fill-[#5d6871]" />
        {lines.map((line, i) => (
          <text
            key={line}
            x={at(end, motorWidth) + motorWidth / 2}
            y={87 + 18 * (i - (lines.length - 1) / 2)}
            textAnchor="middle"
            className={`${INK.text} text-[15px] font-bold`}
          >
            {line}
          </text>
        ))}
        {named.map((item, i) => {
          const h = TALL[item.purpose ?? 'washer']
          const w = item.width * scale
          const mine = item.joint !== undefined && own.has(item.joint)
          const x = at(xs[i]!, w)
          const above = i % 2 === 0
          return (
            <g key={item.id}>
              <rect
                x={x}
                y={82 - h / 2}
                width={w}
                height={h}
                rx="3"
                className={mine ? 'fill-[#d8884f] stroke-[#ffffff]' : 'fill-[#b9c0c6] stroke-[#26313b]'}
                strokeWidth={mine ? 3 : 1}
              />
              <line
                x1={x + w / 2}
                x2={x + w / 2}
                y1={above ? 18 : 146}
                y2={above ? 82 - h / 2 : 82 + h / 2}
                className="stroke-[#aab3ba]"
                strokeWidth="1"
              />
              <text
                x={x + w / 2}
                y={above ? 14 : 160}
                textAnchor="middle"
                className={`${INK.text} text-[14.5px] ${mine ? 'font-bold' : ''}`}
              >
                {item.n} {item.name}
              </text>
            </g>
          )
        })}
        <text x={inside ? 406 : 14} y="62" textAnchor={inside ? 'end' : 'start'} className={`${INK.text} text-[13px]`}>
          {say.out}
        </text>
        <text x={inside ? 406 : 14} y="154" textAnchor={inside ? 'end' : 'start'} className={`${INK.text} text-[13px]`}>
          {say.turn}
        </text>
      </svg>
    </button>
  )
}

/** One to three fixings from the side: threaded ones with their length to scale, the rest as what they are called. */
function FewFixings({ fixings }: { readonly fixings: readonly FixingState[] }) {
  const wide = 420 / fixings.length
  const labels = fixings.map((f) => inLines(f.label, Math.floor((wide - 8) / 7.8)))
  const places = fixings.map((f) => inLines(f.place, Math.floor((wide - 8) / 7)))
  const below = 99 + 18 * Math.max(...labels.map((l) => l.length))
  const high = below + 17 * (Math.max(...places.map((l) => l.length)) - 1) + 11
  return (
    <Board label={fixings.map((f) => `${f.label}, ${f.place}, ${conditionWords(f.condition)}`).join('; ')} viewBox={`0 0 420 ${high}`}>
      {fixings.map((f, i) => {
        const size = /^M(\d+(?:\.\d+)?)×(\d+(?:\.\d+)?)$/.exec(f.label)
        const d = size ? Number(size[1]) * 4 : 0
        const length = size ? Math.min(wide - 60, Number(size[2]) * 4.2) : 0
        const x = wide * i + (wide - length - d * 0.7) / 2
        return (
          <g key={f.id}>
            {size ? (
              <>
                <rect x={x} y={52 - d * 0.8} width={d * 0.9} height={d * 1.6} rx="3" fill={DOT[f.condition] ?? '#b9c0c6'} />
                <rect x={x + d * 0.9} y={52 - d / 2} width={length} height={d} fill={DOT[f.condition] ?? '#b9c0c6'} />
                {Array.from({ length: Math.floor(length / 7) }, (_, k) => (
                  <line
                    key={k}
                    x1={x + d * 0.9 + k * 7 + 4}
                    x2={x + d * 0.9 + k * 7 + 1}
                    y1={52 - d / 2}
                    y2={52 + d / 2}
                    stroke="#26313b"
                    strokeWidth="1.6"
                  />
                ))}
              </>
            ) : (
              <>
                <circle cx={wide * (i + 0.5)} cy="50" r="24" fill={DOT[f.condition] ?? '#b9c0c6'} />
                <circle cx={wide * (i + 0.5)} cy="50" r="12" className="fill-[#26313b]" />
              </>
            )}
            {labels[i]!.map((line, k) => (
              <text key={k} x={wide * (i + 0.5)} y={99 + 18 * k} textAnchor="middle" className={`${INK.text} text-[15px] font-bold`}>
                {line}
              </text>
            ))}
            {places[i]!.map((line, k) => (
              <text key={k} x={wide * (i + 0.5)} y={below + 17 * k} textAnchor="middle" className={`${INK.text} text-[13.5px]`}>
                {line}
              </text>
            ))}
          </g>
        )
      })}
    </Board>
  )
}

const DOT: Record<string, string> = {
  on: '#8d979f',
  cell: '#d8884f',
  lost: '#f0776b',
  started: '#e3b341',
  seated: '#9fc7a9',
  final: '#5cc08f',
  marked: '#5cc08f',
}

/** Holes as the file places them, front to the left, seen from above; null where it does not. */
function lidPlaces(fixings: readonly FixingState[]): [number, number][] | null {
  const at = fixings.flatMap((f) => (f.at ? [f.at] : []))
  if (at.length < fixings.length || at.length < 2) return null
  const [front, rear] = [Math.max(...at.map((p) => p[0])), Math.min(...at.map((p) => p[0]))]
  const [left, right] = [Math.max(...at.map((p) => p[1])), Math.min(...at.map((p) => p[1]))]
  return at.map(([x, y]) => [
    40 + (340 * (front - x)) / (front - rear || 1),
    left === right ? 100 : 52 + (96 * (y - right)) / (left - right),
  ])
}

/** The fixings of a set where they sit: on a circle for a star, along two edges for a lid; numbered in tightening order on the way up. */
function FixingMap({ fixings, pattern }: { readonly fixings: readonly FixingState[]; readonly pattern: string | undefined }) {
  const n = fixings.length
  const order = tighteningOrder(
    pattern,
    fixings.map((f) => (f.at ? { x: f.at[0], y: f.at[1] } : undefined)),
  )
  const turn = new Map(order.map((at, i) => [at, i + 1]))
  const round = n <= 6
  const half = Math.ceil(n / 2)
  const drawn = lidPlaces(fixings)
  const place = (i: number): [number, number] =>
    drawn
      ? drawn[i]!
      : round
        ? [210 + 118 * Math.sin((2 * Math.PI * i) / n), 100 - 66 * Math.cos((2 * Math.PI * i) / n)]
        : [i < half ? 40 + (340 / (half - 1)) * i : 380 - (340 / Math.max(1, n - half - 1)) * (i - half), i < half ? 52 : 148]
  const longest = [...new Set(fixings.map((f) => f.label))]
  return (
    <figure>
      <Board label={say.fixings(n, fixings.map((f) => `${f.place} ${conditionWords(f.condition)}`).join('; '))} viewBox="0 0 420 200">
        {round ? (
          <ellipse cx="210" cy="100" rx="146" ry="92" className="fill-none stroke-[#5d6871]" strokeWidth="2" />
        ) : (
          <rect x="14" y="22" width="392" height="156" rx="18" className="fill-none stroke-[#5d6871]" strokeWidth="2" />
        )}
        {fixings.map((f, i) => {
          const [cx, cy] = place(i)
          const odd = longest.length > 1 && f.label !== longest[0]
          return (
            <g key={f.id}>
              <circle
                cx={cx}
                cy={cy}
                r={odd ? 16 : 13}
                fill={DOT[f.condition] ?? '#b9c0c6'}
                stroke={f.disputed ? '#f0776b' : odd ? '#ffffff' : '#26313b'}
                strokeWidth={odd || f.disputed ? 3 : 1}
              />
              <text x={cx} y={cy + 4.5} textAnchor="middle" className="fill-[#15202b] text-[13px] font-bold">
                {pattern ? turn.get(i) : i + 1}
              </text>
            </g>
          )
        })}
      </Board>
      <figcaption className="mt-1 text-[14px] text-steel">
        {say.numbersTheOrder(
          pattern,
          fixings[0]!.place.replace(/^hole 1,? ?/, '') || say.asTheyCome,
          longest.length,
          longest.slice(1).join(', '),
        )}
      </figcaption>
    </figure>
  )
}

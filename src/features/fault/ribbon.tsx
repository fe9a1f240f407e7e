'use client'
import * as say from '../../words/en/screens/fault'
import { area, curveBumpX, stack } from 'd3-shape'
import { type Catalogue, NONE } from '../../core/diagnosis'
import type { Diagnosis } from './use-diagnosis'
import { faultName, percent } from '../../words/en/suspects'

const [WIDE, HIGH, TOP] = [780, 150, 44]
/** Columns that fit with their labels; older ones are folded into the first. */
const MOST = 7
const FILL = ['fill-copper', 'fill-pose', 'fill-look', 'fill-ok', 'fill-stop', 'fill-steel'] as const

const nameOf = (catalogue: Catalogue, key: string): string => (key === 'others' ? say.allOthers : faultName(catalogue, key))

/** Suspects as ribbons across what was learned: width is belief, so that one look says what each reading did. */
export function BeliefRibbon({ diagnosis }: { readonly diagnosis: Diagnosis }) {
  const { trail, known, catalogue, now } = diagnosis
  const from = Math.max(0, trail.length - MOST)
  const columns = trail.slice(from)
  const labels = [say.usual, ...known.map((k) => k.label)].slice(from)
  const top = [...now]
    .filter((b) => b.fault !== NONE)
    .sort((a, b) => b.p - a.p)
    .slice(0, FILL.length)
    .map((b) => b.fault)
  const keys = [...top, 'others', NONE]
  const rows = columns.map((beliefs) => {
    const p = (id: string): number => beliefs.find((b) => b.fault === id)?.p ?? 0
    const shown = Object.fromEntries([...top, NONE].map((id) => [id, p(id)]))
    return { ...shown, others: 1 - Object.values(shown).reduce((a, b) => a + b, 0) }
  })
  const drawn = columns.length === 1 ? [rows[0]!, rows[0]!] : rows
  const x = (i: number): number => 4 + (i * (WIDE - 8)) / Math.max(1, drawn.length - 1)
  const shape = area<[number, number]>()
    .x((_, i) => x(i))
    .y0(([a]) => TOP + a * HIGH)
    .y1(([, b]) => TOP + b * HIGH)
    .curve(curveBumpX)
  const bands = stack<Record<string, number>>().keys(keys)(drawn as Record<string, number>[])
  // Lines stop where the names begin, so that none runs through a word.
  const names = Math.max(
    0,
    ...bands.map((band) => ((band.at(-1)![1] - band.at(-1)![0]) * HIGH < 19 ? 0 : nameOf(catalogue, band.key).length)),
  )
  const clear = WIDE - 24 - names * 7.4
  const fit = Math.floor(WIDE / Math.max(2, columns.length) / 6.1)
  return (
    <figure>
      <svg
        role="img"
        aria-label={say.beliefsAfterEach(
          known.length,
          top
            .slice(0, 3)
            .map((f) => `${faultName(catalogue, f)} ${percent(now.find((b) => b.fault === f)!.p)}`)
            .join(', '),
        )}
        viewBox={`0 0 ${WIDE} ${HIGH + TOP + 4}`}
        className="w-full"
      >
        {bands.map((band, k) => (
          <path
            key={band.key}
            d={shape(band.map((point) => [point[0], point[1]])) ?? ''}
            className={`${band.key === 'others' ? 'fill-rule' : band.key === NONE ? 'fill-bench' : FILL[k]} stroke-paper`}
            strokeWidth="1.2"
            fillOpacity={k < FILL.length ? 0.82 : 1}
          >
            <title>{nameOf(catalogue, band.key)}</title>
          </path>
        ))}
        {columns.length > 1
          ? labels.map((label, i) => (
              <g key={i}>
                {x(i) < clear || i === labels.length - 1 ? (
                  <line x1={x(i)} x2={x(i)} y1={TOP} y2={TOP + HIGH} className="stroke-paper" strokeWidth="2" />
                ) : null}
                <line x1={x(i)} x2={x(i)} y1={i % 2 === 0 ? 16 : 36} y2={TOP} className="stroke-rule" strokeWidth="1" />
                <text
                  x={Math.min(WIDE - 4, Math.max(4, x(i)))}
                  y={i % 2 === 0 ? 12 : 32}
                  textAnchor={i === 0 ? 'start' : i === labels.length - 1 ? 'end' : 'middle'}
                  className="fill-steel text-[12.5px]"
                >
                  {label.length > 2 * fit ? `${label.slice(0, 2 * fit - 1)}…` : label}
                </text>
              </g>
            ))
          : null}
        {bands.map((band) => {
          const end = band.at(-1)!
          const thick = (end[1] - end[0]) * HIGH
          if (thick < 19) return null
          return (
            <text
              key={band.key}
              x={WIDE - 12}
              y={TOP + ((end[0] + end[1]) / 2) * HIGH + 4.5}
              textAnchor="end"
              className={`text-[13.5px] font-semibold ${band.key === 'others' || band.key === NONE ? 'fill-ink' : 'fill-paper'}`}
            >
              {nameOf(catalogue, band.key)}
            </text>
          )
        })}
      </svg>
      {from > 0 ? <figcaption className="text-[14px] text-steel">{say.theLastOf(MOST - 1, known.length)}</figcaption> : null}
    </figure>
  )
}

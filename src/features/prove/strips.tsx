'use client'
import * as say from '../../words/en/screens/prove'
import { scaleLinear } from 'd3-scale'
import { area } from 'd3-shape'
import { useState } from 'react'
import { type Channel, CHANNELS, type Strips } from '../../core/ride'

const LOOK: Readonly<Record<Channel, { readonly name: string; readonly unit: string; readonly fill: string }>> = {
  speed: { name: say.speed, unit: 'km/h', fill: 'fill-pose stroke-pose' },
  current: { name: say.current, unit: 'A', fill: 'fill-copper stroke-copper' },
  voltage: { name: say.pack, unit: 'V', fill: 'fill-ok stroke-ok' },
  temperature: { name: say.motor, unit: '°C', fill: 'fill-stop stroke-stop' },
}
const [WIDE, HIGH] = [600, 64]

/** A ride as strips on one time line, linked: the slider (or a finger on a strip) reads all of them at one moment. Gaps stay gaps. */
export function RideStrips({ strips, name }: { readonly strips: Strips; readonly name: string }) {
  const [at, setAt] = useState(Math.floor(strips.slices / 2))
  const drawn = CHANNELS.filter((c) => strips.channels[c])
  const x = scaleLinear([0, strips.slices - 1], [0, WIDE])
  const seconds = strips.from + ((at + 0.5) * (strips.to - strips.from)) / strips.slices - strips.from
  return (
    <figure>
      {drawn.map((channel) => {
        const { low, high } = strips.channels[channel]!
        const known = [...low, ...high].filter((v) => v !== null)
        const floor = channel === 'voltage' || channel === 'temperature' ? Math.min(...known) : Math.min(0, ...known)
        const y = scaleLinear([floor, Math.max(...known, floor + 1)], [HIGH - 3, 3])
        const shape = area<number>()
          .defined((i) => low[i] !== null && high[i] !== null)
          .x((i) => x(i))
          .y0((i) => y(low[i]!) + 0.8)
          .y1((i) => y(high[i]!) - 0.8)
        const value = high[at]
        return (
          <div key={channel} className="grid grid-cols-[76px_minmax(0,1fr)_92px] items-center gap-2 border-t border-rule">
            <span className="narrow text-[14px]">{LOOK[channel].name}</span>
            <svg
              role="img"
              aria-label={say.stripSpan(
                LOOK[channel].name,
                strips.to - strips.from,
                Math.min(...known),
                Math.max(...known),
                LOOK[channel].unit,
              )}
              viewBox={`0 0 ${WIDE} ${HIGH}`}
              preserveAspectRatio="none"
              className="h-16 w-full touch-pan-y"
              onPointerMove={(e) => {
                const box = e.currentTarget.getBoundingClientRect()
                setAt(Math.min(strips.slices - 1, Math.max(0, Math.floor(((e.clientX - box.left) / box.width) * strips.slices))))
              }}
            >
              <path d={shape(Array.from(low.keys())) ?? ''} className={LOOK[channel].fill} strokeWidth="0.6" />
              <line x1={x(at)} x2={x(at)} y1="0" y2={HIGH} className="stroke-ink" strokeWidth="1" vectorEffect="non-scaling-stroke" />
            </svg>
            <span className="text-right text-[16px] font-semibold tabular-nums">
              {value === null || value === undefined ? say.gap : `${value} ${LOOK[channel].unit}`}
            </span>
          </div>
        )
      })}
      <div className="grid grid-cols-[76px_minmax(0,1fr)_92px] items-center gap-2 border-t border-rule">
        <span className="narrow text-[14px] text-steel">{say.at}</span>
        <input
          type="range"
          min={0}
          max={strips.slices - 1}
          value={at}
          onChange={(e) => setAt(Number(e.target.value))}
          aria-label={say.momentIn(name)}
          aria-valuetext={`${Math.round(seconds)} s`}
          className="min-h-12 w-full accent-copper"
        />
        <span className="text-right text-[15px] tabular-nums">{clock(seconds)}</span>
      </div>
    </figure>
  )
}

const clock = (s: number): string => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`

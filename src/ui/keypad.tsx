'use client'
import * as say from '../words/en/screens/ui'
import { CornerDownLeft, Delete } from 'lucide-react'
import clsx from 'clsx'
import { useId } from 'react'
import { readValue } from '../core/units'
import { readNumber } from './number'
import { useTyped } from './typed'

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '−', '0', '.'] as const

/** A figure with a unit of its own as a figure in `unit`, where it is one of the same kind; else as it stands. */
function inUnit(text: string, unit: string): string {
  if (readNumber(text) !== null) return text.trim()
  const read = readValue(text, unit, [-1e9, 1e9])
  return read.ok ? String(Number(read.value.toPrecision(9))).replace('-', '−') : text.trim()
}

/** A number with large keys beside it; the keyboard works too, and so does an instrument that types like one. */
export function Keypad({
  label,
  unit,
  value,
  onChange,
  onEnter,
  onTyped = onChange,
  over,
  fault,
}: {
  readonly label: string
  readonly unit: string
  readonly value: string
  readonly onChange: (value: string) => void
  /** What its enter key does: on to the next figure. Without it there is none. */
  readonly onEnter?: (() => void) | undefined
  /** An instrument that types like a keyboard has sent a figure, here in `unit` where it said its own; else it is as if keyed in. */
  readonly onTyped?: (value: string) => void
  /** It shows more than it can: the figure is the end of its range. Without it there is no such key. */
  readonly over?: { readonly on: boolean; readonly toggle: () => void } | undefined
  readonly fault?: string | undefined
}) {
  const id = useId()
  useTyped((text) => {
    if (!/^[-−]?O\.?L/i.test(text.trim())) return onTyped(inUnit(text, unit))
    if (over && !over.on) over.toggle()
  })
  const press = (key: string): void => onChange(key === '−' ? (value.startsWith('−') ? value.slice(1) : `−${value}`) : value + key)
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-[15px] font-semibold">
        {label}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          value={value}
          onChange={(e) => onChange(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return
            const plain = inUnit(value, unit)
            if (plain !== value.trim()) onChange(plain)
            if (onEnter) e.preventDefault()
            onEnter?.()
          }}
          aria-invalid={fault ? true : undefined}
          aria-describedby={fault ? `${id}-fault` : undefined}
          className="min-h-14 w-full rounded-md border-2 border-steel bg-paper px-3 text-right text-[26px] font-semibold tabular-nums"
        />
        {over?.on ? (
          <span className="text-[20px]" aria-hidden>
            &gt;
          </span>
        ) : null}
        <span className="w-12 text-[20px]">{unit}</span>
      </div>
      {fault ? (
        <p id={`${id}-fault`} className="mt-1 text-[15px] font-semibold text-stop">
          ▲ {fault}
        </p>
      ) : null}
      <div className="mt-2 grid grid-cols-4 gap-2">
        {KEYS.map((key, i) => (
          <button
            key={key}
            type="button"
            onClick={() => press(key)}
            style={{ gridColumn: (i % 3) + 1 }}
            className="narrow min-h-12 rounded-md border border-steel bg-bench text-[22px]"
          >
            {key}
          </button>
        ))}
        <button
          type="button"
          aria-label={say.takeTheLastFigure}
          onClick={() => onChange(value.slice(0, -1))}
          className="col-start-4 row-start-1 grid min-h-12 place-items-center rounded-md border border-steel bg-bench"
        >
          <Delete aria-hidden className="size-6" />
        </button>
        {over ? (
          <button
            type="button"
            aria-label={say.overItsRange}
            aria-pressed={over.on}
            onClick={over.toggle}
            className="narrow col-start-4 row-start-2 min-h-12 rounded-md border border-steel bg-bench text-[20px] aria-pressed:border-2 aria-pressed:border-copper aria-pressed:bg-copper-tint"
          >
            {say.ol}
          </button>
        ) : null}
        {onEnter ? (
          <button
            type="button"
            aria-label={say.onToTheNext}
            onClick={onEnter}
            className={clsx(
              over ? 'row-span-2 row-start-3' : 'row-span-3 row-start-2',
              'col-start-4 grid min-h-12 place-items-center rounded-md border border-steel bg-bench',
            )}
          >
            <CornerDownLeft aria-hidden className="size-6" />
          </button>
        ) : null}
      </div>
    </div>
  )
}

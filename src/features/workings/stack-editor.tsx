'use client'
import { type KeyboardEvent, useEffect, useRef, useState } from 'react'
import * as say from '../../words/en/screens/stack'
import { PURPOSES, type TypedPiece, typedPieces, typedText } from '../../core/axle'
import { PhotoMap } from '../shared/photo-map'
import { Button } from '../../ui/button'

const BOX = 'min-h-11 rounded-md border-2 border-steel bg-paper px-1.5 text-[16px] text-ink tabular-nums'

export interface StackEditorProps {
  /** Of which end, in a word or two: stands before what each box is. */
  readonly label: string
  /** The stack in words, outside in. */
  readonly value: string
  readonly onChange: (text: string) => void
  /** What is wrong with it. */
  readonly fault?: string
  /** Photos of the job to tap the pieces on, in their order. */
  readonly photos?: readonly string[]
}

/** Pieces of one end, outside in: moved by the handle with finger, mouse or arrow keys; typed in words; or tapped on a photo. */
export function StackEditor({ label, value, onChange, fault, photos = [] }: StackEditorProps) {
  const [inside, setInside] = useState(false)
  const pieces = typedPieces(value)
  const list = useRef<HTMLOListElement>(null)
  const focus = useRef<number | null>(null)
  // The piece that is dragged, by its place; null between a move and the render that shows it, so that no move is made twice.
  const dragged = useRef<{ readonly at: number; readonly shown: boolean } | null>(null)
  const put = (next: readonly TypedPiece[]): void => onChange(typedText(next))
  const change = (i: number, piece: TypedPiece): void => put(pieces.map((p, k) => (k === i ? piece : p)))
  const move = (from: number, to: number): void => {
    if (to < 0 || to >= pieces.length || to === from) return
    const next = pieces.filter((_, k) => k !== from)
    next.splice(to, 0, pieces[from]!)
    focus.current = to
    put(next)
  }
  // Past the middle of its neighbour it changes places with it.
  const drag = (y: number): void => {
    if (!dragged.current?.shown) return
    const { at } = dragged.current
    const rows = [...(list.current?.children ?? [])].map((row) => row.getBoundingClientRect())
    const row = inside ? pieces.length - 1 - at : at
    const [above, below] = [rows[row - 1], rows[row + 1]]
    const by = below && y > below.top + below.height / 2 ? 1 : above && y < above.top + above.height / 2 ? -1 : 0
    if (by === 0) return
    const to = at + (inside ? -by : by)
    dragged.current = { at: to, shown: false }
    move(at, to)
  }
  useEffect(() => {
    if (dragged.current) dragged.current = { ...dragged.current, shown: true }
    if (focus.current === null) return
    list.current?.querySelectorAll<HTMLElement>('[data-handle]')[inside ? pieces.length - 1 - focus.current : focus.current]?.focus()
    focus.current = null
  })
  const shown = pieces.map((piece, i) => ({ piece, i }))
  return (
    <fieldset className="grid min-w-0 content-start gap-2 rounded-md border border-rule p-2.5">
      <legend className="px-1 text-[16px] font-semibold">{label}</legend>
      <div className="flex flex-wrap items-center justify-between gap-2">
        <p className="text-[14.5px] text-steel">{inside ? say.insideOut : say.outsideIn}</p>
        <Button weight="quiet" aria-pressed={inside} onClick={() => setInside(!inside)}>
          {say.turnRound}
        </Button>
      </div>
      <ol
        ref={list}
        aria-label={label}
        className="grid gap-1.5"
        onPointerMove={(e) => drag(e.clientY)}
        onPointerUp={() => (dragged.current = null)}
        onPointerCancel={() => (dragged.current = null)}
      >
        {(inside ? shown.reverse() : shown).map(({ piece, i }) => (
          <PieceRow
            key={i}
            n={i + 1}
            piece={piece}
            step={inside ? -1 : 1}
            onMove={(by) => move(i, i + by)}
            onGrab={() => (dragged.current = { at: i, shown: true })}
            onChange={(next) => change(i, next)}
            onRemove={() => put(pieces.filter((_, k) => k !== i))}
          />
        ))}
      </ol>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => put([...pieces, { purpose: 'washer', width: '' }])}>{say.add}</Button>
        {pieces.length > 0 ? (
          <Button weight="quiet" onClick={() => onChange('')}>
            {say.empty}
          </Button>
        ) : null}
      </div>
      {photos.length > 0 ? (
        <FromPhoto photos={photos} count={pieces.length} onPiece={() => put([...pieces, { purpose: 'washer', width: '' }])} />
      ) : null}
      <label className="grid gap-1">
        <span className="text-[14.5px] text-steel">{say.inWords}</span>
        <input
          value={value}
          onChange={(e) => onChange(e.target.value)}
          aria-label={say.typed(label)}
          aria-invalid={fault !== undefined || undefined}
          autoComplete="off"
          spellCheck={false}
          maxLength={600}
          className={`${BOX} w-full`}
        />
      </label>
      {fault ? (
        <p role="alert" className="text-[15px] font-semibold text-stop">
          ▲ {fault}
        </p>
      ) : null}
    </fieldset>
  )
}

/** One piece: what it is, how wide, which way it faces. The handle is dragged over the others, or moved with the arrow keys. */
function PieceRow({
  n,
  piece,
  step,
  onMove,
  onGrab,
  onChange,
  onRemove,
}: {
  readonly n: number
  readonly piece: TypedPiece
  /** What one row down the list is, in places of the stack. */
  readonly step: 1 | -1
  readonly onMove: (by: number) => void
  readonly onGrab: () => void
  readonly onChange: (piece: TypedPiece) => void
  readonly onRemove: () => void
}) {
  const { face, to, turns } = piece
  const [asked, setAsked] = useState(false)
  const faced = asked || face !== undefined || to !== undefined || turns === true
  const change = (more: Partial<Change>): void => onChange({ ...piece, ...more } as TypedPiece)
  const keys = (e: KeyboardEvent): void => {
    const by = e.key === 'ArrowDown' ? step : e.key === 'ArrowUp' ? -step : 0
    if (by === 0) return
    e.preventDefault()
    onMove(by)
  }
  const name = say.piece(n)
  return (
    <li className="grid grid-cols-[44px_minmax(0,1fr)_58px_40px_34px] items-center gap-1.5">
      <button
        type="button"
        data-handle
        aria-label={say.move(n)}
        onKeyDown={keys}
        onPointerDown={(e) => {
          e.currentTarget.closest('ol')?.setPointerCapture(e.pointerId)
          onGrab()
        }}
        className="min-h-11 cursor-grab touch-none rounded-md border border-rule text-[17px] font-semibold tabular-nums"
      >
        <span aria-hidden className="text-steel">
          ⠿
        </span>{' '}
        {n}
      </button>
      <select
        aria-label={name}
        value={(PURPOSES as readonly string[]).includes(piece.purpose) ? piece.purpose : ''}
        onChange={(e) => onChange({ ...piece, purpose: e.target.value })}
        className={`${BOX} w-full min-w-0`}
      >
        {(PURPOSES as readonly string[]).includes(piece.purpose) ? null : <option value="">{piece.purpose}</option>}
        {PURPOSES.map((p) => (
          <option key={p} value={p}>
            {say.purposes[p]}
          </option>
        ))}
      </select>
      <input
        aria-label={say.width(n)}
        value={piece.width}
        placeholder={say.mm}
        inputMode="decimal"
        autoComplete="off"
        maxLength={8}
        onChange={(e) => onChange({ ...piece, width: e.target.value.replace(/[;\s]/g, '') })}
        className={`${BOX} w-full`}
      />
      <button
        type="button"
        aria-label={say.facing(n)}
        aria-expanded={faced}
        onClick={() => setAsked(!faced)}
        className="min-h-11 rounded-md border border-rule text-[17px]"
      >
        <span aria-hidden>⇄</span>
      </button>
      <button type="button" aria-label={say.remove(n)} onClick={onRemove} className="min-h-11 rounded-md text-[19px]">
        ×
      </button>
      {faced ? (
        <div className="col-span-4 col-start-2 flex flex-wrap items-center gap-1.5">
          <OneOf label={say.face(n)} none={say.noFace} of={say.faces} value={face} onChange={(next) => change({ face: next })} />
          <OneOf label={say.toward(n)} none={say.noWay} of={say.ways} value={to} onChange={(next) => change({ to: next })} />
          <label className="flex min-h-11 items-center gap-1.5 text-[15px]">
            <input
              type="checkbox"
              className="size-5"
              checked={turns === true}
              onChange={(e) => change({ turns: e.target.checked || undefined })}
            />
            {say.turns}
          </label>
        </div>
      ) : null}
    </li>
  )
}

/** One of a closed list, or none of it. */
function OneOf<T extends string>({
  label,
  none,
  of,
  value,
  onChange,
}: {
  readonly label: string
  readonly none: string
  /** In the order in which they are offered, with their words. */
  readonly of: Readonly<Record<T, string>>
  readonly value: T | undefined
  readonly onChange: (value: T | undefined) => void
}) {
  return (
    <select
      aria-label={label}
      value={value ?? ''}
      onChange={(e) => onChange((e.target.value || undefined) as T | undefined)}
      className={BOX}
    >
      <option value="">{none}</option>
      {(Object.entries(of) as [T, string][]).map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </select>
  )
}

type Change = { readonly [K in keyof TypedPiece]: TypedPiece[K] | undefined }

/** A photo of the job: each tap is the next piece inward, numbered on the photo as in the list. */
function FromPhoto({
  photos,
  count,
  onPiece,
}: {
  readonly photos: readonly string[]
  readonly count: number
  readonly onPiece: () => void
}) {
  const [photo, setPhoto] = useState<string | null>(null)
  const [taps, setTaps] = useState<readonly { readonly x: number; readonly y: number; readonly n: number }[]>([])
  if (photo === null)
    return (
      <div>
        <Button weight="quiet" onClick={() => setPhoto(photos.at(-1)!)}>
          {say.fromPhoto}
        </Button>
      </div>
    )
  const at = photos.indexOf(photo)
  return (
    <div className="grid gap-1.5">
      <p className="text-[14.5px] text-steel">{say.tapPieces}</p>
      <PhotoMap
        id={photo}
        alt={say.tapPieces}
        tall={240}
        pins={taps.filter((t) => t.n <= count).map((t) => ({ key: String(t.n), x: t.x, y: t.y, mark: String(t.n), name: say.piece(t.n) }))}
        onPoint={(x, y) => {
          setTaps([...taps.filter((t) => t.n <= count), { x, y, n: count + 1 }])
          onPiece()
        }}
      />
      {photos.length > 1 ? (
        <Button
          weight="quiet"
          onClick={() => {
            setPhoto(photos[(at + photos.length - 1) % photos.length]!)
            setTaps([])
          }}
        >
          {say.otherPhoto}
        </Button>
      ) : null}
    </div>
  )
}

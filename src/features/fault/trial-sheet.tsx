'use client'
import * as say from '../../words/en/screens/trials'
import { useState } from 'react'
import { changeOf, type Drag, DRAG_BY, DRAG_FELT, type TrialPiece, trialPieces } from '../../core/diagnosis'
import type { Asked } from '../../instruments/fits'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField, Tiles } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { CHANGE_WORDS, DRAG_NAMES, FELT_NAMES, PIECE_WORDS, pieceName } from '../../words/en/trials'
import { SheetCautions } from '../shared/later'
import { useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'
import { useLiveFields } from '../shared/live-fields'
import { powerAgainst } from './power-against'
import { PowerGuard } from './power-guard'

type By = Drag['by']
/** What is parted for it carries power: only on a machine that is shown dead. */
const NEEDS_DEAD: ReadonlySet<string> = new Set<TrialPiece>(['phases', 'coupling'])
const UNIT = { newtons: 'N', seconds: 's', turns: '', felt: '' } as const
/** How a drag that an instrument shows is asked of it. */
const ASKED: Readonly<Partial<Record<By, Asked>>> = {
  newtons: { quantity: 'force', unit: 'N', range: [0.001, 100_000], live: false },
  seconds: { quantity: 'time', unit: 's', range: [0.001, 100_000], live: false },
}

/** Undefined: nothing said. Null: no figure. */
function readDrag(by: By, text: string): Drag | null | undefined {
  if (text.trim() === '') return undefined
  const felt = DRAG_FELT.find((f) => f === text)
  if (by === 'felt') return felt ? { by, felt } : null
  const value = readNumber(text, UNIT[by] || undefined)
  return value === null || value < 0.001 || value > 100_000 ? null : { by, value }
}

/** One thing taken out of what turns, or put back, and how hard it turned on both sides of that. */
export function TrialSheet({
  piece: asked,
  text: named,
  back,
  onClose,
}: {
  readonly piece?: TrialPiece
  /** What it was, where the piece is none of the usual. */
  readonly text?: string
  readonly back?: boolean
  readonly onClose: () => void
}) {
  const job = useJob()
  const { state, file, log } = job
  const drives = file?.drives.map((d) => d.kind) ?? []
  // How it was told last; put back, it is the same piece, and what it was without it stands as it was read then.
  const last = state.trials.findLast((t) => t.did === 'took out' && (!back || (t.piece === asked && t.text === named)))
  const [piece, setPiece] = useState<TrialPiece | ''>(asked ?? '')
  const [text, setText] = useState(named ?? '')
  const [by, setBy] = useState<By>(last?.now.by ?? 'felt')
  const carried = back && last?.now.by === by ? last.now : undefined
  const shown = (d: Drag | undefined): string => (d === undefined ? '' : d.by === 'felt' ? d.felt : String(d.value))
  const [was, setWas] = useState<string>()
  const [now, setNow] = useState('')
  const [twin, setTwin] = useState<string>()
  const [fault, setFault] = useState<string>()
  const instrument = useInstrument(by === 'newtons' ? 'force' : 'time')
  const before = was ?? shown(carried)
  const sound = twin ?? shown(last?.twin?.by === by ? last.twin : undefined)
  const fields = [
    { key: 'was', label: back ? say.stillOut : say.withItIn, value: before, put: setWas },
    { key: 'now', label: back ? say.backIn : say.withItOut, value: now, put: setNow },
    ...(back ? [] : [{ key: 'twin', label: say.itsTwin, value: sound, put: setTwin }]),
  ]
  const live = useLiveFields(
    fields.map((f) => ({ ...f, asked: ASKED[by] })),
    (key, text, used) => {
      setFault(undefined)
      fields.find((f) => f.key === key)?.put(text)
      instrument.cameFrom(used)
    },
  )
  const read = { was: readDrag(by, before), now: readDrag(by, now), twin: readDrag(by, sound) }
  const change = read.was && read.now ? changeOf({ was: read.was, now: read.now }) : null
  const test = { power: NEEDS_DEAD.has(piece) ? 'dead' : 'either' } as const
  const against = powerAgainst(job, test)
  const done = (): void => {
    if (against) return setFault(against)
    if (piece === '' || (piece === 'other' && !text.trim())) return setFault(say.sayWhatItWas)
    for (const [key, typed] of [
      ['was', before],
      ['now', now],
      ['twin', sound],
    ] as const)
      if (read[key] === null) return setFault(say.isNoDrag(typed))
    if (!read.was || !read.now) return setFault(say.bothSides)
    log('trial-made', {
      piece,
      ...(piece === 'other' ? { text: text.trim() } : {}),
      did: back ? 'put back' : 'took out',
      was: read.was,
      now: read.now,
      ...(read.twin ? { twin: read.twin } : {}),
      ...(by !== 'felt' && instrument.used ? { instrument: instrument.used } : {}),
    })
    if (by !== 'felt') instrument.remember()
    onClose()
  }
  const pieces = trialPieces(drives, state.machine.class ?? file?.class)
  const how = piece === '' ? undefined : PIECE_WORDS[piece]
  return (
    <Sheet
      open
      onClose={onClose}
      title={back && piece !== '' ? `${say.putItBack}: ${pieceName({ piece, text })}` : say.takeOneOut}
      note={drives.includes('hub geared') ? `${say.sameWay} ${say.backward}` : say.sameWay}
    >
      <div className="grid gap-4">
        {back ? null : (
          <Tiles
            legend={say.takenOut}
            name="piece"
            value={piece}
            onChange={(p) => (setFault(undefined), setPiece(p))}
            options={pieces.map((p) => ({ value: p as TrialPiece | '', label: PIECE_WORDS[p].name }))}
          />
        )}
        {how ? <p className="text-[16.5px]">{back ? how.back : how.out}.</p> : null}
        <PowerGuard test={test} />
        {NEEDS_DEAD.has(piece) ? <SheetCautions sheet="turned" /> : null}
        {piece === 'other' && !back ? (
          <TextField label={say.whatIsIt} value={text} onChange={(e) => (setFault(undefined), setText(e.target.value))} maxLength={80} />
        ) : null}
        <Tiles
          legend={say.toldBy}
          name="by"
          value={by}
          onChange={(b) => (setBy(b), setWas(undefined), setNow(''), setTwin(undefined))}
          options={DRAG_BY.map((b) => ({ value: b, label: DRAG_NAMES[b] }))}
        />
        {live.row}
        {fields.map((f) => (
          <DragField key={f.key} label={f.label} by={by} value={f.value} onChange={f.put} onEnter={() => live.entered(f.key)} />
        ))}
        {by === 'felt' ? null : <InstrumentField choice={instrument} />}
        {change && piece !== '' && !back ? (
          <p role="status" className="text-[17px] font-semibold">
            {CHANGE_WORDS[change](pieceName({ piece, text }))}
          </p>
        ) : null}
        <Fault text={fault} />
        <Button weight="primary" disabled={against !== null} onClick={done}>
          {say.logTheTrial}
        </Button>
      </div>
    </Sheet>
  )
}

function DragField({
  label,
  by,
  value,
  onChange,
  onEnter,
}: {
  readonly label: string
  readonly by: By
  readonly value: string
  readonly onChange: (value: string) => void
  readonly onEnter: () => void
}) {
  if (by === 'felt')
    return (
      <Tiles
        legend={label}
        name={label}
        value={value}
        onChange={onChange}
        options={DRAG_FELT.map((f) => ({ value: f as string, label: FELT_NAMES[f] }))}
      />
    )
  return (
    <TextField
      label={say.dragOf(label, UNIT[by])}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      onFocus={onEnter}
      inputMode="decimal"
      autoComplete="off"
      maxLength={10}
    />
  )
}

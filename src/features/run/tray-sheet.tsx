'use client'
import clsx from 'clsx'
import * as say from '../../words/en/screens/tray'
import { useState } from 'react'
import { type FixingState, offParts, tally, trayDrawn } from '../../core/job'
import { cellName, MOST_TRAY, type Tray } from '../../core/machine'
import { Button } from '../../ui/button'
import { SelectField } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { conditionWords } from '../../words/en/pill'
import { useJob } from '../shared/context'
import { PhotoView } from '../shared/photos'
import { Drawn } from '../shared/screw-drawn'
import { SetPanel } from './set-panel'
import { StrayForm, StrayRow } from './strays'

/** The tray as it stands on the bench: what lies where, what goes back next, what would be taken for what, and whether it adds up. */
export function TraySheet({ cell: first, onClose }: { readonly cell?: string; readonly onClose: () => void }) {
  const { state, settings, when, addPhoto, mayWork } = useJob()
  const [tray, setTray] = useState(settings.tray)
  const [picked, setPicked] = useState(first ?? '')
  const drawn = trayDrawn(state, tray, when)
  const sum = tally(state)
  const behind = state.photos.findLast((p) => p.shows === 'tray')
  const cell = drawn.cells.get(picked)
  const open = state.strays.filter((s) => s.settled === undefined)
  const list = (title: string, of: readonly FixingState[]) =>
    of.length === 0 ? null : (
      <section>
        <h3 className="text-[16px] font-semibold">{title}</h3>
        <ul className="text-[16px]">
          {grouped(of).map(({ key, n, f }) => (
            <li key={key}>
              {n > 1 ? `${n} × ` : ''}
              {f.label}, {n > 1 ? conditionWords(f.condition) : `${f.place}, ${conditionWords(f.condition)}`}
              {f.note ? `: ${f.note}` : ''}
            </li>
          ))}
        </ul>
      </section>
    )
  return (
    <Sheet
      open
      wide
      onClose={onClose}
      title={say.theTray}
      note={say.trayNote(sum.removed, sum.fresh, sum.refitted, sum.notGoingBack, sum.open)}
    >
      <div className="grid gap-4">
        {drawn.outside.length > 0 ? (
          <p role="alert" className="text-[16px] font-semibold text-stop">
            {say.outside(drawn.outside, tray.rows, tray.columns)}
          </p>
        ) : null}
        <div className="relative rounded-lg border-2 border-steel bg-tray p-1.5">
          {behind ? <PhotoView id={behind.photo} alt="" className="absolute inset-0 size-full object-cover opacity-40" /> : null}
          <div className="relative grid gap-1" style={{ gridTemplateColumns: `repeat(${tray.columns}, minmax(0, 1fr))` }}>
            {Array.from({ length: tray.rows * tray.columns }, (_, n) => cellName(n, tray)).map((name) => (
              <Cell
                key={name}
                name={name}
                holds={drawn.cells.get(name)}
                on={name === picked}
                onPick={() => setPicked(name === picked ? '' : name)}
              />
            ))}
          </div>
        </div>
        {picked === '' ? <p className="text-[15px] text-steel">{say.tapACell}</p> : null}
        {cell?.sets.map((set) => (
          <SetPanel key={`${picked} ${set.joint}`} set={set} cell={picked} tray={tray} />
        ))}
        {open.length > 0 ? (
          <section className="grid gap-2">
            <h3 className="text-[16px] font-semibold">{say.strays}</h3>
            {open.map((s) => (
              <StrayRow key={s.stray} stray={s} />
            ))}
          </section>
        ) : null}
        {list(say.lostOnes, drawn.lost)}
        {list(say.beside, drawn.beside)}
        {list(say.renewed, drawn.renewed)}
        {list(say.gone, drawn.gone)}
        {offParts(state).length > 0 ? (
          <section>
            <h3 className="text-[16px] font-semibold">{say.partsOff}</h3>
            <p className="text-[16px]">
              {offParts(state)
                .map((p) => p.name)
                .join(', ')}
            </p>
          </section>
        ) : null}
        {mayWork ? <StrayForm cell={picked} tray={tray} /> : null}
        <div className="flex flex-wrap gap-2">
          <a
            className="narrow inline-flex min-h-12 items-center rounded-lg border-2 border-ink px-4"
            href={`/jobs/${state.jobId}/tray`}
            target="_blank"
            rel="noreferrer"
          >
            {say.print}
          </a>
          {mayWork ? <Button onClick={() => addPhoto(undefined, { shows: 'tray' })}>{say.trayPhoto}</Button> : null}
        </div>
        {mayWork ? <HowLarge tray={tray} onTray={setTray} /> : null}
      </div>
    </Sheet>
  )
}

/** Alike ones together. */
function grouped(of: readonly FixingState[]): readonly { readonly key: string; readonly n: number; readonly f: FixingState }[] {
  const by = new Map<string, { key: string; n: number; f: FixingState }>()
  for (const f of of) {
    const key = [f.joint, f.label, f.condition, f.note ?? ''].join('|')
    const known = by.get(key)
    if (known) known.n++
    else by.set(key, { key, n: 1, f })
  }
  return [...by.values()]
}

type Holds = ReturnType<typeof trayDrawn>['cells'] extends ReadonlyMap<string, infer T> ? T : never

function Cell({
  name,
  holds,
  on,
  onPick,
}: {
  readonly name: string
  readonly holds: Holds | undefined
  readonly on: boolean
  readonly onPick: () => void
}) {
  const sets = holds?.sets ?? []
  const wrong = sets.some((s) => s.alike.length > 0) || (holds?.strays.length ?? 0) > 0
  const next = sets.some((s) => s.next)
  const words = [
    ...sets.map((s) =>
      [
        `${say.of(s.pieces.length, s.of)} × ${s.label}`,
        ...(s.next ? [say.nextBack] : []),
        ...(s.alike.length > 0 ? [say.alike(s.alike)] : []),
      ].join(', '),
    ),
    ...(holds?.strays ?? []).map((s) => `${s.text}, ${say.strays}`),
  ]
  return (
    <button
      type="button"
      aria-pressed={on}
      aria-label={say.cellHolds(name, words.join('; ') || say.empty)}
      onClick={onPick}
      className={clsx(
        'narrow relative flex min-h-[76px] flex-col items-center justify-end gap-0.5 overflow-hidden rounded-md border-2 px-1 pb-1 pt-4 text-[13px] leading-tight',
        next ? 'border-copper bg-copper-tint' : wrong ? 'border-stop bg-paper' : 'border-rule bg-paper/80',
        on && 'outline-3 outline-offset-1 outline-pose',
      )}
    >
      <span aria-hidden className="absolute left-1 top-0.5 text-[12.5px] text-steel">
        {name}
        {wrong ? ' ▲' : ''}
        {next ? ' ↑' : ''}
      </span>
      {sets.map((s) => (
        <span aria-hidden key={s.joint} className="grid w-full justify-items-center">
          <Drawn label={s.label} pxPerMm={2.4} />
          <span>
            <b>{say.of(s.pieces.length, s.of)}</b> × {s.label}
          </span>
        </span>
      ))}
      {holds?.strays.map((s) => (
        <span aria-hidden key={s.stray} className="text-stop">
          ▲ {s.text}
        </span>
      ))}
    </button>
  )
}

/** Rows and columns of the shop’s tray, said once for every job. */
function HowLarge({ tray, onTray }: { readonly tray: Tray; readonly onTray: (tray: Tray) => void }) {
  const [unkept, setUnkept] = useState(false)
  const set = (next: Tray): void => {
    onTray(next)
    void fetch('/api/tray', { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(next) }).then(
      (r) => setUnkept(!r.ok),
      () => setUnkept(true),
    )
  }
  const numbers = (most: number): number[] => Array.from({ length: most }, (_, i) => i + 1)
  return (
    <details className="rounded-md border border-rule px-4 py-2">
      <summary className="min-h-11 cursor-pointer py-2 text-[16px]">{say.howLarge}</summary>
      <div className="grid grid-cols-2 gap-3 pb-2">
        {say.SIZES.map(([key, label]) => (
          <SelectField key={key} label={label} value={String(tray[key])} onChange={(e) => set({ ...tray, [key]: Number(e.target.value) })}>
            {numbers(MOST_TRAY[key]).map((n) => (
              <option key={n}>{n}</option>
            ))}
          </SelectField>
        ))}
      </div>
      {unkept ? <p className="text-[15px] text-stop">{say.notKept}</p> : null}
    </details>
  )
}

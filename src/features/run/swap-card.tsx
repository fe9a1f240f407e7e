'use client'
import * as number from '../../words/en/screens/bearing-number'
import * as convert from '../../words/en/screens/conversion'
import { widthsOf } from '../../core/machine'
import * as say from '../../words/en/screens/run-sheets'
import { useState } from 'react'
import { type Bodies, type JobState, stageIndex, wantedNew } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { noteWords } from '../../words/en/entries'
import { BearingNumber } from './bearing-number'
import { NewParts } from './new-parts'
import { PlugList } from './plug-list'
import { useJob } from '../shared/context'

/** What sat on the old part and goes over to the new one, if that came bare: nothing is left on the old one when it is sent back. */
function Transfer({
  parts,
  ticked,
  onTick,
}: {
  readonly parts: readonly { readonly id: string; readonly name: string }[]
  /** Ids of those that are over. */
  readonly ticked: readonly string[]
  readonly onTick: (ticked: readonly string[]) => void
}) {
  return (
    <fieldset className="grid gap-1.5">
      <legend className="mb-1 text-[15px] font-semibold">{say.goesOver}</legend>
      {parts.map(({ id, name }) => (
        <label
          key={id}
          className="flex min-h-12 cursor-pointer items-center gap-3 rounded-md border-2 border-rule px-3 has-checked:border-ok has-checked:bg-ok-tint"
        >
          <input
            type="checkbox"
            className="size-6 accent-ok"
            checked={ticked.includes(id)}
            onChange={() => onTick(ticked.includes(id) ? ticked.filter((t) => t !== id) : [...ticked, id])}
          />
          <span className="flex-1 text-[16px]">{name}</span>
          <span className="text-[14px] text-steel">{ticked.includes(id) ? say.offTheOldOne : say.stillOnTheOld}</span>
        </label>
      ))}
    </fieldset>
  )
}

/** What went over, with its words for a shop where an older build still reads. */
function toldMoved(moved: readonly string[], state: JobState): Bodies['note-added'] {
  return { moved, text: noteWords({ moved }, state) }
}

/** Pieces that were not sound as they came out: a new one of each has to be here before it goes back. */
function ToGet() {
  const { state } = useJob()
  return wantedNew(state).map((p) => (
    <p key={p.id} className="text-[17px] text-look">
      <span aria-hidden>◆ </span>
      {say.newOneToGet(p.label, p.place)}
    </p>
  ))
}

/** What comes in several widths on this machine: the one that it went into, or the way to another. */
function Widths({ but }: { readonly but?: string | undefined }) {
  const { state, file, mayWork, open } = useJob()
  return (file ? widthsOf(file, state.variants) : []).map((set) => {
    if (set.id === but) return null
    const done = state.converted[set.id]
    return done ? (
      <p key={set.id} className="text-[17px]">
        <span className="text-ok">● </span>
        {convert.isNow(done.name, done.to.label, done.from.label)}
      </p>
    ) : mayWork ? (
      <Button key={set.id} weight="quiet" onClick={() => open({ kind: 'convert', set: set.id })}>
        {convert.toIt(set.name)}
      </Button>
    ) : null
  })
}

/** The bottom of the dip: old out, new in, both serial numbers. */
export function SwapCard() {
  const { state, file, log, logAll, mayWork, show, addPhoto, open: openSheet } = useJob()
  const open = state.swap.find((s) => state.steps[s.id]?.status !== 'done')
  const [oldSerial, setOld] = useState('')
  const [newSerial, setNew] = useState('')
  const [ticked, setTicked] = useState<readonly string[]>([])
  const onUp = (): void => {
    if (stageIndex(state.stage) < stageIndex('build up')) log('stage-moved', { to: 'build up' })
    show('build up')
  }
  if (!open) {
    return (
      <article className="flex min-h-full flex-col gap-3">
        <p className="text-[15px] text-steel">{say.atTheBottom}</p>
        <h2 className="title text-[30px]">
          {state.swap.length > 0 ? say.swappedNowBackUp : file ? say.nothingToSwapHere : say.newPartsThen}
        </h2>
        <ul className="grid gap-1 text-[17px]">
          {Object.values(state.parts)
            .filter((p) => p.replaced)
            .map((p) => (
              <li key={p.id}>
                <span className="font-semibold text-ok">{say.newPart(p.name)}</span>{' '}
                {say.serials(p.replaced?.newSerial, p.replaced?.oldSerial)}
              </li>
            ))}
        </ul>
        <ToGet />
        <Widths />
        {file ? null : <NewParts />}
        {state.swap.length === 0 ? <PlugList /> : null}
        <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
          {mayWork ? (
            <Button weight="primary" onClick={onUp}>
              {say.startUp}
            </Button>
          ) : null}
        </div>
      </article>
    )
  }
  const n = state.swap.indexOf(open) + 1
  const bearing = file?.bearings?.find((b) => b.part === open.part?.id)
  const replaced = new Set(state.swap.flatMap((s) => (s.part ? [s.part.id] : [])))
  const converts = file?.widths?.find((w) => w.id === open.converts && !state.converted[w.id])
  // What comes along has no old one, and nothing to take over from it.
  const comesAlong = open.part !== undefined && (converts !== undefined || state.parts[open.part.id]?.added === true)
  const over = Object.values(state.parts).filter(
    (p) =>
      p.condition === 'off' &&
      !comesAlong &&
      !replaced.has(p.id) &&
      file?.parts.find((f) => f.of?.some((id) => replaced.has(id)))?.of?.includes(p.id),
  )
  const onSwapped = (): void => {
    if (open.part) {
      const body = {
        part: open.part.id,
        step: open.id,
        ...(oldSerial.trim() ? { oldSerial: oldSerial.trim() } : {}),
        ...(newSerial.trim() ? { newSerial: newSerial.trim() } : {}),
      }
      logAll([
        { kind: 'part-replaced', body },
        ...(ticked.length > 0 ? [{ kind: 'note-added' as const, body: { ...toldMoved(ticked, state), step: open.id } }] : []),
      ])
    } else log('step-done', { step: open.id })
    setTicked([])
    setOld('')
    setNew('')
  }
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.swapOf(n, state.swap.length, open.job)}</p>
      <h2 className="title text-[30px]">{open.title}</h2>
      {open.note ? <p className="text-[17px]">{open.note}</p> : null}
      {open.part ? (
        <div className="grid grid-cols-2 gap-2">
          {comesAlong ? null : (
            <TextField
              label={bearing ? number.oldNumber(open.part.name) : say.oldSerial(open.part.name)}
              value={oldSerial}
              onChange={(e) => setOld(e.target.value)}
              maxLength={80}
            />
          )}
          <TextField
            label={bearing ? number.newNumber : say.newSerial}
            value={newSerial}
            onChange={(e) => setNew(e.target.value)}
            maxLength={80}
          />
          {mayWork
            ? [...(comesAlong ? [] : [say.plateOfOld(open.part.name)]), say.plateOfNew(open.part.name)].map((caption) => (
                <Button key={caption} weight="quiet" onClick={() => addPhoto(open.id, { caption })}>
                  {say.photoOfThePlate}
                </Button>
              ))
            : null}
        </div>
      ) : null}
      {bearing ? <BearingNumber designation={bearing.designation} old={oldSerial} fresh={newSerial} /> : null}
      <ToGet />
      <Widths but={converts?.id} />
      {converts && open.part ? <p className="text-[17px]">{convert.noPlaceYet(open.part.name)}</p> : null}
      {over.length > 0 ? <Transfer parts={over} ticked={ticked} onTick={setTicked} /> : null}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? (
          <div className="flex gap-2">
            {converts ? (
              <Button weight="primary" className="flex-1" onClick={() => openSheet({ kind: 'convert', set: converts.id })}>
                {convert.toIt(converts.name)}
              </Button>
            ) : null}
            {converts && open.part ? null : (
              <Button weight={converts ? 'plain' : 'primary'} className={converts ? 'w-[30%]' : 'flex-1'} onClick={onSwapped}>
                {open.part ? say.newItIs(open.part.name) : converts ? convert.staysAsItIs : say.comparedTheyMatch}
              </Button>
            )}
            <Button className="w-[30%]" onClick={() => addPhoto(open.id)}>
              {say.photo}
            </Button>
          </div>
        ) : null}
      </div>
    </article>
  )
}

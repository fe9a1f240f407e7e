'use client'
import * as say from '../../words/en/screens/job-sheets'
import { useState } from 'react'
import { type Entry, type JobState, readEntry, stageIndex, strikeWantsLead, type UnknownEntry } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { clockText } from '../../ui/time'
import { STAGE_LABEL, STAGE_LIST } from '../../words/en/job-state'
import { useJob } from '../shared/context'
import { describeEntry } from '../../words/en/journal-line'

/** A line of the journal in words; one that cannot be put into words says so, and the others stand. */
function lineOf(entry: Entry | UnknownEntry, state: JobState): string {
  try {
    const known = readEntry(entry)
    return known ? describeEntry(known, state) : say.somethingFromANewer(entry.kind)
  } catch {
    return say.aLineThatCannot(entry.kind)
  }
}

/** The last line that a quick undo takes back, as it stands, before it is crossed out. */
export function CrossOutSheet({ entry: id, onClose }: { readonly entry: string; readonly onClose: () => void }) {
  const { view, state, log, now } = useJob()
  const entry = view.entries.find((e) => e.id === id)
  if (!entry) return null
  return (
    <Sheet open onClose={onClose} title={say.crossOutThis} note={now > 0 ? clockText(entry.at, now) : ''}>
      <div className="grid gap-4">
        <p className="text-[18px]">{lineOf(entry, state)}</p>
        <p className="text-[16px] text-steel">{say.itStaysReadable}</p>
        <Button weight="primary" onClick={() => (log('struck', { target: id }), onClose())}>
          {say.crossItOut}
        </Button>
      </div>
    </Sheet>
  )
}

/** The journal as a paper log: newest first, crossed-out lines struck through; any can be crossed out. */
export function JournalSheet({ onClose }: { readonly onClose: () => void }) {
  const { view, state, now, nameOf, log, mayWork, person } = useJob()
  const [striking, setStriking] = useState<string | null>(null)
  const [reason, setReason] = useState('')
  const struck = new Set(state.struck)
  const flags = new Map(state.flags.map((f) => [f.entry, f.kind]))
  const mayStrike = (e: Entry | UnknownEntry): boolean => {
    if (!mayWork || e.seq === 1) return false
    return lead(e) ? person.role === 'lead' : true
  }
  const lead = (e: Entry | UnknownEntry): boolean => strikeWantsLead(view.entries, e.id)
  return (
    <Sheet open onClose={onClose} title={say.journal} note={say.entriesNote(view.entries.length)}>
      <ol className="grid gap-1">
        {[...view.entries].reverse().map((e) => (
          <li key={e.id} className="border-t border-rule py-2">
            <div className="flex items-start gap-3">
              <p className={`flex-1 text-[16px] ${struck.has(e.id) ? 'text-steel line-through' : ''}`}>
                {lineOf(e, state)}
                <span className="block text-[14px] text-steel">
                  {say.notSentYet(nameOf(e.by), now, clockText(e.at, now), view.unsent.has(e.id), flags.has(e.id), flags.get(e.id))}
                </span>
              </p>
              {mayStrike(e) && !struck.has(e.id) && striking !== e.id ? (
                <Button
                  weight="quiet"
                  className="min-h-11 px-3 text-[14px]"
                  onClick={() => (lead(e) ? (setStriking(e.id), setReason('')) : log('struck', { target: e.id }))}
                >
                  {say.crossOut}
                </Button>
              ) : null}
            </div>
            {striking === e.id ? (
              <form
                className="mt-2 grid gap-2"
                onSubmit={(ev) => (
                  ev.preventDefault(),
                  reason.trim() && (log('struck', { target: e.id, reason: reason.trim() }), setStriking(null))
                )}
              >
                <TextField
                  label={say.whyIsItCrossed}
                  value={reason}
                  onChange={(ev) => setReason(ev.target.value)}
                  maxLength={500}
                  autoFocus
                />
                <Button type="submit">{say.crossOutWithThis}</Button>
              </form>
            ) : null}
          </li>
        ))}
      </ol>
    </Sheet>
  )
}

/** Entries that the server would not take: why, and to keep. */
export function ShelfSheet({ onClose }: { readonly onClose: () => void }) {
  const { view, putAway, offer } = useJob()
  const save = (): void => {
    const url = URL.createObjectURL(new Blob([JSON.stringify(view.shelf, null, 1)], { type: 'application/json' }))
    const a = Object.assign(document.createElement('a'), { href: url, download: 'entries-not-taken.json' })
    a.click()
    URL.revokeObjectURL(url)
  }
  return (
    <Sheet open onClose={onClose} title={say.notTaken} note={say.theyAreKept}>
      {view.shelf.length === 0 ? (
        <p className="text-[17px]">{say.theShelfIsEmpty}</p>
      ) : (
        <>
          <ul className="grid gap-2">
            {view.shelf.map((s) => (
              <li key={s.id} className="rounded-md border border-rule p-3 text-[16px]">
                <p className="font-semibold">{s.draft.kind}</p>
                <p>
                  <span className="font-bold text-stop">▲ </span>
                  {s.reason}
                </p>
                <pre className="mt-1 max-h-24 overflow-auto text-[13px] text-steel" tabIndex={0}>
                  {JSON.stringify(s.draft.body).slice(0, 600)}
                </pre>
                <Button weight="quiet" className="mt-1 min-h-11 text-[14px]" onClick={() => offer(s.id)}>
                  {say.offerItAgain}
                </Button>
                <Button weight="quiet" className="ml-2 mt-1 min-h-11 text-[14px]" onClick={() => putAway(s.id)}>
                  {say.putAway}
                </Button>
              </li>
            ))}
          </ul>
          <Button className="mt-4" onClick={save}>
            {say.saveThemAs}
          </Button>
        </>
      )}
    </Sheet>
  )
}

/** Where to look, and where the job is. */
export function StagesSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, show, stage: shown } = useJob()
  return (
    <Sheet open onClose={onClose} title={say.goToAStage} note={say.thisOnlyLooks}>
      <ul className="grid gap-2">
        {STAGE_LIST.map((stage) => (
          <li key={stage}>
            <Button className="w-full" weight={stage === shown ? 'primary' : 'plain'} onClick={() => (show(stage), onClose())}>
              {say.theJobIsHere(STAGE_LABEL[stage], stage === state.stage, stageIndex(stage) < stageIndex(state.stage))}
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  )
}

const KEYS = [
  [say.space, say.doesThePresentStep],
  [say.shiftSpace, say.crossesOutYourLast],
  [say.pageDownPageUp, say.theSameTwo],
  ['L', say.keyLogLine],
  ['R', say.keyReading],
  ['P', say.keyPhoto],
  ['G', say.keyStage],
  ['?', say.keyKeys],
] as const

export function KeysSheet({
  onClose,
  single,
  onSingle,
}: {
  readonly onClose: () => void
  readonly single: boolean
  readonly onSingle: (on: boolean) => void
}) {
  return (
    <Sheet open onClose={onClose} title={say.keys} note={say.spaceAndThePedal}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2 text-[17px]">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="narrow">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <label className="mt-5 flex min-h-12 cursor-pointer items-center gap-3 text-[17px]">
        <input type="checkbox" checked={single} onChange={(e) => onSingle(e.target.checked)} className="size-6 accent-copper" />
        {say.singleKeysAreOn}
      </label>
    </Sheet>
  )
}

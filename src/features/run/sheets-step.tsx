'use client'
import * as say from '../../words/en/screens/run-sheets'
import { freeCell } from '../../core/machine'
import { type ReactNode, useState } from 'react'
import { type AnyCheck, asksOwner, LEFT_WHY, type LeftWhy, type Stage } from '../../core/job'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextArea, TextField, Tiles } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { STAGE_LABEL } from '../../words/en/job-state'
import { checkWords } from '../../words/en/checks'
import { LEFT_WORDS } from '../../words/en/entries'
import { useJob } from '../shared/context'
import { conditionWords } from '../../words/en/pill'

const WAYS = [
  { value: 'lost', label: say.lost },
  { value: 'found', label: say.foundAgain },
  { value: 'own hole', label: say.backInItsOwn },
  { value: 'carrier', label: say.keptOnItsPart },
  { value: 'cell', label: say.inACell },
  { value: 'replaced', label: say.newOneWanted },
  { value: 'kept out', label: say.notGoingBack },
  { value: 'loosened', label: say.onlyLoosened },
  { value: 'final', label: say.onAndTight },
  { value: 'size', label: say.anotherSize },
  { value: 'other', label: say.somethingElse },
] as const
type Way = (typeof WAYS)[number]['value']

/** What is different here from what the file says: which of the fixings, and how. */
export function DiffersSheet({ step: id, onClose }: { readonly step: string; readonly onClose: () => void }) {
  const { state, log, settings } = useJob()
  const step = [...state.down, ...state.up].find((s) => s.id === id)
  const fixings = (step?.fixings ?? []).flatMap((f) => state.fixings[f.id] ?? [])
  const [way, setWay] = useState<Way>(fixings.length > 0 ? 'lost' : 'other')
  const [chosen, setChosen] = useState<readonly string[]>(fixings.length === 1 ? [fixings[0]!.id] : [])
  const [text, setText] = useState('')
  const [fault, setFault] = useState<string>()
  const toggle = (member: string): void => setChosen(chosen.includes(member) ? chosen.filter((m) => m !== member) : [...chosen, member])
  const taken = new Set(Object.values(state.fixings).flatMap((f) => (f.where ? [f.where] : f.cell ? [f.cell] : [])))
  const done = (): void => {
    const words = text.trim()
    if ((way === 'other' || way === 'size') && !words) return setFault(say.sayWhatIsDifferent)
    if (way !== 'other' && chosen.length === 0) return setFault(say.whichOfThemTap)
    const own = fixings.find((f) => f.id === chosen[0])?.cell
    if (way === 'lost') log('fixing-lost', { members: chosen, ...(words ? { text: words } : {}) })
    else if (way === 'found') log('fixing-found', { members: chosen, cell: own ?? freeCell(taken, settings.tray) })
    else if (way === 'replaced') log('fixing-replaced', { members: chosen, ...(words ? { label: words, reason: words } : {}) })
    else if (way === 'kept out') log('fixing-kept-out', { members: chosen, ...(words ? { reason: words } : {}) })
    else if (way === 'final') log('fixing-in', { members: chosen, pass: 'final' })
    else if (way === 'size') log('step-differs', { step: id, text: words, members: chosen })
    else if (way === 'other') log('step-differs', { step: id, text: words })
    else
      log('fixing-out', {
        members: chosen,
        to: way,
        ...(way === 'cell' ? { cell: own ?? freeCell(taken, settings.tray) } : {}),
        ...(words ? { condition: words.slice(0, 120) } : {}),
      })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.whatIsDifferent} note={step?.title ?? ''}>
      <div className="grid gap-4">
        <Tiles
          legend={say.how}
          name="way"
          value={way}
          onChange={(w) => (setFault(undefined), setWay(w))}
          options={fixings.length > 0 ? WAYS : WAYS.slice(-1)}
        />
        {way !== 'other' ? (
          <fieldset>
            <legend className="mb-1 text-[15px] font-semibold">{say.which}</legend>
            <div className="grid gap-1.5">
              {fixings.map((f) => (
                <label
                  key={f.id}
                  className="flex min-h-12 cursor-pointer items-center gap-3 rounded-md border-2 border-rule px-3 has-checked:border-copper has-checked:bg-copper-tint"
                >
                  <input
                    type="checkbox"
                    checked={chosen.includes(f.id)}
                    onChange={() => (setFault(undefined), toggle(f.id))}
                    className="size-5 accent-copper"
                  />
                  <span className="flex-1">
                    {f.label}, {f.place}
                  </span>
                  <span className="text-[14px] text-steel">
                    {conditionWords(f.condition)}
                    {f.where ? `, ${f.where}` : ''}
                  </span>
                </label>
              ))}
            </div>
          </fieldset>
        ) : null}
        <TextArea
          label={way === 'other' ? say.what : way === 'size' ? say.whatSize : say.anythingToAdd}
          value={text}
          onChange={(e) => (setFault(undefined), setText(e.target.value))}
          maxLength={2000}
        />
        <Fault text={fault} />
        <Button weight="primary" onClick={done}>
          {say.logIt}
        </Button>
      </div>
    </Sheet>
  )
}

/** Leaving a step undone on purpose. */
export function LeftSheet({ step: id, onClose }: { readonly step: string; readonly onClose: () => void }) {
  const { state, log } = useJob()
  const step = [...state.down, ...state.up].find((s) => s.id === id)
  const [why, setWhy] = useState<LeftWhy>(LEFT_WHY[0])
  const [text, setText] = useState('')
  return (
    <Sheet open onClose={onClose} title={say.leaveItOn} note={step?.title ?? ''}>
      <div className="grid gap-4">
        <Tiles
          legend={say.why}
          name="why"
          value={why}
          onChange={setWhy}
          options={LEFT_WHY.map((w) => ({ value: w, label: LEFT_WORDS[w] }))}
        />
        <TextField label={say.anythingToAdd} value={text} onChange={(e) => setText(e.target.value)} maxLength={1000} />
        <Button
          weight="primary"
          onClick={() => {
            const members = step?.limb === 'down' ? step.fixings.map((f) => f.id) : []
            log('step-left', { step: id, why, ...(text.trim() ? { reason: text.trim() } : {}), ...(members.length > 0 ? { members } : {}) })
            onClose()
          }}
        >
          {say.leaveItOn}
        </Button>
      </div>
    </Sheet>
  )
}

function Reasoned({
  title,
  note,
  label,
  action,
  also,
  lacks,
  onClose,
  onDone,
}: {
  readonly title: string
  readonly note: string
  readonly label: string
  readonly action: string
  /** A field of its own, and what it lacks. */
  readonly also?: ReactNode
  readonly lacks?: string
  readonly onClose: () => void
  readonly onDone: (reason: string) => void
}) {
  const [reason, setReason] = useState('')
  const [fault, setFault] = useState<string>()
  const done = (): void => {
    const wrong = !reason.trim() ? say.aReasonIsWanted : lacks
    if (wrong) return setFault(wrong)
    onDone(reason.trim())
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={title} note={note}>
      <div className="grid gap-4">
        <TextArea
          label={label}
          value={reason}
          onChange={(e) => (setFault(undefined), setReason(e.target.value))}
          maxLength={2000}
          aria-invalid={fault !== undefined || undefined}
        />
        {also}
        <Fault text={fault} />
        <Button weight="primary" onClick={done}>
          {action}
        </Button>
      </div>
    </Sheet>
  )
}

/** Passing over a check, with a name and a reason; where it is the owner's to say, with their yes. */
export function OverrideSheet({ check, onClose }: { readonly check: AnyCheck; readonly onClose: () => void }) {
  const { log, person } = useJob()
  const [owner, setOwner] = useState('')
  const asks = asksOwner(check)
  return (
    <Reasoned
      title={say.goOnWithout(checkWords(check).toLowerCase())}
      note={say.yourNameStands(person.name)}
      label={say.why}
      action={say.goOnWithoutIt}
      onClose={onClose}
      {...(asks
        ? {
            also: (
              <TextField
                label={say.ownerSaidYes}
                value={owner}
                onChange={(e) => setOwner(e.target.value)}
                maxLength={120}
                autoComplete="off"
              />
            ),
          }
        : {})}
      {...(asks && !owner.trim() ? { lacks: say.ownerFirst } : {})}
      onDone={(reason) => log('check-overridden', { check, reason, ...(asks ? { owner: owner.trim() } : {}) })}
    />
  )
}

/** Going back a stage. */
export function MoveBackSheet({ to, onClose }: { readonly to: Stage; readonly onClose: () => void }) {
  const { log, show } = useJob()
  return (
    <Reasoned
      title={say.backTo(STAGE_LABEL[to].toLowerCase())}
      note={say.goingBackIsPart}
      label={say.why}
      action={say.backTo(STAGE_LABEL[to].toLowerCase())}
      onClose={onClose}
      onDone={(reason) => (log('stage-moved', { to, reason }), show(to))}
    />
  )
}

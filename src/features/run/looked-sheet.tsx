'use client'
import * as say from '../../words/en/screens/looks'
import { useState } from 'react'
import { type CheckItem, fixingsHeldBefore, LOOKED_OVER, type LookOf, steeringMissing, type TestItem } from '../../core/job'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { SelectField, TextField } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { ITEMS } from '../../words/en/checks'
import { LOOK_NAMES } from '../../words/en/looks'
import { titleOf } from '../../words/en/titles'
import { useJob } from '../shared/context'
import { useLine } from '../shared/use-line'

type Answers = Readonly<Partial<Record<CheckItem, 'right' | 'wrong'>>>

/** Each thing looked over by itself, under a name; what is found before a heavy part moves becomes a step of its own. */
export function LookedSheet({ of, step, onClose }: { readonly of: LookOf; readonly step?: string; readonly onClose: () => void }) {
  const job = useJob()
  const { state, person, people, nameOf, logAll, logFor, signFor } = job
  const missing = of === 'steering' ? steeringMissing(state)[0] : undefined
  const first = missing?.is === 'look' && missing.wants === 'second person' ? missing.by : undefined
  // Whoever looked first hands the tablet over for one entry; anybody else is the second person already.
  const hands = first !== undefined && first === person.id
  const others = people.filter((p) => p.id !== first && (p.role === 'lead' || p.role === 'mechanic'))
  const [answers, setAnswers] = useState<Answers>({})
  const [text, setText] = useState('')
  const typed = useLine(text)
  const [who, setWho] = useState('')
  const [passphrase, setPassphrase] = useState('')
  const [fault, setFault] = useState<string>()
  const [busy, setBusy] = useState(false)
  const items = LOOKED_OVER[of]
  const wrong = items.filter((i) => answers[i] === 'wrong')
  const held = step === undefined ? null : fixingsHeldBefore(state, step)
  const done = async (): Promise<void> => {
    const unsaid = items.find((i) => answers[i] === undefined)
    if (unsaid) return setFault(say.notAnswered(ITEMS[unsaid]))
    const read = typed?.read
    if (wrong.length > 0 && !read) return setFault(say.whatAndWhere)
    const found =
      of === 'last look' && wrong.length > 0 && typed && read ? typed.reader.foundEntry(state, job.settings.tray, read) : undefined
    const body = {
      of,
      ...(step === undefined ? {} : { step }),
      items: items.map((item): TestItem => ({ item, result: answers[item]! })),
      ...(text.trim() ? { text: text.trim() } : {}),
      ...(found ? { found: found.body.step } : {}),
    }
    if (!hands) {
      logAll([...(found ? [found] : []), { kind: 'look-made', body }])
      return onClose()
    }
    const name = people.find((p) => p.id === who)?.name
    if (name === undefined) return setFault(say.whoLooks)
    setBusy(true)
    const signed = await signFor(name, passphrase).catch(() => ({ message: say.noServer }))
    setBusy(false)
    setPassphrase('')
    if ('message' in signed) return setFault(signed.message)
    logFor(signed.personId, 'look-made', body)
    onClose()
  }
  return (
    <Sheet
      open
      onClose={onClose}
      title={LOOK_NAMES[of]}
      note={step === undefined ? (first === undefined ? say.byYou(person.name) : say.lookedFirst(nameOf(first))) : titleOf(state, step)}
    >
      <div className="grid gap-4">
        {held ? (
          <div className="rounded-md border border-rule px-4 py-2 text-[16.5px]">
            <p className="font-semibold">{say.outOf(held.out, held.of)}</p>
            {held.still.map((f) => (
              <p key={f.id} className="text-look">
                <span aria-hidden>◆ </span>
                {say.stillIn(f.label, f.place)}
              </p>
            ))}
          </div>
        ) : null}
        <fieldset className="grid gap-2">
          <legend className="mb-1 text-[15px] font-semibold">{say.eachByItself}</legend>
          {items.map((item) => (
            <div key={item} role="group" aria-label={ITEMS[item]} className="flex flex-wrap items-stretch gap-2">
              <button
                type="button"
                aria-pressed={answers[item] === 'right'}
                onClick={() => (setFault(undefined), setAnswers({ ...answers, [item]: 'right' }))}
                className={`min-h-14 flex-1 basis-44 rounded-md border-2 px-3 text-left text-[16.5px] ${answers[item] === 'right' ? 'border-ok bg-ok-tint text-ok' : 'border-rule bg-paper'}`}
              >
                {answers[item] === 'right' ? '● ' : ''}
                {ITEMS[item]}
                <span className="sr-only">: {say.right}</span>
              </button>
              <button
                type="button"
                aria-pressed={answers[item] === 'wrong'}
                onClick={() => (setFault(undefined), setAnswers({ ...answers, [item]: 'wrong' }))}
                className={`narrow min-h-12 rounded-md border-2 px-3 text-[15.5px] ${answers[item] === 'wrong' ? 'border-stop bg-stop-tint text-stop' : 'border-rule bg-paper'}`}
              >
                {answers[item] === 'wrong' ? '▲ ' : ''}
                {of === 'last look' ? say.found : say.wrong}
              </button>
            </div>
          ))}
        </fieldset>
        {wrong.length > 0 || text ? (
          <TextField
            label={of === 'last look' ? say.whatIsIt : say.whatIsWrong}
            value={text}
            onChange={(e) => (setFault(undefined), setText(e.target.value))}
            maxLength={160}
            autoComplete="off"
          />
        ) : null}
        {hands ? (
          <fieldset className="grid gap-2 border-l-[6px] border-pose bg-pose-tint px-4 py-3">
            <legend className="sr-only">{say.secondPerson}</legend>
            <p className="text-[16.5px] font-semibold">{say.handItOver}</p>
            <SelectField label={say.name} value={who} onChange={(e) => (setFault(undefined), setWho(e.target.value))}>
              <option value="">{say.choose}</option>
              {others.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}
                </option>
              ))}
            </SelectField>
            <TextField
              label={say.passphrase}
              type="password"
              value={passphrase}
              onChange={(e) => (setFault(undefined), setPassphrase(e.target.value))}
              autoComplete="off"
              maxLength={400}
            />
          </fieldset>
        ) : null}
        <Fault text={fault} />
        <Button weight="primary" disabled={busy} onClick={() => void done()}>
          {wrong.length > 0 ? say.logTheFind : say.putMyName}
        </Button>
      </div>
    </Sheet>
  )
}

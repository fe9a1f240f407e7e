'use client'
import * as say from '../../words/en/screens/prove'
import { useState } from 'react'
import { type CheckId, type CheckItem, ladderIn, looksIn, shutBy, sumsOf, type TestItem } from '../../core/job'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextArea } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { clockText } from '../../ui/time'
import { SheetCautions } from '../shared/later'
import { checkSheetTitle, itemWords, STANDS } from '../../words/en/checks'
import { waitWords } from '../../words/en/missing'
import { inside } from '../../words/en/inside'
import { isNoFigure } from '../../words/en/screens/check-figures'
import { useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'
import { asReadings, FigureRows, figuresOf, outOfLimit, readFigures, type Typed } from './figure-rows'

/** By the words of each item: a file names each once, and ours all differ. */
type Answers = Readonly<Record<string, TestItem['result'] | undefined>>
type Item = { readonly item: CheckItem } | { readonly name: string }

/** A check made by looking: what has to stand first, then each thing right, wrong, or not tested and said so. */
export function CheckSheet({ check, step, onClose }: { readonly check: CheckId; readonly step?: string; readonly onClose: () => void }) {
  const { state, now, logAll, mayWork, views } = useJob()
  const fields = figuresOf(check, ladderIn(state))
  const [typed, setTyped] = useState<Typed>({})
  const caliper = useInstrument('length')
  const passing = state.up.find((s) => (step ? s.id === step : s.check === check))
  const base = looksIn(check, state)
  // What the machine file says is looked at comes before what is looked at on most.
  const own = passing?.looks
  const standing = own ? own.stand : (base?.stand.map((s) => STANDS[s]) ?? [])
  const looked: readonly Item[] = own ? own.items.map((name) => ({ name })) : (base?.items.map((item) => ({ item })) ?? [])
  const [stood, setStood] = useState(standing.length === 0)
  const [answers, setAnswers] = useState<Answers>({})
  const [text, setText] = useState('')
  const [fault, setFault] = useState<string>()
  const [works, setWorks] = useState(false)
  if (!base) return null
  const shut = shutBy(state, now, (rule) => rule.binds.steps?.some((s) => s === check))
  const set = (name: string, result: TestItem['result']): void => {
    const said = { ...answers, [name]: result }
    setFault(undefined)
    setAnswers(said)
    // The last that is right says the whole: nothing was wrong, and nothing is left to add.
    if (stood && shut.length === 0 && text.trim() === '' && looked.every((i) => said[itemWords(i)] === 'right')) done(said)
  }
  const done = (answers: Answers): void => {
    if (!stood) return setFault(say.firstOpen(standing.map(inside).join('; ')))
    const unsaid = looked.find((i) => answers[itemWords(i)] === undefined)
    if (unsaid) return setFault(say.rightOrWrong(itemWords(unsaid), base.mayLeave))
    const read = readFigures(fields, typed)
    if (typeof read === 'string') return setFault(isNoFigure(read))
    const items = [...looked.map((i): TestItem => ({ ...i, result: answers[itemWords(i)]! })), ...outOfLimit(read)]
    const readings = asReadings(read, state.power.state === 'live', caliper.used)
    if (readings.length > 0) caliper.remember()
    const wrong = items.filter((i) => i.result === 'wrong')
    if (wrong.length === 0 && items.every((i) => i.result === 'not tested')) return setFault(say.nothingWasTested)
    if (wrong.length > 0)
      logAll([...readings, { kind: 'check-failed', body: { check, items, ...(text.trim() ? { text: text.trim() } : {}) } }])
    else
      logAll([
        ...readings,
        {
          kind: 'check-passed',
          body: {
            check,
            shown: 'its list',
            ...(text.trim() ? { evidence: text.trim() } : {}),
            items,
            ...(step ? { step } : {}),
          },
        },
      ])
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={checkSheetTitle(check)} note={passing?.reopen ? say.beforeItIsClosed(passing.reopen) : ''}>
      <div className="grid gap-4">
        {check === 'spin test' ? <SheetCautions sheet="spin test" /> : null}
        {shut.map((s) => (
          <p key={s.check} role="alert" className="border-l-[6px] border-stop bg-stop-tint px-4 py-2 text-[16px]">
            <span className="font-bold text-stop">▲ </span>
            {say.notYet(waitWords({ is: 'check', check: s.check }, state, (at) => (now > 0 ? `, ${clockText(at, now)}` : '')))}
          </p>
        ))}
        {standing.length > 0 ? (
          <fieldset className="grid gap-1.5">
            <legend className="mb-1 text-[15px] font-semibold">{say.first}</legend>
            <label className="flex min-h-12 cursor-pointer items-center gap-3 rounded-md border-2 border-rule px-3 has-checked:border-ok has-checked:bg-ok-tint">
              <input
                type="checkbox"
                className="size-6 accent-ok"
                checked={stood}
                onChange={() => (setFault(undefined), setStood(!stood))}
              />
              <ul className="text-[16px]">
                {standing.map((s) => (
                  <li key={s}>{s}</li>
                ))}
              </ul>
            </label>
          </fieldset>
        ) : null}
        {fields.length > 0 ? (
          <FigureRows fields={fields} typed={typed} onChange={(t) => (setFault(undefined), setTyped(t))} onTaken={caliper.cameFrom} />
        ) : null}
        {Object.values(typed).some((t) => t.trim() !== '') ? <InstrumentField choice={caliper} /> : null}
        <fieldset className="grid gap-2">
          <legend className="mb-1 flex w-full items-center justify-between text-[15px] font-semibold">{say.thenEach}</legend>
          {looked.map(itemWords).map((name) => (
            <div key={name} role="group" aria-label={name} className="flex flex-wrap items-stretch gap-2">
              <button
                type="button"
                aria-pressed={answers[name] === 'right'}
                onClick={() => set(name, 'right')}
                className={`min-h-14 flex-1 basis-44 rounded-md border-2 px-3 text-left text-[16.5px] ${answers[name] === 'right' ? ON.ok : 'border-rule bg-paper'}`}
              >
                {answers[name] === 'right' ? `${SIGN.ok} ` : ''}
                {name}
                <span className="sr-only">: {say.right}</span>
              </button>
              <Answer label={say.wrong} on={answers[name] === 'wrong'} tone="stop" onClick={() => set(name, 'wrong')} />
              {base.mayLeave ? (
                <Answer label={say.notTested} on={answers[name] === 'not tested'} tone="look" onClick={() => set(name, 'not tested')} />
              ) : null}
            </div>
          ))}
        </fieldset>
        {mayWork && sumsOf(check).length > 0 ? (
          <Button weight="quiet" onClick={() => setWorks(true)}>
            {say.workings}
          </Button>
        ) : null}
        {works ? <views.WorkSheet check={check} onClose={() => setWorks(false)} {...(step ? { step } : {})} /> : null}
        <TextArea label={say.anythingToAdd} value={text} onChange={(e) => setText(e.target.value)} maxLength={1000} />
        <Fault text={fault} />
        <Button weight="primary" disabled={shut.length > 0} onClick={() => done(answers)}>
          {say.logTheCheck}
        </Button>
      </div>
    </Sheet>
  )
}

const ON = {
  ok: 'border-ok bg-ok-tint text-ok',
  stop: 'border-stop bg-stop-tint text-stop',
  look: 'border-look bg-look-tint text-look',
} as const
const SIGN = { ok: '●', stop: '▲', look: '◆' } as const

function Answer({
  label,
  on,
  tone,
  onClick,
}: {
  readonly label: string
  readonly on: boolean
  readonly tone: keyof typeof ON
  readonly onClick: () => void
}) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onClick}
      className={`narrow min-h-12 rounded-md border-2 px-3 text-[15.5px] ${on ? ON[tone] : 'border-rule bg-paper'}`}
    >
      {on ? `${SIGN[tone]} ` : ''}
      {label}
    </button>
  )
}

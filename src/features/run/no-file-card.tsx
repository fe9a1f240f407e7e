'use client'
import * as say from '../../words/en/screens/no-file'
import * as trayWords from '../../words/en/screens/tray'
import { useState } from 'react'
import { inTray } from '../../core/machine'
import {
  hangsAsked,
  OFF_AT,
  offCautions,
  type OffAt,
  type OffFacts,
  offName,
  offRule,
  OFF_SORTS,
  type OffSort,
  stageIndex,
} from '../../core/job'
import { Button, Chip } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField, Tiles } from '../../ui/field'
import { cautionsOf } from '../../words/en/cautions'
import { OFF_AT_WORDS, OFF_TILES } from '../../words/en/off'
import { useJob } from '../shared/context'
import { freeCellOf, lies, offEntry } from '../shared/off-entry'
import { useLine } from '../shared/use-line'
import { setWherePin, useWherePin } from '../shared/where-pin'

const COUNTS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14]

type Hangs = NonNullable<OffFacts['hangs']>

/** With no file: photo, tap where it was, say what it is, next. */
export function NoFileCard() {
  const job = useJob()
  const { state, stage, logAll, log, show, open, mayWork, views } = job
  const pin = useWherePin(job.state.jobId)
  const [sort, setSort] = useState<OffSort>()
  const [counts, setCounts] = useState<Partial<Record<OffSort, number>>>({})
  const [text, setText] = useState('')
  const [of, setOf] = useState<OffAt | ''>('')
  const [hangs, setHangs] = useState<Hangs | ''>('')
  const [fault, setFault] = useState<string>()
  const typed = useLine(text)
  const facts = factsOf()
  const told = facts ? cautionsOf(offCautions(facts, 'down')) : []
  const asks = facts !== null && hangsAsked(state.machine.class, facts)
  function factsOf(): OffFacts | null {
    const line = typed?.read && typed.reader.offFrom(typed.read)
    const more = { ...(pin ? { pin } : {}), ...(of ? { of } : {}), ...(hangs ? { hangs } : {}) }
    if (sort === undefined) return line ? { ...line, ...more } : null
    const counted = typed?.read && typed.read.count > 1 ? typed.read.count : (counts[sort] ?? 1)
    // A plug and a part are called what was typed, word for word.
    const named = offRule(sort).is !== 'fixings' || !line?.text
    const said = { ...line, ...(text.trim() && named ? { text: text.trim() } : {}) }
    return { ...said, sort, count: offRule(sort).is === 'joined' ? 1 : counted, ...more }
  }
  const add = (): void => {
    if (!facts) return setFault(say.empty)
    const { tray } = job.settings
    if (facts.cell !== undefined && !inTray(facts.cell, tray)) return setFault(trayWords.noSuchCell(facts.cell, tray.rows, tray.columns))
    logAll([offEntry(state, job.settings.tray, facts)])
    setWherePin(state.jobId, undefined)
    setText('')
    setHangs('')
    setSort(undefined)
    setOf('')
  }
  const up = (): void => {
    if (stageIndex(state.stage) < stageIndex('swap')) log('stage-moved', { to: 'swap' })
    show('swap')
  }
  const rule = sort === undefined ? null : offRule(sort)
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.soFar(state.down.length)}</p>
      <h2 className="title text-[30px]">{say.whatCameOff}</h2>
      {state.power.state === 'live' ? (
        <div className="grid gap-2">
          <p className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16.5px]">
            <span className="font-bold text-stop">▲ </span>
            {say.power}
          </p>
          {mayWork ? (
            <Button weight={stage === 'make safe' ? 'primary' : 'plain'} onClick={() => open({ kind: 'power' })}>
              {say.isolate}
            </Button>
          ) : null}
        </div>
      ) : null}
      <div className="md:hidden">
        <views.Where tall={230} />
      </div>
      {mayWork ? (
        <form className="grid gap-3" onSubmit={(e) => (e.preventDefault(), add())}>
          <Sorts
            sort={sort}
            onSort={(s) => {
              setFault(undefined)
              setSort(s === sort ? undefined : s)
            }}
          />
          {rule && rule.is !== 'joined' ? (
            <Picks
              legend={say.howMany}
              of={COUNTS}
              on={counts[sort!] ?? 1}
              words={String}
              onPick={(n) => setCounts((c) => ({ ...c, [sort!]: n }))}
              columns="grid-cols-6"
            />
          ) : null}
          {sort ? <UsedLast sort={sort} text={text} onText={setText} /> : null}
          <TextField
            label={say.sizeOrName}
            value={text}
            onChange={(e) => (setFault(undefined), setText(e.target.value))}
            placeholder={sort === undefined ? say.exampleLine : sort === 'plug' || sort === 'part' ? say.exampleName : say.exampleSize}
            maxLength={200}
            autoComplete="off"
          />
          {text.trim() && sort === undefined ? typed?.told : null}
          {facts && offRule(facts.sort).is !== 'joined' ? (
            <div role="group" aria-label={say.of} className="flex flex-wrap items-center gap-1.5">
              <span className="narrow text-[15px] text-steel">{say.of}</span>
              {OFF_AT.map((a) => (
                <Chip key={a} on={of === a} onClick={() => setOf(of === a ? '' : a)}>
                  {OFF_AT_WORDS[a]}
                </Chip>
              ))}
            </div>
          ) : null}
          {asks ? (
            <Tiles
              legend={say.hangs}
              name="hangs"
              value={hangs}
              onChange={(h) => setHangs(h as Hangs)}
              options={(['nothing', 'propped'] as const).map((h) => ({ value: h as Hangs | '', label: say.HANGS[h] }))}
            />
          ) : null}
          {asks && hangs === '' ? (
            <p className="text-[16px]">
              <span className="font-bold text-look">◆ </span>
              {say.notSaidHangs}
            </p>
          ) : null}
          {told.map((c) => (
            <p
              key={c.id}
              className={c.level === 'stop' ? 'border-l-[6px] border-stop bg-stop-tint px-4 py-2 text-[16.5px]' : 'text-[16px]'}
            >
              <span className={c.level === 'stop' ? 'font-bold text-stop' : 'font-bold text-look'}>{c.level === 'stop' ? '▲ ' : '◆ '}</span>
              {c.text}
            </p>
          ))}
          <Fault text={fault} />
          <div className="sticky -bottom-4 z-10 grid gap-2 bg-paper pb-4 pt-2">
            <Button type="submit" weight="primary">
              {facts ? doneWords(facts, facts.cell ?? freeCellOf(state, job.settings.tray, facts.text ?? facts.sort)) : say.sayWhat}
            </Button>
          </div>
          <Button disabled={state.down.length === 0} onClick={up}>
            {say.bottom}
          </Button>
        </form>
      ) : null}
    </article>
  )
}

function doneWords(facts: OffFacts, cell: string): string {
  const rule = offRule(facts.sort)
  if (lies(facts)) return say.off(offName(facts), cell)
  return `${rule.renewed ? say.renewed : say.OFF[rule.is]}: ${offName(facts)}`
}

/** Tiles of the sorts, the ones used last in this job first. */
function Sorts({ sort, onSort }: { readonly sort: OffSort | undefined; readonly onSort: (sort: OffSort) => void }) {
  const { offs } = useJob().state
  const sorts = [...new Set([...[...offs].reverse().map((o) => o.sort), ...OFF_SORTS])]
  return <Picks legend={say.whatItIs} of={sorts} on={sort} words={(s) => OFF_TILES[s]} onPick={onSort} columns="grid-cols-3" />
}

/** Large tiles, one of them pressed. */
function Picks<T extends string | number>({
  legend,
  of,
  on,
  words,
  onPick,
  columns,
}: {
  readonly legend: string
  readonly of: readonly T[]
  readonly on: T | undefined
  readonly words: (it: T) => string
  readonly onPick: (it: T) => void
  readonly columns: string
}) {
  return (
    <div role="group" aria-label={legend} className={`grid gap-1.5 ${columns}`}>
      {of.map((it) => (
        <button
          key={it}
          type="button"
          aria-pressed={it === on}
          onClick={() => onPick(it)}
          className="narrow min-h-[52px] rounded-lg border-2 border-rule bg-paper text-[18px] tabular-nums aria-pressed:border-copper aria-pressed:bg-copper-tint"
        >
          {words(it)}
        </button>
      ))}
    </div>
  )
}

/** What was said of this sort before in this job: one tap instead of typing. */
function UsedLast({ sort, text, onText }: { readonly sort: OffSort; readonly text: string; readonly onText: (text: string) => void }) {
  const { offs } = useJob().state
  const texts = [...new Set([...offs].reverse().flatMap((o) => (o.sort === sort && o.text ? [o.text] : [])))].slice(0, 4)
  if (texts.length === 0) return null
  return (
    <div role="group" aria-label={say.usedLast} className="flex flex-wrap gap-1.5">
      {texts.map((t) => (
        <Chip key={t} on={text === t} onClick={() => onText(text === t ? '' : t)}>
          {t}
        </Chip>
      ))}
    </div>
  )
}

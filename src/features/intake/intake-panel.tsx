'use client'
import * as say from '../../words/en/screens/intake'
import dynamic from 'next/dynamic'
import { useMemo, useState } from 'react'
import { mayBePaired, type Mark, toCompare } from '../../core/job'
import { symptomsFor } from '../../core/diagnosis'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { Block, Lines } from '../shared/panel'
import { drivesAtTheDoor } from '../../words/en/at-the-door'
import { DamageBlock } from './damage-block'
import { PackBlock } from './pack-block'

const CompareTable = dynamic(() => import('./more').then((m) => m.CompareTable))
const SaltBlock = dynamic(() => import('./more').then((m) => m.SaltBlock))
const CostBlock = dynamic(() => import('./more').then((m) => m.CostBlock))
const ElectronicsBlock = dynamic(() => import('./more').then((m) => m.ElectronicsBlock))

/** Take in: what it is, what it does, what was already broken, how the pack looks, and whether the new part matches. */
export function IntakePanel() {
  const { state, file, log, mayNote, mayWork, open, nameOf, now } = useJob()
  const by = (m: Mark): string => `${nameOf(m.by)}${now > 0 ? `, ${clockText(m.at, now)}` : ''}`
  return (
    <div className="overflow-y-auto bg-bench">
      <AtTheDoor />
      <Block title={say.whatItDoes}>
        <Lines
          none={say.nothingNotedYet}
          items={state.symptoms.map((s) => ({
            key: s.entry,
            text: say.notSure(s.text, s.certainty === 'maybe'),
            by: by(s),
          }))}
        />
        {mayNote ? <SymptomAdder /> : null}
      </Block>
      <DamageBlock by={by} />
      <PackBlock />
      {state.salt.length > 0 ? (
        <SaltBlock />
      ) : mayNote ? (
        <Block title={say.saltWater}>
          <Button onClick={() => log('salt-water', { is: 'was in' })}>{say.itWasInSalt}</Button>
        </Block>
      ) : null}
      {state.ceiling === undefined && !state.cost ? null : <CostBlock />}
      {mayBePaired(state).length > 0 ? <ElectronicsBlock /> : null}
      {toCompare(state).map(({ part }) => (
        <Block
          key={part!.id}
          title={say.newBesideTheOld(part!.name)}
          aside={
            mayWork ? (
              <Button onClick={() => open({ kind: 'compare', part: part!.id })}>
                {state.comparisons[part!.id] ? say.compareAgain : say.compareIt}
              </Button>
            ) : null
          }
        >
          {state.comparisons[part!.id] ? (
            <CompareTable rows={state.comparisons[part!.id]!.rows} />
          ) : (
            <p className="text-[16px] text-steel">{say.notComparedYetNothing}</p>
          )}
        </Block>
      ))}
      {file && file.variants.length > 0 ? (
        <Block title={say.whichOneExactly}>
          <div className="grid gap-3">
            {file.variants.map((v) => (
              <div key={v.id}>
                {mayNote ? (
                  <Tiles
                    legend={v.question}
                    name={v.id}
                    options={v.options.map((o) => ({ value: o.id, label: o.label }))}
                    value={state.variants[v.id] ?? ''}
                    onChange={(option) => log('variant-answered', { variant: v.id, option })}
                  />
                ) : (
                  <p className="text-[17px]">{say.notAnswered(v.question, v.options.find((o) => o.id === state.variants[v.id])?.label)}</p>
                )}
                {state.variants[v.id] === undefined ? (
                  <p className="mt-1 text-[15px] text-look">{say.notAnsweredPlannedAs(v.options.find((o) => o.id === v.worst)?.label)}</p>
                ) : null}
              </div>
            ))}
          </div>
        </Block>
      ) : null}
    </div>
  )
}

/** Whose it is, how they are reached, what its counter showed, and what it may cost. */
function AtTheDoor() {
  const { state } = useJob()
  const { reach, usedAtDoor, ceiling } = state
  const rows = [
    ...(state.machine.owner || reach ? [[say.owner, [state.machine.owner, reach].filter(Boolean).join(', ')]] : []),
    ...(usedAtDoor ? [[say.counter, `${usedAtDoor.value} ${usedAtDoor.unit}`]] : []),
    ...(ceiling !== undefined ? [[say.mayCost, String(ceiling)]] : []),
  ]
  if (rows.length === 0) return null
  return (
    <Block title={say.atTheDoor}>
      <dl className="flex flex-wrap gap-x-8 gap-y-1 text-[16px]">
        {rows.map(([name, value]) => (
          <div key={name}>
            <dt className="text-[14px] text-steel">{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
    </Block>
  )
}

/** The usual ones by a tap; the owner's own words by typing. */
function SymptomAdder() {
  const { state, file, log } = useJob()
  const cls = state.machine.class
  const drives = useMemo(() => drivesAtTheDoor(file, cls), [file, cls])
  const symptoms = useMemo(() => symptomsFor(drives), [drives])
  const [text, setText] = useState('')
  const [sure, setSure] = useState(true)
  const certainty = sure ? 'sure' : 'maybe'
  const had = new Set(state.symptoms.map((s) => s.symptom))
  const add = (): void => {
    if (!text.trim()) return
    log('symptom-noted', { text: text.trim(), certainty })
    setText('')
  }
  return (
    <>
      <div className="mt-2 flex flex-wrap gap-1.5" role="group" aria-label={say.theUsualOnes}>
        {symptoms.map((s) => (
          <button
            key={s.id}
            type="button"
            disabled={had.has(s.id)}
            onClick={() => log('symptom-noted', { text: s.name, symptom: s.id, certainty })}
            className="narrow min-h-12 rounded-md border-2 border-rule bg-paper px-2.5 text-[15px] leading-tight disabled:border-copper disabled:bg-copper-tint"
          >
            {had.has(s.id) ? '● ' : ''}
            {s.name}
          </button>
        ))}
      </div>
      <form className="mt-2 flex flex-wrap items-end gap-2" onSubmit={(e) => (e.preventDefault(), add())}>
        <TextField
          className="flex-1 basis-60"
          label={say.itAlso}
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder={say.inTheOwnersWords}
          maxLength={1000}
        />
        <label className="narrow flex min-h-12 items-center gap-2 text-[15px]">
          <input type="checkbox" className="size-5 accent-copper" checked={!sure} onChange={() => setSure(!sure)} />
          {say.notSureAnswer}
        </label>
        <Button type="submit">{say.noteIt}</Button>
      </form>
    </>
  )
}

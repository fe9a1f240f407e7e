'use client'
import * as say from '../../words/en/screens/fault'
import dynamic from 'next/dynamic'
import { Link } from '../../ui/link'
import type { Mark } from '../../core/job'
import { Button, buttonClass } from '../../ui/button'
import { Tiles } from '../../ui/field'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { Block, Lines } from '../shared/panel'
import { FirstFive } from './first-five'
import { BeliefRibbon } from './ribbon'
import { Suspects } from './suspects'
import { type Diagnosis, useDiagnosis } from './use-diagnosis'
import { faultName, headline } from '../../words/en/suspects'
import { faultAction, faultWords, observedWords, readingName, testWords } from '../../words/en/diagnosis'
import { skippedWords } from '../../words/en/entries'
import { readingPlace, resultWords } from '../../words/en/readings'

const SixQuestions = dynamic(() => import('./six-questions').then((m) => m.SixQuestions))
const DragBlock = dynamic(() => import('./drag-block').then((m) => m.DragBlock))

/** Find the fault: who is suspected, what each reading did to that, the first five minutes, and every reading. */
export function FaultPanel() {
  const diagnosis = useDiagnosis()
  const { file } = useJob()
  return (
    <div className="overflow-y-auto bg-bench">
      {file ? null : <SixQuestions />}
      {diagnosis ? <Suspicion diagnosis={diagnosis} /> : <Told />}
      {diagnosis ? <FirstFive diagnosis={diagnosis} /> : null}
      <DragBlock />
      <Readings odd={diagnosis?.odd} />
      <Called />
    </div>
  )
}

function Suspicion({ diagnosis }: { readonly diagnosis: Diagnosis }) {
  const { open, show, mayWork, mayNote } = useJob()
  const { drives, drive, choose, known, advice } = diagnosis
  return (
    <section className="border-b border-rule px-5 py-3">
      <div className="mb-2 flex flex-wrap items-end justify-between gap-3">
        <h2 className="title flex-1 basis-72 text-[24px]">{headline(diagnosis.catalogue, diagnosis.now, advice, known.length)}</h2>
        {drives.length > 1 ? (
          <Tiles
            legend={say.whichEnd}
            name="drive"
            value={drive.id}
            onChange={choose}
            options={drives.map((d) => ({ value: d.id, label: d.name }))}
          />
        ) : null}
      </div>
      <Leans diagnosis={diagnosis} />
      <Suspects diagnosis={diagnosis} />
      <BeliefRibbon diagnosis={diagnosis} />
      <div className="mt-3 flex flex-wrap gap-2">
        {mayNote ? <Button onClick={() => show('take in')}>{say.addWhatItDoes}</Button> : null}
        {mayWork ? (
          <Button hint="R" onClick={() => open({ kind: 'reading' })}>
            {say.anotherReading}
          </Button>
        ) : null}
        <Link href="/procedures" className={buttonClass('quiet')}>
          {say.guided}
        </Link>
      </div>
    </section>
  )
}

/** After so many days nobody thinks of what was touched last time. */
const FORGOTTEN_DAYS = 90

/** What moves the suspects beside the readings: what was mended, the shop’s own past, its own hands. */
function Leans({ diagnosis: { catalogue, mended, daysSince } }: { readonly diagnosis: Diagnosis }) {
  const { past, state } = useJob()
  const nearBy = catalogue.faults.reduce((sum, f) => sum + (past.near[f.id] ?? 0), 0)
  const used = state.usedAtDoor
  const calls = catalogue.faults.reduce((sum, f) => sum + (past.called[f.id] ?? 0), 0)
  const said = [
    ...(mended ? [say.afterMending(mended.faults.map((f) => faultName(catalogue, f)).join(', '))] : []),
    ...(calls > 0 ? [say.leansOnShop(calls, past.jobs)] : []),
    ...(nearBy > 0 ? [say.leansOnBatch(nearBy)] : []),
    ...(used ? [say.leansOnAge(used.value, used.unit)] : []),
    ...(daysSince !== null && daysSince <= FORGOTTEN_DAYS ? [say.leansOnWork(daysSince)] : []),
  ]
  return said.map((text) => (
    <p key={text} className="pb-1 text-[15px] text-steel">
      {text}
    </p>
  ))
}

function Told() {
  const { state, nameOf } = useJob()
  return (
    <Block title={say.itDoes}>
      <Lines none={say.nothingNoted} items={state.symptoms.map((s) => ({ key: s.entry, text: `“${s.text}”`, by: nameOf(s.by) }))} />
    </Block>
  )
}

function Readings({ odd }: { readonly odd: ReadonlySet<string> | undefined }) {
  const { state, nameOf, now } = useJob()
  const by = (m: Mark): string => `${nameOf(m.by)}${now > 0 ? `, ${clockText(m.at, now)}` : ''}`
  const seen = [
    ...state.readings.map((r) => ({
      ...r,
      what: readingName(r),
      shown: resultWords(r.result, r.unit),
      place: readingPlace(r, state),
      more: r.raw?.join(' · ') ?? '',
    })),
    ...state.observations.map((o) => ({ ...o, what: observedWords(o), shown: '', more: '', place: undefined })),
  ].sort((a, b) => a.at - b.at)
  return (
    <Block title={say.allReadings(seen.length)}>
      {seen.length === 0 ? (
        <p className="text-[16px] text-steel">{say.noneYet}</p>
      ) : (
        <table className="w-full text-left text-[16.5px]">
          <thead className="narrow text-[14px] text-steel">
            <tr>
              <th className="py-1 pr-3">{say.what}</th>
              <th className="pr-3 text-right">{say.shown}</th>
              <th className="pr-3">{say.state}</th>
              <th>{say.by}</th>
            </tr>
          </thead>
          <tbody>
            {seen.map((r) => (
              <tr key={r.entry} className="border-t border-rule">
                <td className="py-1.5 pr-3">
                  {r.what}
                  {r.place ? `, ${r.place}` : ''}
                  {odd?.has(r.entry) ? (
                    <span className="block text-[15px] text-look">
                      <span aria-hidden>◆ </span>
                      {say.nothingExplains}
                    </span>
                  ) : null}
                  {r.more ? <span className="text-[14px] text-steel"> {say.from(r.more)}</span> : null}
                </td>
                <td className="whitespace-nowrap pr-3 text-right text-[21px] font-semibold tabular-nums">{r.shown}</td>
                <td className="pr-3">{r.live ? <span className="text-stop">{say.live}</span> : say.dead}</td>
                <td className="text-[14px] text-steel">{by(r)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {state.skipped.length > 0 ? (
        <ul className="mt-2 text-[15.5px] text-look">
          {state.skipped.map((s) => (
            <li key={s.entry}>{say.leftOut(testWords(s.test, s.text), skippedWords(s))}</li>
          ))}
        </ul>
      ) : null}
    </Block>
  )
}

function Called() {
  const { state, nameOf, now } = useJob()
  return (
    <Block title={say.theFault}>
      <Lines
        none={say.notCalledYet}
        items={state.faults.map((f) => ({
          key: f.entry,
          text: say.calledFault(faultWords(f), faultAction(f), f.certainty !== 'maybe'),
          by: `${nameOf(f.by)}${now > 0 ? `, ${clockText(f.at, now)}` : ''}`,
        }))}
      />
    </Block>
  )
}

'use client'
import dynamic from 'next/dynamic'
import { BELIEF_NAMES } from '../../words/en/names'
import * as say from '../../words/en/screens/fault'
import { goalOf, type Meaning, meanings, type RankedTest } from '../../core/diagnosis'
import { formatNumber, unitLabel } from '../../core/units'
import { Button } from '../../ui/button'
import { inside } from '../../words/en/inside'
import { type JobContext, useJob } from '../shared/context'
import { powerAgainst } from './power-against'
import { PowerGuard } from './power-guard'
import { TestCautions } from './test-cautions'
import { logWord } from './test-sheet'
import { type Diagnosis, useDiagnosis } from './use-diagnosis'
import { actionOf, beliefWord, costWords, faultName, percent } from '../../words/en/suspects'

const Probes = dynamic(() => import('./probes'))

/** The next best test with what each answer would mean; or the word that it is time to act. */
export function FaultCard() {
  const diagnosis = useDiagnosis()
  if (!diagnosis) return <PlainCard />
  if (!diagnosis.ready) {
    return (
      <article className="flex min-h-full flex-col gap-3">
        <p className="text-[15px] text-steel">{diagnosis.drive.name}</p>
        <h2 className="title text-[30px]" role="status">
          {say.workingOutWhat}
        </h2>
      </article>
    )
  }
  return diagnosis.advice.next ? <NextTest diagnosis={diagnosis} ranked={diagnosis.advice.next} /> : <TimeToAct diagnosis={diagnosis} />
}

function NextTest({ diagnosis, ranked }: { readonly diagnosis: Diagnosis; readonly ranked: RankedTest }) {
  const job = useJob()
  const { open, mayWork } = job
  const { catalogue, drive } = diagnosis
  const { test } = ranked
  const against = powerAgainst(job, test)
  const list = meanings(catalogue, ranked)
  const words = test.answer.kind === 'words' ? test.answer : null
  const way = wayTo(job, ranked, diagnosis)
  // A way in that is planned makes it dead as it goes: one button for what is next, not two.
  const opens = way !== null && (job.state.planned || way.name !== undefined)
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="flex flex-wrap justify-between gap-x-3 text-[15px] text-steel">
        <span>{say.nextBestTest(drive.name)}</span>
        <span>{costWords(ranked)}</span>
      </p>
      <h2 className="title text-[30px]">{test.title}</h2>
      <p className="text-[17px]">{test.how}</p>
      {way ? <WayIn way={way} /> : null}
      <TestCautions test={test} />
      <PowerGuard test={test} onTheWay={opens} />
      <Probes test={test} drive={drive} />
      {words ? (
        <div className="grid grid-cols-2 gap-2" role="group" aria-label={say.whatItShowed}>
          {words.outcomes.map((o) => (
            <Outcome
              key={o.id}
              name={o.name}
              meaning={list.find((m) => m.word === o.id)}
              diagnosis={diagnosis}
              disabled={!mayWork || against !== null}
              onClick={() => logWord(job, test, o.id, drive.id)}
            />
          ))}
        </div>
      ) : (
        <dl className="grid grid-cols-2 gap-2">
          {list.map((m, i) => (
            <div key={i} className="rounded-md border border-rule px-3 py-1.5">
              <dt className="text-[14px] text-steel">{band(m, test.answer.kind === 'number' ? test.answer.unit : '')}</dt>
              <dd className="narrow text-[16px] leading-tight font-semibold">
                {faultName(catalogue, m.fault)}, {percent(m.after)}
              </dd>
            </div>
          ))}
        </dl>
      )}
      {test.answer.estimated ? <p className="text-[14px] text-steel">{say.answersEstimated}</p> : null}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork && !words ? (
          <Button weight="primary" disabled={against !== null} onClick={() => open({ kind: 'test', test: test.id, drive: drive.id })}>
            {say.keyItIn}
          </Button>
        ) : null}
        {mayWork ? (
          <div className="grid grid-cols-2 gap-2">
            <Button onClick={() => open({ kind: 'skip test', test: test.id, drive: drive.id })}>{say.cantDoThisOne}</Button>
            <Button onClick={() => open({ kind: 'call' })}>{say.stopMeasuringCallIt}</Button>
          </div>
        ) : null}
      </div>
    </article>
  )
}

/** The job that opens the way to a test, where its plugs are behind a lid and nobody has opened it; null where nothing is in the way. */
function wayTo(
  { file, mayWork }: JobContext,
  ranked: RankedTest,
  { inFile }: Diagnosis,
): { readonly goal: string | null; readonly name?: string } | null {
  if (!file || !inFile || ranked.cost.access < 0.5 || !mayWork) return null
  const goal = goalOf(file, inFile, 'inspect')
  const name = file.goals.find((g) => g.id === goal)?.name
  return { goal, ...(name ? { name } : {}) }
}

/** The plugs are behind a lid: its removal is planned and logged as any other. */
function WayIn({ way: { goal, name } }: { readonly way: NonNullable<ReturnType<typeof wayTo>> }) {
  const { state, log, show } = useJob()
  const plan = (): void => {
    if (goal && name) log('goal-set', { goals: [goal], text: name })
    show('take in')
  }
  return state.planned ? (
    <Button weight="primary" onClick={() => show('take down')}>
      {say.onWithTheWay}
    </Button>
  ) : goal && name ? (
    <Button weight="primary" onClick={plan}>
      {say.planTheWayIn(name)}
    </Button>
  ) : null
}

function Outcome({
  name,
  meaning,
  diagnosis,
  disabled,
  onClick,
}: {
  readonly name: string
  readonly meaning: Meaning | undefined
  readonly diagnosis: Diagnosis
  readonly disabled: boolean
  readonly onClick: () => void
}) {
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={onClick}
      className="min-h-[58px] rounded-lg border-2 border-copper bg-paper px-3 py-1.5 text-left hover:bg-copper-tint disabled:border-rule"
    >
      <span className="narrow block text-[17px] leading-tight font-semibold">{name}</span>
      <span className="block text-[13.5px] leading-tight text-steel">
        {meaning ? say.thenItIs(inside(faultName(diagnosis.catalogue, meaning.fault)), percent(meaning.after)) : say.hardlyToBeExpected}
      </span>
    </button>
  )
}

/** `under 5.2 V`, `5.2 to 8 V`, `over 8 V`. */
function band(m: Meaning, unit: string): string {
  const label = unitLabel(unit)
  const show = (x: number): string => formatNumber(x, Math.abs(x) >= 100 ? 0 : Math.abs(x) >= 10 ? 1 : 2)
  return `${show(m.from!)} to ${show(m.to!)} ${label}`
}

/** No test is worth its minutes any more. */
function TimeToAct({ diagnosis }: { readonly diagnosis: Diagnosis }) {
  const { open, mayWork } = useJob()
  const { advice, catalogue, now, minutes } = diagnosis
  const top = now.reduce((a, b) => (b.p > a.p ? b : a))
  const act = advice.act
  const same = advice.stop === 'same job'
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.stopMeasuring(diagnosis.drive.name)}</p>
      <h2 className="title text-[30px]">{same && act?.motorOut ? say.theMotorComesOut : act ? say.act(act.name) : say.callIt}</h2>
      <p className="text-[17px]">{same ? say.whateverIsLeftEnds : say.noTestLeft(advice.atStake)}</p>
      <dl className="grid grid-cols-2 gap-2">
        <div className="rounded-md border border-rule px-3 py-1.5">
          <dt className="text-[13.5px] text-steel">{say.likeliest}</dt>
          <dd className="title text-[18px]">{faultName(catalogue, top.fault)}</dd>
          <dd className="text-[13.5px] text-steel">
            {BELIEF_NAMES[beliefWord(top.p)]}, {percent(top.p)}
          </dd>
        </div>
        <div className="rounded-md border border-rule px-3 py-1.5">
          <dt className="text-[13.5px] text-steel">{say.itTakes}</dt>
          <dd className="title text-[18px]">{act ? say.min(minutes[act.id] ?? act.minutes) : '–'}</dd>
          <dd className="text-[13.5px] text-steel">{act && minutes[act.id] !== undefined ? say.byThePlanHands : say.estimated}</dd>
        </div>
      </dl>
      <p className="text-[16px] text-steel">
        {say.itWouldChange(
          now
            .filter((b) => b.p > 0.005 && actionOf(catalogue, b.fault)?.id !== act?.id)
            .sort((a, b) => b.p - a.p)
            .slice(0, 2)
            .map((b) => inside(faultName(catalogue, b.fault)))
            .join(' or ') || say.something,
        )}
      </p>
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button weight="primary" onClick={() => open({ kind: 'call', fault: top.fault })}>
            {say.callItChoose}
          </Button>
        ) : null}
      </div>
    </article>
  )
}

/** A machine whose drive is in no list: measure, then call it. */
function PlainCard() {
  const { state, file, open, show, mayWork } = useJob()
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.findTheFault}</p>
      <h2 className="title text-[30px]">{say.measureThenCallIt}</h2>
      <p className="text-[17px]">{file ? say.noListOfFaults : say.noFileYet}</p>
      <ul className="list-inside list-disc text-[16px]">
        {say.FIRST_LOOKS.map((l) => (
          <li key={l}>{l}</li>
        ))}
      </ul>
      <a className="text-[16px] font-semibold underline underline-offset-4" href={`/?find=${encodeURIComponent(state.machine.name)}`}>
        {say.similarJobs}
      </a>
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button hint="R" onClick={() => open({ kind: 'reading' })}>
            {say.aReading}
          </Button>
        ) : null}
        {mayWork ? <Button onClick={() => open({ kind: 'call' })}>{say.callTheFault}</Button> : null}
        <Button weight="primary" onClick={() => show('take in')}>
          {state.planned ? say.lookAtTheJob : say.chooseTheJob}
        </Button>
      </div>
    </article>
  )
}

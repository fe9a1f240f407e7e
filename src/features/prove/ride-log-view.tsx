'use client'
import * as say from '../../words/en/screens/prove'
import type { Finding, RideLogSummary } from '../../core/ride'
import { findingName, findingWords, noteWords } from '../../words/en/rides'
import { RideStrips } from './strips'

const SIGN: Readonly<Record<Finding['verdict'], readonly [string, string]>> = {
  good: ['●', 'text-ok'],
  look: ['◆', 'text-look'],
  bad: ['▲', 'text-stop'],
  'cannot say': ['○', 'text-steel'],
  noted: ['◩', 'text-pose'],
}

/** A ride log as drawn and judged; what it cannot say stands with the rest. */
export function RideLogView({ log }: { readonly log: RideLogSummary }) {
  return (
    <div className="rounded-md border border-rule bg-paper px-4 py-3">
      <p className="narrow text-[15px] text-steel">
        {say.logSize(log.name, log.rows.toLocaleString('en-GB'), log.hz, Number(log.hz.toPrecision(2)), log.seconds / 60)}
      </p>
      <RideStrips strips={log.strips} name={log.name} />
      <dl className="mt-2 grid grid-cols-[repeat(auto-fit,minmax(min(100%,290px),1fr))] gap-x-4 gap-y-1">
        {log.findings.map((f) => (
          <div key={f.id} className="flex items-baseline gap-2 text-[16px]">
            <span className={SIGN[f.verdict][1]}>{SIGN[f.verdict][0]}</span>
            <dt className="narrow shrink-0">{findingName(f.id)}</dt>
            <dd className={f.verdict === 'cannot say' ? 'text-[15px] text-steel' : 'tabular-nums'}>{findingWords(f)}</dd>
          </div>
        ))}
      </dl>
      {log.notes.length > 0 ? (
        <ul className="mt-2 grid gap-0.5 text-[15px] text-look">
          {log.notes.map((n, i) => (
            <li key={i}>◆ {noteWords(n)}</li>
          ))}
        </ul>
      ) : null}
      <p className="mt-1 text-[14px] text-steel">{say.limitsAreTheShops}</p>
    </div>
  )
}

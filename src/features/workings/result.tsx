import * as say from '../../words/en/screens/workings'
import { MEANS, type Outcome, type Worked, type WorkingId } from '../../core/workings'
import { figureText } from '../../words/en/worked'
import { NOTE_WORDS, SENSELESS_WORDS, wayWords, WORKING_WORDS, idWords, VERDICT_WORDS } from '../../words/en/workings'

const TINT = { ok: 'border-ok bg-ok-tint', look: 'border-look bg-look-tint', stop: 'border-stop bg-stop-tint' } as const
const INK = { ok: 'text-ok', look: 'text-look', stop: 'text-stop' } as const

/** What a set of figures comes to: verdict, figure with its doubt, and what else is known of it. */
export function Result({ id, outcome, name }: { readonly id: WorkingId; readonly outcome: Outcome; readonly name?: string }) {
  if (outcome.is !== 'worked')
    return (
      <section aria-label={name ?? say.comesTo} role="status" className="rounded-md border-2 border-rule px-4 py-3">
        {outcome.is === 'senseless' ? (
          <p className="text-[17px] font-semibold text-stop">▲ {SENSELESS_WORDS[outcome.senseless]}</p>
        ) : (
          <p className="text-[17px] text-steel">{say.keyIn}</p>
        )}
      </section>
    )
  const { worked } = outcome
  const means = worked.verdict ? MEANS[worked.verdict] : null
  return (
    <section
      aria-label={name ?? say.comesTo}
      role="status"
      className={`grid content-start gap-1.5 rounded-md border-2 px-4 py-3 ${means ? TINT[means] : 'border-rule'}`}
    >
      {worked.verdict ? (
        <p className="text-[19px] font-semibold leading-tight">
          <span className={means ? INK[means] : ''}>{means ? say.marks[means] : ''} </span>
          {VERDICT_WORDS[worked.verdict]}
        </p>
      ) : null}
      {worked.name ? <p className="title text-[22px]">{worked.name}</p> : null}
      <Figures id={id} worked={worked} />
      {worked.why && worked.why.length > 0 ? <p className="text-[16px]">{worked.why.map(idWords).join(' · ')}</p> : null}
      {worked.ways && worked.ways.length > 0 ? (
        <ol aria-label={say.ways} className="grid gap-0.5 text-[16px]">
          {worked.ways.map((w, i) => (
            <li key={i} className={i === 0 ? 'font-semibold' : ''}>
              {wayWords(w.left, w.right)}
            </li>
          ))}
        </ol>
      ) : null}
      {(worked.notes ?? []).map((n) => (
        <p key={n} className="text-[15.5px]">
          <span className="text-look">◆ </span>
          {NOTE_WORDS[n]}
        </p>
      ))}
    </section>
  )
}

function Figures({ id, worked }: { readonly id: WorkingId; readonly worked: Worked }) {
  const words = WORKING_WORDS[id].figures
  const all = [...(worked.result ? [worked.result] : []), ...(worked.also ?? [])]
  return (
    <dl className="grid gap-x-4 gap-y-0.5 sm:grid-cols-2">
      {all.map((f, i) => (
        <div key={f.id} className="flex flex-wrap items-baseline justify-between gap-x-3">
          <dt className="text-[15px] text-steel">{words[f.id] ?? f.id}</dt>
          <dd className={`tabular-nums ${i === 0 ? 'title text-[21px]' : 'text-[16.5px]'}`}>{figureText(f.value, f.unit, f.u)}</dd>
        </div>
      ))}
    </dl>
  )
}

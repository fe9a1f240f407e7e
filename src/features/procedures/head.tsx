import * as say from '../../words/en/screens/procedures'
import { cautionsOf } from '../../words/en/cautions'

/** What a guided measurement begins with: its name, how the machine stands for it, what may hurt, and its steps. */
export function Head({
  title,
  power,
  cautions = [],
  steps,
}: {
  readonly title: string
  readonly power: 'live' | 'dead' | 'either'
  readonly cautions?: readonly string[]
  readonly steps: readonly string[]
}) {
  return (
    <>
      <h2 id="procedure" className="title text-[26px]">
        {title}
      </h2>
      {power === 'either' ? null : (
        <p className={`text-[16px] font-semibold ${power === 'live' ? 'text-stop' : 'text-ok'}`}>
          {power === 'live' ? say.isTakenLive : say.isTakenDead}
        </p>
      )}
      {cautions.length > 0 ? (
        <ul className="border-l-[6px] border-stop bg-stop-tint px-4 py-2 text-[16px]">
          {cautionsOf(cautions).map((c) => (
            <li key={c.id}>
              <span className="font-bold text-stop">▲ </span>
              {c.text}
            </li>
          ))}
        </ul>
      ) : null}
      <ol className="grid list-decimal gap-1.5 pl-6 text-[17px]">
        {steps.map((s) => (
          <li key={s}>{s}</li>
        ))}
      </ol>
    </>
  )
}

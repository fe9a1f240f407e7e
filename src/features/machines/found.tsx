'use client'
import { Link } from '../../ui/link'
import * as say from '../../words/en/screens/found'
import type { FoundOn } from '../../words/en/cases'
import { clockText, useNow } from '../../ui/time'

/** What was found on a model: fault by fault, what owners told of it and every job in which it was, with what its tests showed. */
export function Found({ jobs, faults }: FoundOn) {
  const now = useNow(60_000)
  return (
    <section aria-label={say.foundOnIt} className="mt-6 max-w-[820px]">
      <h2 className="title text-[22px]">{say.foundOnIt}</h2>
      <p className="text-[15.5px] text-steel">{jobs === 0 ? say.nothingFound : say.foundNote(jobs)}</p>
      <ul className="mt-1">
        {faults.map((f) => (
          <li key={f.name} className="border-t border-rule">
            <details>
              <summary className="flex min-h-12 cursor-pointer items-baseline gap-3 py-2">
                <span className="narrow w-10 shrink-0 text-right text-[17px] font-semibold tabular-nums">{say.seen(f.cases.length)}</span>
                <span>
                  <span className="block text-[17px] font-semibold">{f.name}</span>
                  <span className="block text-[15.5px] text-steel">{f.summary}</span>
                </span>
              </summary>
              <ul className="mb-2 ml-[52px] grid gap-2">
                {f.cases.map((c) => (
                  <li key={c.job} className="border-l-4 border-rule pl-3 text-[16px]">
                    <p>
                      <Link
                        className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
                        href={`/jobs/${c.job}`}
                      >
                        {c.number}
                      </Link>{' '}
                      <span className="text-steel">
                        {c.head}
                        {now > 0 ? `${c.head ? ', ' : ''}${clockText(c.at, now)}` : ''}
                      </span>
                    </p>
                    {c.told ? <p>{say.told(c.told)}</p> : null}
                    {c.showed.length > 0 ? <p>{say.showed(c.showed)}</p> : null}
                    {c.told === '' && c.showed.length === 0 ? <p className="text-steel">{say.nothingToldOrRead}</p> : null}
                    <p className="font-semibold">{say.called(c.called)}</p>
                  </li>
                ))}
              </ul>
            </details>
          </li>
        ))}
      </ul>
    </section>
  )
}

'use client'
import * as say from '../../words/en/screens/grown'
import { Link } from '../../ui/link'
import { useActionState } from 'react'
import { Button } from '../../ui/button'
import type { GrownTold } from '../../words/en/growing'
import type { FormAction } from '../shared/told'

/** What grew from a job, before a lead takes it: what is new, what is not sure, and how it will be planned. */
export function GrownView({
  jobId,
  title,
  isNew,
  taken,
  contents,
  differences,
  doubts,
  steps,
  lead,
  accept,
}: GrownTold & { readonly lead: boolean; readonly accept: FormAction }) {
  const [told, take, busy] = useActionState(accept, {})
  return (
    <main id="main" className="mx-auto grid max-w-[980px] gap-5 px-5 pb-12">
      <div>
        <h1 className="title pt-4 text-[28px]">{title}</h1>
        <p className="text-[17px] text-steel">{contents}</p>
        <p className="mt-1 text-[17px]">
          {say.lookItOver}{' '}
          <Link className="underline underline-offset-4" href={`/jobs/${jobId}`}>
            {say.toTheJob}
          </Link>
        </p>
      </div>
      <form action={take} className="grid gap-5">
        <input type="hidden" name="job" value={jobId} />
        {isNew ? null : (
          <section>
            <h2 className="title text-[21px]">{say.differences}</h2>
            {differences.length === 0 ? <p className="text-[17px]">{say.nothingNew}</p> : null}
            <ul>
              {differences.map((d) => (
                <li key={`${d.is} ${d.of}`} className="border-t border-rule py-2 text-[17px]">
                  {d.text}
                  {d.may ? (
                    <label className="mt-1 flex min-h-11 cursor-pointer items-center gap-3 text-[16px]">
                      <input type="checkbox" name="asked" value={d.of} className="size-5 accent-copper" />
                      {say.askEach}
                    </label>
                  ) : null}
                </li>
              ))}
            </ul>
          </section>
        )}
        <section>
          <h2 className="title text-[21px]">{say.doubts(doubts.length)}</h2>
          {doubts.length === 0 ? <p className="text-[17px]">{say.noDoubts}</p> : null}
          <ul className="list-inside list-disc text-[16.5px]">
            {doubts.map((d) => (
              <li key={d}>{d}</li>
            ))}
          </ul>
        </section>
        {steps === null ? (
          <p role="alert" className="text-[17px] text-stop">
            {say.cannotBePlanned}
          </p>
        ) : (
          <section>
            <h2 className="title text-[21px]">{steps.title}</h2>
            <ol className="list-inside list-decimal text-[16.5px]">
              {steps.list.map((s, i) => (
                <li key={i}>{s}</li>
              ))}
            </ol>
          </section>
        )}
        {told.message ? (
          <p role="alert" className="text-[17px] font-semibold text-stop">
            ▲ {told.message}
          </p>
        ) : null}
        {taken ? (
          <p className="text-[17px]">● {say.taken}</p>
        ) : lead ? (
          <Button type="submit" weight="primary" disabled={busy || steps === null}>
            {say.accept}
          </Button>
        ) : (
          <p className="text-[17px]">{say.forALead}</p>
        )}
      </form>
    </main>
  )
}

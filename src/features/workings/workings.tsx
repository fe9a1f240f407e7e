'use client'
import { Link } from '../../ui/link'
import { useState } from 'react'
import * as say from '../../words/en/screens/workings'
import { GROUPS, isWorking, WORKING_IDS, type WorkingId, WORKINGS } from '../../core/workings'
import { WORKING_NAMES } from '../../words/en/worked'
import { GROUP_WORDS, WORKING_WORDS } from '../../words/en/workings'
import { WorkingPanel } from './panel'

/** The sums of the bench, outside any job. */
export function Workings({ first }: { readonly first?: string }) {
  const [chosen, setChosen] = useState<WorkingId>(first !== undefined && isWorking(first) ? first : 'length-in-hole')
  const words = WORKING_WORDS[chosen]
  return (
    <main id="main" className="mx-auto grid max-w-[1240px] gap-x-8 px-5 pb-12 lg:grid-cols-[330px_1fr]">
      <div className="lg:max-h-[calc(100dvh-48px)] lg:overflow-y-auto">
        <h1 className="title pt-4 text-[28px]">{say.title}</h1>
        <p className="pb-2 text-[15.5px] text-steel">{say.note}</p>
        <p className="pb-2">
          <Link
            href="/procedures"
            className="narrow inline-flex min-h-11 items-center text-[16px] font-semibold underline underline-offset-4"
          >
            {say.toGuided}
          </Link>
        </p>
        <nav aria-label={say.title} className="grid gap-3">
          {GROUPS.map((g) => (
            <section key={g}>
              <h2 className="border-b border-rule pb-1 text-[14px] font-semibold text-steel">{GROUP_WORDS[g]}</h2>
              <ul>
                {WORKING_IDS.filter((id) => WORKINGS[id].group === g).map((id) => (
                  <li key={id}>
                    <button
                      type="button"
                      aria-current={chosen === id ? 'true' : undefined}
                      onClick={() => setChosen(id)}
                      className="narrow min-h-11 w-full px-2 text-left text-[17px] font-semibold aria-[current=true]:bg-copper-tint"
                    >
                      {WORKING_NAMES[id]}
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          ))}
        </nav>
      </div>
      <article className="grid content-start gap-3 py-4" aria-labelledby="working">
        <h2 id="working" className="title text-[26px] leading-none">
          {WORKING_NAMES[chosen]}
        </h2>
        <p className="text-[16px] text-steel">{words.tells}</p>
        <WorkingPanel key={chosen} id={chosen} />
      </article>
    </main>
  )
}

import * as say from '../../words/en/screens/words-page'
import { DriveHead } from './drive-shape'
import { DRIVES, FIXINGS, RUN, VERBS, type Word } from '../../words/en/glossary'

/** What things are called on every screen, with pictures of what fits what. */
export function WordsPage() {
  return (
    <main id="main" className="mx-auto max-w-[980px] px-5 pb-12">
      <h1 className="title py-4 text-[28px]">{say.whatThingsAreCalled}</h1>
      <section aria-labelledby="drives">
        <h2 id="drives" className="title text-[22px]">
          {say.whatFitsTheHead}
        </h2>
        <p className="mt-1 text-[16.5px]">{say.cleanItPush}</p>
        <ul className="mt-2 grid gap-x-6 md:grid-cols-2">
          {DRIVES.map((d) => (
            <li key={d.shape} className="flex gap-4 border-t border-rule py-3">
              <DriveHead shape={d.shape} />
              <div className="text-[16.5px]">
                <h3 className="title text-[18px]">{d.shape}</h3>
                <p>{d.tell}</p>
                <p>
                  <span className="font-bold text-look">◆ </span>
                  {d.wrong}
                </p>
              </div>
            </li>
          ))}
        </ul>
      </section>
      <Words id="fixings" title={say.whatHoldsParts} words={Object.values(FIXINGS)} />
      <Words id="verbs" title={say.whatIsDoneWith} words={VERBS} />
      <Words id="run" title={say.onTheWayDown} words={RUN} />
    </main>
  )
}

function Words({ id, title, words }: { readonly id: string; readonly title: string; readonly words: readonly Word[] }) {
  return (
    <section aria-labelledby={id} className="mt-6">
      <h2 id={id} className="title text-[22px]">
        {title}
      </h2>
      <dl className="mt-1">
        {words.map((w) => (
          <div key={w.word} className="grid gap-x-4 border-t border-rule py-2 text-[16.5px] md:grid-cols-[220px_minmax(0,1fr)]">
            <dt className="font-semibold">{w.word}</dt>
            <dd>{w.means}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}

import Link from 'next/link'
import type { JobSummary } from '../../core/job'
import { buttonClass } from '../../ui/button'
import { columnOf } from '../../ui/dip'
import { count, numberWord, STAGE_LABEL, STAGE_LIST } from '../shared/words'
import { Live } from './live'
import { StandRow } from './row'

export interface StandsProps {
  readonly jobs: readonly { readonly id: string; readonly summary: JobSummary; readonly by: string }[]
  /** Where the next page begins, as a link; null when this is all. */
  readonly more: string | null
  readonly mayTakeIn: boolean
}

/** Every machine in the shop as one dip under the same stage columns. */
export function Stands({ jobs, more, mayTakeIn }: StandsProps) {
  const inShop = jobs.filter((j) => !j.summary.handedBack)
  const gone = jobs.filter((j) => j.summary.handedBack)
  return (
    <>
      <Live />
      <main id="main" className="mx-auto max-w-[1680px] px-5 pb-10">
        <div className="flex flex-wrap items-center gap-3 py-4">
          <h1 className="title flex-1 text-[28px] max-md:basis-full">{headline(inShop.map((j) => j.summary))}</h1>
          {mayTakeIn ? <Link href="/take-in" className={buttonClass('primary', 'px-6')}>Take a machine in</Link> : null}
        </div>
        {jobs.length === 0 ? (
          <p className="border-t border-rule py-10 text-[19px]">The stands are empty. Take the first machine in, and its dip is drawn here.</p>
        ) : (
          <>
            <div aria-hidden className="grid gap-x-4 max-md:hidden md:grid-cols-[236px_1fr_minmax(270px,332px)]">
              <div className="relative col-start-2 h-6">
                {STAGE_LIST.map((stage, i) => (
                  <span key={stage} className="narrow absolute -translate-x-1/2 whitespace-nowrap text-[13.5px] text-steel" style={{ left: `${columnOf(i) * 100}%` }}>
                    {STAGE_LABEL[stage]}
                  </span>
                ))}
              </div>
            </div>
            <ul>{inShop.map((j) => <StandRow key={j.id} id={j.id} summary={j.summary} by={j.by} />)}</ul>
            {gone.length > 0 ? (
              <section>
                <h2 className="narrow border-t border-rule pb-1 pt-4 text-[16px] text-steel">Gone home</h2>
                <ul>{gone.map((j) => <StandRow key={j.id} id={j.id} summary={j.summary} by={j.by} />)}</ul>
              </section>
            ) : null}
            {more ? <Link href={more} className={buttonClass('quiet', 'mt-4')}>Earlier machines</Link> : null}
          </>
        )}
      </main>
    </>
  )
}

function headline(jobs: readonly JobSummary[]): string {
  if (jobs.length === 0) return 'Nothing in the shop'
  const door = jobs.filter((s) => s.stand === '').length
  const stands = jobs.length - door
  const where = [stands > 0 ? `${numberWord(stands)} on stands` : '', door > 0 ? `${stands > 0 ? numberWord(door).toLowerCase() : numberWord(door)} at the door` : ''].filter(Boolean).join(', ')
  const screws = jobs.reduce((n, s) => n + s.loose.fixings, 0)
  const parts = jobs.reduce((n, s) => n + s.loose.parts, 0)
  if (screws + parts === 0) return `${where} — nothing is loose`
  return `${where} — ${count(screws, 'screw')} and ${count(parts, 'part')} are loose`
}

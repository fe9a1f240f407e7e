import Link from 'next/link'
import type { JobSummary, Stage } from '../../core/job'
import { Button, buttonClass } from '../../ui/button'
import { columnOf } from '../../ui/dip'
import { count, numberWord, STAGE_LABEL, STAGE_LIST } from '../../words/en/job-state'
import { Live } from './live'
import { StandRow } from './row'

/** What is asked of the list; every part of it is in the address. */
export interface Asked {
  readonly find: string
  readonly stage: Stage | ''
  readonly only: '' | keyof typeof ONLY
}

export interface StandsProps {
  readonly jobs: readonly { readonly id: string; readonly summary: JobSummary; readonly by: string }[]
  /** How many machines are found in all, on this page and the others. */
  readonly found: number
  /** Over the whole shop, whatever is asked for. */
  readonly totals: Totals
  readonly asked: Asked
  /** Where the next page begins, as a link; null when this is all. */
  readonly more: string | null
  /** The list with nothing asked. */
  readonly all: string
  /** This is not its first page. */
  readonly later: boolean
  readonly mayTakeIn: boolean
}

interface Totals {
  readonly stands: number
  readonly door: number
  readonly fixings: number
  readonly parts: number
}

const ONLY = { live: 'live', loose: 'with something loose', parked: 'parked', disputed: 'disputed', home: 'gone home' } as const

/** Every machine in the shop as one dip under the same stage columns. */
export function Stands({ jobs, found, totals, asked, more, all, later, mayTakeIn }: StandsProps) {
  const inShop = jobs.filter((j) => !j.summary.handedBack)
  const gone = jobs.filter((j) => j.summary.handedBack)
  const narrowed = asked.find !== '' || asked.stage !== '' || asked.only !== ''
  return (
    <>
      <Live />
      <main id="main" className="mx-auto max-w-[1680px] px-5 pb-10">
        <div className="flex flex-wrap items-center gap-3 py-4">
          <h1 className="title flex-1 text-[28px] max-md:basis-full">{headline(totals)}</h1>
          {mayTakeIn ? (
            <Link href="/take-in" className={buttonClass('primary', 'px-6')}>
              Take a machine in
            </Link>
          ) : null}
        </div>
        {found > 0 || narrowed ? <Find asked={asked} found={found} all={all} narrowed={narrowed} /> : null}
        {jobs.length === 0 ? (
          <p className="border-t border-rule py-10 text-[19px]">
            {narrowed ? (
              <>
                No machine matches that.{' '}
                <Link href={all} className="underline underline-offset-4">
                  Show all of them
                </Link>
              </>
            ) : (
              'The stands are empty. Take the first machine in, and its dip is drawn here.'
            )}
          </p>
        ) : (
          <>
            <div aria-hidden className="grid gap-x-4 max-md:hidden md:grid-cols-[236px_1fr_minmax(270px,332px)]">
              <div className="relative col-start-2 h-6">
                {STAGE_LIST.map((stage, i) => (
                  <span
                    key={stage}
                    className="narrow absolute -translate-x-1/2 whitespace-nowrap text-[13.5px] text-steel"
                    style={{ left: `${columnOf(i) * 100}%` }}
                  >
                    {STAGE_LABEL[stage]}
                  </span>
                ))}
              </div>
            </div>
            <ul>
              {inShop.map((j) => (
                <StandRow key={j.id} id={j.id} summary={j.summary} by={j.by} />
              ))}
            </ul>
            {gone.length > 0 ? (
              <section>
                <h2 className="narrow border-t border-rule pb-1 pt-4 text-[16px] text-steel">Gone home</h2>
                <ul>
                  {gone.map((j) => (
                    <StandRow key={j.id} id={j.id} summary={j.summary} by={j.by} />
                  ))}
                </ul>
              </section>
            ) : null}
            <p className="flex flex-wrap items-center gap-3 border-t border-rule pt-3 text-[15.5px] text-steel">
              {more ? (
                <>
                  {jobs.length} of {count(found, 'machine')} on this page.{' '}
                  <Link href={more} className={buttonClass('quiet')}>
                    Earlier machines
                  </Link>
                </>
              ) : later ? (
                `The last of ${count(found, 'machine')}.`
              ) : found === 1 ? (
                'That is the one.'
              ) : (
                `All ${found} machines are shown.`
              )}
            </p>
          </>
        )}
      </main>
    </>
  )
}

const BOX = 'min-h-12 rounded-md border-2 border-steel bg-paper px-3 text-[17px] text-ink placeholder:text-steel'

/** What is asked, as a form whose answer is an address: it can be kept, sent on and gone back to. */
function Find({ asked, found, all, narrowed }: Pick<StandsProps, 'asked' | 'found' | 'all'> & { readonly narrowed: boolean }) {
  return (
    <form role="search" action="/" className="flex flex-wrap items-center gap-2 pb-4">
      <input
        key={asked.find}
        type="search"
        name="find"
        defaultValue={asked.find}
        maxLength={80}
        aria-label="Find a machine"
        placeholder="Machine, owner, number, words, serial"
        className={`${BOX} min-w-0 flex-1 basis-full md:basis-72`}
      />
      <select
        key={`s ${asked.stage}`}
        name="stage"
        defaultValue={asked.stage.replaceAll(' ', '-')}
        aria-label="At which stage"
        className={`${BOX} min-w-0 max-md:flex-1`}
      >
        <option value="">any stage</option>
        {STAGE_LIST.map((s) => (
          <option key={s} value={s.replaceAll(' ', '-')}>
            {STAGE_LABEL[s].toLowerCase()}
          </option>
        ))}
      </select>
      <select
        key={`o ${asked.only}`}
        name="only"
        defaultValue={asked.only}
        aria-label="Which of them"
        className={`${BOX} min-w-0 max-md:flex-1`}
      >
        <option value="">all of them</option>
        {Object.entries(ONLY).map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      <Button type="submit">Find</Button>
      {narrowed && found > 0 ? (
        <p role="status" className="flex items-center gap-3 text-[15.5px]">
          {count(found, 'machine')}{' '}
          <Link href={all} className={buttonClass('quiet')}>
            Show all
          </Link>
        </p>
      ) : null}
    </form>
  )
}

function headline({ stands, door, fixings, parts }: Totals): string {
  if (stands + door === 0) return 'Nothing in the shop'
  const where = [
    stands > 0 ? `${numberWord(stands)} on stands` : '',
    door > 0 ? `${stands > 0 ? numberWord(door).toLowerCase() : numberWord(door)} at the door` : '',
  ]
    .filter(Boolean)
    .join(', ')
  if (fixings + parts === 0) return `${where} — nothing is loose`
  return `${where} — ${count(fixings, 'screw')} and ${count(parts, 'part')} are loose`
}

import * as say from '../../words/en/screens/stands'
import { Link } from '../../ui/link'
import type { JobSummary, Stage } from '../../core/job'
import { Button, buttonClass } from '../../ui/button'
import { columnOf } from '../../ui/dip'
import { numberWord, STAGE_LABEL, STAGE_LIST } from '../../words/en/job-state'
import { Live } from './live'
import { StandRow } from './row'

/** What is asked of the list; every part of it is in the address. */
export interface Asked {
  readonly find: string
  readonly stage: Stage | ''
  readonly only: '' | keyof typeof ONLY
}

export interface StandsProps {
  readonly jobs: readonly { readonly id: string; readonly summary: JobSummary; readonly by: string; readonly to: string | null }[]
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

const ONLY = {
  live: say.onlyLive,
  loose: say.withSomethingLoose,
  parked: say.onlyParked,
  disputed: say.onlyDisputed,
  home: say.onlyHome,
} as const

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
              {say.takeAMachineIn}
            </Link>
          ) : null}
        </div>
        {found > 0 || narrowed ? <Find asked={asked} found={found} all={all} narrowed={narrowed} /> : null}
        {jobs.length === 0 ? (
          <p className="border-t border-rule py-10 text-[19px]">
            {narrowed ? (
              <>
                {say.noMachineMatchesThat}{' '}
                <Link href={all} className="underline underline-offset-4">
                  {say.showAllOfThem}
                </Link>
              </>
            ) : (
              say.theStandsAreEmpty
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
                <StandRow key={j.id} id={j.id} summary={j.summary} by={j.by} to={j.to} />
              ))}
            </ul>
            {gone.length > 0 ? (
              <section>
                <h2 className="narrow border-t border-rule pb-1 pt-4 text-[16px] text-steel">{say.goneHome}</h2>
                <ul>
                  {gone.map((j) => (
                    <StandRow key={j.id} id={j.id} summary={j.summary} by={j.by} to={j.to} />
                  ))}
                </ul>
              </section>
            ) : null}
            <p className="flex flex-wrap items-center gap-3 border-t border-rule pt-3 text-[15.5px] text-steel">
              {more ? (
                <>
                  {say.onThisPage(jobs.length, found)}{' '}
                  <Link href={more} className={buttonClass('quiet')}>
                    {say.earlierMachines}
                  </Link>
                </>
              ) : later ? (
                say.theLastOfMachine(found)
              ) : found === 1 ? (
                say.thatIsTheOne
              ) : (
                say.allMachinesAreShown(found)
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
        aria-label={say.findAMachine}
        placeholder={say.machineOwnerNumberWords}
        className={`${BOX} min-w-0 flex-1 basis-full md:basis-72`}
      />
      <select
        key={`s ${asked.stage}`}
        name="stage"
        defaultValue={asked.stage.replaceAll(' ', '-')}
        aria-label={say.atWhichStage}
        className={`${BOX} min-w-0 max-md:flex-1`}
      >
        <option value="">{say.anyStage}</option>
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
        aria-label={say.whichOfThem}
        className={`${BOX} min-w-0 max-md:flex-1`}
      >
        <option value="">{say.allOfThem}</option>
        {Object.entries(ONLY).map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      <Button type="submit">{say.find}</Button>
      {narrowed && found > 0 ? (
        <p role="status" className="flex items-center gap-3 text-[15.5px]">
          {say.machine(found)}{' '}
          <Link href={all} className={buttonClass('quiet')}>
            {say.showAll}
          </Link>
        </p>
      ) : null}
    </form>
  )
}

function headline({ stands, door, fixings, parts }: Totals): string {
  if (stands + door === 0) return say.nothingInTheShop
  const where = [
    stands > 0 ? say.manyOnStands(numberWord(stands)) : '',
    door > 0 ? say.manyAtTheDoor(stands > 0 ? numberWord(door).toLowerCase() : numberWord(door)) : '',
  ]
    .filter(Boolean)
    .join(', ')
  if (fixings + parts === 0) return say.nothingIsLoose(where)
  return say.isLoose(where, fixings, parts)
}

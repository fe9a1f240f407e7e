import * as noFile from '../../words/en/screens/no-file'
import * as say from '../../words/en/screens/run'
import { chargeOf, type CheckId, isOpen, mayOverride, type Missing, offOf, stageIndex, waitingFor } from '../../core/job'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { clockText } from '../../ui/time'
import { waitWords } from '../../words/en/missing'
import { titleOf } from '../../words/en/titles'
import { useJob } from '../shared/context'
import { settledBy } from '../shared/settled-by'

/** Told at once; how many more there are is said. */
const TOLD = 4

/** Why a step may not be done yet, and what settles it. */
export function WaitBlock({ waits, step }: { readonly waits: readonly Missing[]; readonly step: PlannedStep }) {
  const { state, now, open, mayWork, log } = useJob()
  // With no file what waits for what is worked out: whoever has it in their hands knows better.
  const loose = step.limb === 'up' && offOf(state, step) && !state.planned ? waits.flatMap((w) => (w.is === 'step' ? [w] : [])) : []
  return (
    <div className="rounded-md border-l-[6px] border-look bg-look-tint px-4 py-3 text-[17px]">
      <p className="font-semibold">{say.notYetFirst}</p>
      <ul className="list-inside list-disc">
        {waits.slice(0, TOLD).map((w) => (
          <li key={JSON.stringify(w)}>
            {w.is === 'waiting' ? <Clock step={w.step} /> : waitWords(w, state, (at) => (now > 0 ? `, ${clockText(at, now)}` : ''))}
          </li>
        ))}
        {waits.length > TOLD ? <li>{say.andMore(waits.length - TOLD)}</li> : null}
      </ul>
      {mayWork ? <WaitButtons waits={waits} /> : null}
      {mayWork
        ? waits.map((w) =>
            w.is === 'look' ? (
              <Button
                key={JSON.stringify(w)}
                className="mt-2 w-full"
                onClick={() => open({ kind: 'looked over', of: w.of, ...(w.step === undefined ? {} : { step: w.step }) })}
              >
                {say.lookItOver}
              </Button>
            ) : null,
          )
        : null}
      {mayWork
        ? loose.map((w) => {
            const of = [...state.down, ...state.up].find((s) => s.id === w.step)
            return of?.pair ? (
              <Button
                key={w.step}
                className="mt-2 w-full"
                onClick={() => log('order-said', { step: step.pair!, of: of.pair!, is: 'free' })}
              >
                {noFile.readyNow(of.title)}
              </Button>
            ) : null
          })
        : null}
      {waits.some((w) => w.is === 'not dead') && mayWork ? (
        <Button className="mt-2 w-full" onClick={() => open({ kind: 'power' })}>
          {say.isolateItAndShow}
        </Button>
      ) : null}
    </div>
  )
}

/** How long a wait still runs, when what follows opens, and what can be done meanwhile. */
function Clock({ step }: { readonly step: string }) {
  const { state, waiting, now, when } = useJob()
  const left = waiting.get(step)
  const meanwhile = [...state.down, ...state.up].find(
    (s) =>
      (s.limb === 'up') === stageIndex(state.stage) >= stageIndex('build up') &&
      isOpen(state, s, when) &&
      waitingFor(state, s, when).length === 0,
  )
  return (
    <>
      {left === null || left === undefined
        ? say.waitsForPower(titleOf(state, step))
        : say.opensAt(titleOf(state, step), Math.ceil(left / 60), now > 0 ? clockText(now + left * 1000, now) : '')}
      {meanwhile ? <span className="block text-[15.5px]">{say.meanwhile(meanwhile.title)}</span> : null}
    </>
  )
}

/** Checks that are settled by a sheet of their own, or gone on without, in this order. */
const ASKED = [
  'price agreed',
  'replacement matches',
  'settings read',
  'pack triage',
  'salt water',
  'sealed unit',
  'first power',
  'read again',
  'handling strength',
] as const satisfies readonly CheckId[]

/** What settles the checks that a step waits for. */
function WaitButtons({ waits }: { readonly waits: readonly Missing[] }) {
  const { state, open, person, log } = useJob()
  const lead = person.role === 'lead'
  const waitsFor = (check: CheckId): boolean => waits.some((w) => w.is === 'check' && w.check === check)
  return (
    <div className="flex flex-wrap gap-2">
      {waitsFor('qualified') && chargeOf(state).from === 'nobody' ? (
        <Button className="mt-2 w-full" onClick={() => open({ kind: 'power' })}>
          {say.sayWhatItsCharger}
        </Button>
      ) : null}
      {waitsFor('qualified') && person.qualified ? (
        <Button className="mt-2 w-full" onClick={() => log('check-passed', { check: 'qualified', shown: 'answers for it' })}>
          {say.iAmQualifiedI}
        </Button>
      ) : null}
      {ASKED.filter(waitsFor).map((check) => {
        const sheet = settledBy(check, state)
        const may = mayOverride(check)
        if (!sheet && may !== 'mechanic' && !lead) return null
        return (
          <div key={check} className="mt-2 flex w-full flex-wrap gap-2">
            {sheet ? (
              <Button className="flex-1" onClick={() => open(sheet)}>
                {say.SETTLE[check]}
              </Button>
            ) : null}
            {may === 'mechanic' || lead ? (
              <Button weight="quiet" onClick={() => open({ kind: 'override', check })}>
                {say.GO_ON[check] ?? say.goOnWithoutWhy}
              </Button>
            ) : null}
          </div>
        )
      })}
    </div>
  )
}

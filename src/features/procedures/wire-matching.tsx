'use client'
import { useState } from 'react'
import * as say from '../../words/en/screens/procedures'
import { Head } from './head'
import { matched, SHOWN, type Shown, type Trial, type Way } from '../../core/procedures'
import { Button } from '../../ui/button'
import { Tiles } from '../../ui/field'
import { wireInks } from '../shared/wires'

const WIRES_CAUTIONS = ['H31', 'H67']
const COLOURS = ['yellow', 'green', 'blue'] as const

/** Wires of a foreign motor onto a controller, in order of likelihood, by short trials from a limited supply. */
export function WireMatching() {
  const [alike, setAlike] = useState(true)
  const [trials, setTrials] = useState<readonly Trial[]>([])
  const { next, chance, found, lost } = matched(trials, alike)
  const told = (shown: Shown): void => {
    if (next) setTrials([...trials, { ...next, shown }])
  }
  return (
    <article className="grid content-start gap-3 py-4" aria-labelledby="procedure">
      <Head title={say.wires} power="live" cautions={WIRES_CAUTIONS} steps={say.wiresSteps} />
      <Tiles
        legend={say.coloursAlike}
        name="colours"
        value={alike ? 'yes' : 'no'}
        options={[
          { value: 'yes', label: say.coloursAre },
          { value: 'no', label: say.coloursAreNot },
        ]}
        onChange={(v) => (setAlike(v === 'yes'), setTrials([]))}
      />
      {next ? (
        <section aria-label={say.trialIs(trials.length + 1)} className="grid gap-2 rounded-md border-2 border-rule bg-paper px-4 py-3">
          <p className="text-[17px]">
            <strong>{say.trialIs(trials.length + 1)}</strong> <span className="text-steel">{say.runsRight(chance)}</span>
          </p>
          <Joined way={next} />
          <div className="grid grid-cols-2 gap-2" role="group" aria-label={say.whatItDid}>
            {SHOWN.map((s) => (
              <Button key={s} onClick={() => told(s)}>
                {say.shown[s]}
              </Button>
            ))}
          </div>
        </section>
      ) : null}
      {found ? (
        <section role="status" className="grid gap-2 rounded-md border-2 border-ok bg-paper px-4 py-3">
          <p className="text-[18px] font-semibold">
            <span className="text-ok">● </span>
            {say.thisWay}
          </p>
          <Joined way={found} />
          <p className="text-[16px]">{say.thenFree}</p>
        </section>
      ) : null}
      {lost ? (
        <p role="status" className="text-[16.5px] font-semibold text-look">
          ◆ {say.nothingFits}
        </p>
      ) : null}
      {trials.length > 0 ? (
        <div>
          <ol className="list-decimal pl-6 text-[15.5px] text-steel">
            {trials.map((t, i) => (
              <li key={i}>
                {say.triedAs(name(t.phases), name(t.halls))}: {say.shown[t.shown]}
              </li>
            ))}
          </ol>
          <Button weight="quiet" onClick={() => setTrials(trials.slice(0, -1))}>
            {say.lastWrong}
          </Button>
        </div>
      ) : null}
    </article>
  )
}

const name = (order: Way['phases']): string => order.map((k) => COLOURS[k]).join(' ')

/** Three thick wires and three thin ones, controller left, motor right. */
function Joined({ way }: { readonly way: Way }) {
  return (
    <svg
      role="img"
      aria-label={say.joinedAs(name(way.phases), name(way.halls))}
      viewBox="0 0 420 132"
      className="w-full rounded-lg bg-[#26313b]"
    >
      <Wires order={way.phases} x={0} thick={9} title={say.thickWires} />
      <Wires order={way.halls} x={210} thick={4} title={say.thinWires} />
    </svg>
  )
}

function Wires({
  order,
  x,
  thick,
  title,
}: {
  readonly order: Way['phases']
  readonly x: number
  readonly thick: number
  readonly title: string
}) {
  const y = (i: number): number => 46 + 32 * i
  return (
    <g>
      <text x={x + 105} y={20} textAnchor="middle" className="narrow fill-[#f4f0e8] text-[12px]">
        {title}
      </text>
      {order.map((to, from) => {
        const [left] = wireInks(COLOURS[from]!)
        const [right] = wireInks(COLOURS[to]!)
        return (
          <g key={from} strokeWidth={thick} strokeLinecap="round" fill="none">
            <path d={`M ${x + 20} ${y(from)} H ${x + 62} L ${x + 105} ${(y(from) + y(to)) / 2}`} stroke={left} />
            <path d={`M ${x + 105} ${(y(from) + y(to)) / 2} L ${x + 148} ${y(to)} H ${x + 190}`} stroke={right} />
          </g>
        )
      })}
    </g>
  )
}

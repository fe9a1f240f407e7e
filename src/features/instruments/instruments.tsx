'use client'
import { INSTRUMENT_NAMES } from '../../words/en/names'
import * as say from '../../words/en/screens/instruments'
import { Link } from '../../ui/link'
import { useState } from 'react'
import type { Instrument } from '../../core/instruments'
import { formatNumber, unitLabel } from '../../core/units'
import { useNow } from '../../ui/time'
import { Deed, type FormAction } from '../shared/told'
import { calibrationWords } from '../../words/en/instruments'
import { Connected } from './connected'
import { InstrumentForm } from './form'

export interface InstrumentsProps {
  readonly instruments: readonly Instrument[]
  /** May the one who looks change the list? */
  readonly mayChange: boolean
  /** May they measure, with what is connected? */
  readonly mayConnect: boolean
  readonly keep: FormAction
  readonly strike: FormAction
}

const figure = (x: number): string => formatNumber(x, 3).replace('-', '−')

/** What it measures, in a line: `0 to 600 V, 0 to 4,000 Ω`. */
function rangesWords(i: Instrument): string {
  return i.ranges.map((r) => say.fromTo(figure(r.from), figure(r.to), unitLabel(r.unit))).join(', ')
}

/** Days until a calibration ends at which it is time to send it off. */
const SOON = 30

/** The shop's instruments and wrenches: what each measures, how well, and to when it is calibrated. */
export function Instruments({ instruments, mayChange, mayConnect, keep, strike }: InstrumentsProps) {
  const now = useNow(60_000)
  const [chosen, setChosen] = useState<string | null>(null)
  const here = instruments.filter((i) => !i.struck).sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }))
  const gone = instruments.filter((i) => i.struck)
  return (
    <main id="main" className="mx-auto grid max-w-[1180px] gap-x-8 px-5 pb-12 lg:grid-cols-[1.2fr_1fr]">
      <div>
        <h1 className="title pt-4 text-[28px]">{say.instrumentsAndWrenches}</h1>
        <p className="pb-2 text-[16px] text-steel">{say.aReadingKeepsWhat}</p>
        <p className="pb-3">
          <Link href="/procedures" className="narrow inline-flex min-h-12 items-center text-[16px] underline underline-offset-2">
            {say.guided}
          </Link>
        </p>
        {here.length === 0 ? <p className="border-t border-rule py-3 text-[17px]">{say.noneIsListedYet}</p> : null}
        <ul>
          {here.map((i) => {
            const calibration = calibrationWords(i.calibratedTo ?? undefined, now, SOON)
            return (
              <li key={i.id} className="border-t border-rule">
                <button
                  type="button"
                  aria-expanded={chosen === i.id}
                  onClick={() => setChosen(chosen === i.id ? null : i.id)}
                  className="grid min-h-14 w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 py-1.5 text-left"
                >
                  <span className="text-[17px] font-semibold">
                    {i.name}{' '}
                    <span className="text-[15px] font-normal text-steel">
                      {INSTRUMENT_NAMES[i.kind] === i.name ? '' : INSTRUMENT_NAMES[i.kind]}
                    </span>
                  </span>
                  <span className={`text-right text-[15.5px] ${calibration.look}`}>{calibration.text}</span>
                  <span className="col-span-2 text-[15px] text-steel">{rangesWords(i)}</span>
                </button>
                {chosen === i.id ? (
                  <div className="mb-4 grid gap-3 rounded-lg border border-rule bg-paper p-4">
                    {mayChange ? (
                      <>
                        <InstrumentForm key={i.id} instrument={i} keep={keep} />
                        <Deed action={strike} fields={{ id: i.id, deed: 'strike off' }} label={say.takeItOut} stop />
                      </>
                    ) : (
                      <Facts instrument={i} />
                    )}
                  </div>
                ) : null}
              </li>
            )
          })}
        </ul>
        {gone.length > 0 ? (
          <section aria-labelledby="gone">
            <h2 id="gone" className="title pb-1 pt-6 text-[20px]">
              {say.outOfUse}
            </h2>
            <p className="text-[15px] text-steel">{say.whatWasMeasuredWith}</p>
            <ul>
              {gone.map((i) => (
                <li key={i.id} className="flex min-h-12 items-center justify-between gap-3 border-t border-rule text-[17px]">
                  <span className="text-steel line-through">{i.name}</span>
                  {mayChange ? <Deed action={strike} fields={{ id: i.id, deed: 'take back' }} label={say.useAgain(i.name)} /> : null}
                </li>
              ))}
            </ul>
          </section>
        ) : null}
      </div>
      <div>
        {mayConnect ? <Connected /> : null}
        {mayChange ? (
          <section aria-labelledby="new">
            <h2 id="new" className="title py-4 text-[22px]">
              {say.aNewOne}
            </h2>
            <div className="rounded-lg border border-rule bg-paper p-5">
              <InstrumentForm keep={keep} />
            </div>
          </section>
        ) : (
          <p className="py-5 text-[16px] text-steel">{say.aLeadKeepsThis}</p>
        )}
      </div>
    </main>
  )
}

function Facts({ instrument: i }: { readonly instrument: Instrument }) {
  const rows = i.ranges.map((r) => {
    const error = [
      r.percent === undefined ? '' : `${figure(r.percent)} %`,
      r.offset === undefined ? '' : `${figure(r.offset)} ${unitLabel(r.unit)}`,
    ]
    return [
      `${figure(r.from)} to ${figure(r.to)} ${unitLabel(r.unit)}`,
      r.resolution === undefined ? '' : say.stepsOf(figure(r.resolution)),
      error.some(Boolean) ? `± ${error.filter(Boolean).join(' + ')}` : '',
    ]
  })
  return (
    <>
      <ul className="text-[16px]">
        {rows.map((r) => (
          <li key={r[0]}>{r.filter(Boolean).join(', ')}</li>
        ))}
      </ul>
      <p className="text-[16px]">
        {[
          i.leads === undefined ? '' : say.leadsAre(figure(i.leads)),
          i.lampStep === undefined ? '' : say.lowestLampIs(figure(i.lampStep)),
          i.grip === undefined ? '' : say.driveToGripIs(figure(i.grip)),
          i.reach === undefined ? '' : say.adapterIs(figure(i.reach)),
        ]
          .filter(Boolean)
          .join(' ')}
      </p>
    </>
  )
}

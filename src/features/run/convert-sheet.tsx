'use client'
import { useEffect, useRef, useState } from 'react'
import * as say from '../../words/en/screens/conversion'
import { convertWidth, strangers, type WidthSet } from '../../core/conversion'
import { conversionOf, firstOff, startOf } from '../../core/job'
import { type MachineFile, withWorstCase } from '../../core/machine'
import type { WidthWay } from '../../core/planning'
import { Button } from '../../ui/button'
import { Sheet } from '../../ui/sheet'
import { ConversionTold, FromTo, OutOfScope } from '../shared/conversion'
import { useJob } from '../shared/context'

/** The way up in the other width, where the file has steps for what comes along: none, being worked out, found, or why there is none. */
type Way =
  | { readonly is: 'none' }
  | { readonly is: 'asking' }
  | { readonly is: 'found'; readonly way: WidthWay }
  | { readonly is: 'no way'; readonly why: string }

function useWay(file: MachineFile | null, set: WidthSet | undefined, from: string, to: string): Way {
  const { state, settings, aside } = useJob()
  const latest = useRef(state)
  useEffect(() => {
    latest.current = state
  })
  const asked = JSON.stringify([set?.id, from, to])
  const [answer, setAnswer] = useState<{ readonly asked: string; readonly way: Way } | null>(null)
  useEffect(() => {
    if (!file || !set || from === to) return
    const { variants, goals } = latest.current
    const toolsOwned = file.tools.filter((t) => !settings.lacking.includes(t.name)).map((t) => t.id)
    const asking = new AbortController()
    const answered = (way: Way): void => {
      if (!asking.signal.aborted) setAnswer({ asked, way })
    }
    const asks = (p: Awaited<ReturnType<typeof aside>>): ReturnType<typeof p.convertAside> =>
      p.convertAside(
        { file, start: startOf(latest.current, file), goals, set, from, to },
        { variants, toolsOwned, tray: settings.tray },
        asking.signal,
      )
    aside()
      .then(asks)
      .then(
        async (found) => {
          if (!found) answered({ is: 'none' })
          else if ('error' in found) answered({ is: 'no way', why: (await import('../../words/en/plan-errors')).whyNot(found.error, file) })
          else answered({ is: 'found', way: found })
        },
        () => answered({ is: 'no way', why: say.noWayFound }),
      )
    return () => asking.abort()
  }, [file, set, from, to, asked, settings.lacking, settings.tray, aside])
  return answer?.asked === asked ? answer.way : { is: 'asking' }
}

/** The machine goes into another width: from which, to which, what lies there, and what that takes. One line of the journal carries it. */
export function ConvertSheet({ set: id, onClose }: { readonly set: string; readonly onClose: () => void }) {
  const { state, file, log } = useJob()
  const set = file?.widths?.find((w) => w.id === id)
  // What nobody has answered was planned at its worst.
  const known = file && set?.variant !== undefined ? withWorstCase(file, state.variants)[set.variant] : undefined
  const [from, setFrom] = useState(known ?? set?.options[0]?.id ?? '')
  const [to, setTo] = useState(set?.options.find((o) => o.id !== from)?.id ?? '')
  const [there, setThere] = useState<readonly string[]>([])
  const way = useWay(file, set, from, to)
  if (!file || !set) return null
  const conversion = convertWidth(set, from, to)
  const body = conversionOf(file, set, from, to, way.is === 'found' ? way.way : undefined)
  const first = firstOff(state, file, body)
  const named = [...new Set(set.options.flatMap((o) => o.pieces.map((p) => p.name)))]
  // What every width has says nothing of which one it is.
  const telling = named.filter((name) => !set.options.every((o) => o.pieces.some((p) => p.name === name)))
  const fitted = set.options.find((o) => o.id === from)!.label
  return (
    <Sheet open onClose={onClose} title={say.convert(set.name)}>
      <div className="grid gap-3">
        <FromTo set={set} from={from} to={to} onFrom={setFrom} onTo={setTo} />
        {telling.length > 0 ? (
          <fieldset className="grid gap-1.5">
            <legend className="mb-1 text-[15px] font-semibold">{say.whatLiesThere}</legend>
            {telling.map((name) => (
              <label key={name} className="flex min-h-12 cursor-pointer items-center gap-3 rounded-md border-2 border-rule px-3">
                <input
                  type="checkbox"
                  className="size-6 accent-ok"
                  checked={there.includes(name)}
                  onChange={() => setThere(there.includes(name) ? there.filter((t) => t !== name) : [...there, name])}
                />
                <span className="text-[16px]">{name}</span>
              </label>
            ))}
          </fieldset>
        ) : null}
        {strangers(set, from, there).map((s) => (
          <p key={s.name} role="alert" className="border-l-[6px] border-look bg-look-tint px-4 py-2 text-[16px]">
            <span className="font-bold text-look">◆ </span>
            {say.belongsTo(s.name, s.belongsTo, fitted)}
          </p>
        ))}
        {from === to ? <p className="text-[16px] text-steel">{say.sameWidth}</p> : <ConversionTold conversion={conversion} />}
        <OutOfScope of={conversion.outOfScope} />
        <p className="text-[15px] text-steel">{say.leftOver}</p>
        {first.length > 0 && from !== to ? (
          <p className="text-[16.5px] font-semibold">
            <span className="text-stop">▲ </span>
            {say.firstOff(first)}
          </p>
        ) : null}
        {way.is === 'no way' ? (
          <p role="alert" className="border-l-[6px] border-stop bg-stop-tint px-4 py-2 text-[16px]">
            ▲ {way.why}
          </p>
        ) : null}
        <Button
          weight="primary"
          disabled={from === to || first.length > 0 || way.is === 'asking' || way.is === 'no way'}
          onClick={() => {
            log('width-converted', body)
            onClose()
          }}
        >
          {say.convertIt(body.to.label)}
        </Button>
      </div>
    </Sheet>
  )
}

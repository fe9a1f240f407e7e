'use client'
import { notReadYet } from '../../words/en/screens/line'
import * as say from '../../words/en/screens/run'
import { useState } from 'react'
import { stageIndex } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { useJob } from '../shared/context'
import { useLine } from '../shared/use-line'

/** With no file, the quick line leads: what comes off is typed, and lies in the next free cell. */
export function LineCard() {
  const job = useJob()
  const { state, stage, logAll, log, show, open, mayWork, addPhoto } = job
  const [text, setText] = useState('')
  const [fault, setFault] = useState<string>()
  const typed = useLine(text)
  const add = (): void => {
    if (!typed) return setFault(notReadYet)
    if (!typed.read) return setFault(say.theLineIsEmpty)
    logAll(typed.entries(job, typed.read, undefined))
    setText('')
  }
  const up = (): void => {
    if (stageIndex(state.stage) < stageIndex('swap')) log('stage-moved', { to: 'swap' })
    show('swap')
  }
  const last = state.down.at(-1)
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.noMachineFileSo(state.down.length)}</p>
      <h2 className="title text-[30px]">{say.whatCameOff}</h2>
      {mayWork ? (
        <form className="grid gap-2" onSubmit={(e) => (e.preventDefault(), add())}>
          <TextField
            label={say.line}
            value={text}
            onChange={(e) => (setFault(undefined), setText(e.target.value))}
            placeholder={say.exampleLine}
            hint={say.aCountMakes}
            maxLength={200}
            autoComplete="off"
          />
          {typed?.told}
          {fault ? (
            <p role="alert" className="text-[16px] font-semibold text-stop">
              {fault}
            </p>
          ) : null}
          <div className="flex gap-2">
            <Button type="submit" weight="primary" className="flex-1">
              {say.offIntoTheTray}
            </Button>
            <Button className="w-[30%]" onClick={() => addPhoto(last?.id)}>
              {say.photo}
            </Button>
          </div>
        </form>
      ) : null}
      {state.power.state === 'live' ? (
        <p className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16.5px]">
          <span className="font-bold text-stop">▲ </span>
          {say.itCountsAsLive}
        </p>
      ) : null}
      {state.power.state === 'live' && mayWork ? (
        <Button weight={stage === 'make safe' ? 'primary' : 'plain'} onClick={() => open({ kind: 'power' })}>
          {say.isolateItAndShow}
        </Button>
      ) : null}
      <div className="sticky -bottom-4 mt-auto bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button className="w-full" disabled={state.down.length === 0} onClick={up}>
            {say.atTheBottomSwap}
          </Button>
        ) : null}
      </div>
    </article>
  )
}

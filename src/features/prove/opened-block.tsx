'use client'
import * as say from '../../words/en/screens/prove'
import { useState } from 'react'
import { OPENED, type Opened } from '../../core/machine'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { useJob } from '../shared/context'
import { OPENED_WORDS } from '../../words/en/rides'

/** What was opened, asked where no plan knows it: how it is proved follows from that. */
export function OpenedBlock() {
  const { log, mayWork } = useJob()
  const [chosen, setChosen] = useState<readonly Opened[]>([])
  const [fault, setFault] = useState<string>()
  const toggle = (o: Opened): void => (setFault(undefined), setChosen(chosen.includes(o) ? chosen.filter((x) => x !== o) : [...chosen, o]))
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.prove}</p>
      <h2 className="title text-[30px]">{say.whatWasOpened}</h2>
      <p className="text-[17px]">{say.howItIsProved}</p>
      <fieldset className="flex flex-wrap gap-2" disabled={!mayWork}>
        <legend className="sr-only">{say.whatWasOpened}</legend>
        {OPENED.map((o) => (
          <button
            key={o}
            type="button"
            aria-pressed={chosen.includes(o)}
            onClick={() => toggle(o)}
            className={`narrow min-h-12 rounded-lg border-2 px-4 text-[16px] ${chosen.includes(o) ? 'border-copper bg-copper-tint' : 'border-rule bg-paper'}`}
          >
            {OPENED_WORDS[o]}
          </button>
        ))}
      </fieldset>
      <Fault text={fault} />
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button
            weight="primary"
            onClick={() => (chosen.length > 0 ? log('opened-told', { opened: chosen }) : setFault(say.atLeastACover))}
          >
            {say.thatIsAll}
          </Button>
        ) : null}
      </div>
    </article>
  )
}

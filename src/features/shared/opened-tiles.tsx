'use client'
import * as say from '../../words/en/screens/prove'
import { useState } from 'react'
import { OPENED, type Opened } from '../../core/machine'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { OPENED_WORDS } from '../../words/en/rides'
import { useJob } from './context'

/** What was opened, asked where no plan knows it: first power and proof go by it. */
export function OpenedTiles() {
  const { log, mayWork } = useJob()
  const [chosen, setChosen] = useState<readonly Opened[]>([])
  const [fault, setFault] = useState<string>()
  const toggle = (o: Opened): void => (setFault(undefined), setChosen(chosen.includes(o) ? chosen.filter((x) => x !== o) : [...chosen, o]))
  return (
    <div className="grid gap-2">
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
      {mayWork ? (
        <Button weight="primary" onClick={() => (chosen.length > 0 ? log('opened-told', { opened: chosen }) : setFault(say.atLeastACover))}>
          {say.thatIsAll}
        </Button>
      ) : null}
    </div>
  )
}

'use client'
import * as say from '../../words/en/screens/prove'
import { useState } from 'react'
import { chargeOf, ladderIn } from '../../core/job'
import type { FirstPower } from '../../core/ride'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField, Tiles } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { FIRST_POWER_WORDS } from '../../words/en/rides'
import { useJob } from '../shared/context'

/** How the first power comes after motor, controller or loom were opened: through what, limited to how much. */
export function FirstPowerSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, log, person, file } = useJob()
  const high = chargeOf(state).cls === 'B'
  const ways = ladderIn(state).firstPower[high ? 'high' : 'low']
  const [way, setWay] = useState<FirstPower | ''>(ways.length === 1 ? ways[0]! : '')
  const [amps, setAmps] = useState('')
  const [fault, setFault] = useState<string>()
  const limited = way === 'limited supply' || way === 'fuse'
  const brushed = file?.drives.some((d) => d.kind === 'gearbox brushed') ?? false
  const done = (): void => {
    if (way === '') return setFault(say.throughWhat)
    const limit = readNumber(amps)
    if (limited && (limit === null || limit <= 0 || limit > 1000)) return setFault(say.howManyAmps(amps))
    if (way === 'pre-charge' && !person.qualified) return setFault(say.preChargeIsForThe)
    log('check-passed', { check: 'first power', shown: way, ...(limited ? { amps: limit! } : {}) })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.firstPower} note={say.firstPowerWhy}>
      <div className="grid gap-4">
        <Tiles
          legend={say.through}
          name="way"
          value={way}
          onChange={(w) => (setFault(undefined), setWay(w))}
          options={ways.map((w) => ({ value: w as FirstPower | '', ...FIRST_POWER_WORDS[w] }))}
        />
        {limited ? (
          <TextField
            label={say.limitedToAmps}
            {...(brushed ? { hint: say.threeTimesFree } : {})}
            value={amps}
            onChange={(e) => (setFault(undefined), setAmps(e.target.value))}
            inputMode="decimal"
            autoComplete="off"
            maxLength={8}
          />
        ) : null}
        <Fault text={fault} />
        <Button weight="primary" onClick={done}>
          {say.thatIsHowItComes}
        </Button>
        <p className="text-[15px] text-steel">{say.cannotBeHad}</p>
      </div>
    </Sheet>
  )
}

'use client'
import { PACK_SIGN_NAMES, signNames } from '../../words/en/names'
import * as say from '../../words/en/screens/pack'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { HOT_ABOVE, PACK_SIGNS, packSigns, type PackSign } from '../../core/safety'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { SheetCautions } from '../shared/later'
import { useInstrument } from '../shared/use-instrument'
import { Block } from '../shared/panel'

const InstrumentField = dynamic(() => import('../shared/instrument-field').then((m) => m.InstrumentField))

/** The pack looked over before anything is charged: signs, its warmth, its lowest cell group; sound, or outdoors and referred. */
export function PackBlock() {
  const { state, file, log, mayWork, nameOf, now } = useJob()
  const [signs, setSigns] = useState<readonly PackSign[]>([])
  const [group, setGroup] = useState('')
  const [warmth, setWarmth] = useState('')
  const [fault, setFault] = useState<string>()
  const look = state.packCheck
  const instrument = useInstrument(group.trim() === '' && warmth.trim() !== '' ? 'temperature' : 'voltage')
  const measured = group.trim() !== '' || warmth.trim() !== ''
  const chemistry = file?.pack?.chemistry
  const lowestGroup = group.trim() === '' ? undefined : readNumber(group, 'V')
  const temperature = warmth.trim() === '' ? undefined : readNumber(warmth, 'degC')
  const found = packSigns({
    signs,
    ...(chemistry ? { chemistry } : {}),
    ...(typeof lowestGroup === 'number' ? { lowestGroup } : {}),
    ...(typeof temperature === 'number' ? { temperature } : {}),
  })
  const done = (): void => {
    if (lowestGroup === null || (lowestGroup !== undefined && (lowestGroup < 0 || lowestGroup > 5)))
      return setFault(say.isNotTheVoltage(group))
    if (temperature === null || (temperature !== undefined && (temperature < -40 || temperature > 150)))
      return setFault(say.isNotAPacksTemperature(warmth))
    log('pack-checked', {
      result: found.length > 0 ? 'quarantine' : 'sound',
      signs: found,
      ...(lowestGroup !== undefined ? { lowestGroup } : {}),
      ...(temperature !== undefined ? { temperature } : {}),
      ...(measured && instrument.used ? { instrument: instrument.used } : {}),
    })
    if (measured) instrument.remember()
    setSigns([])
    setGroup('')
    setWarmth('')
  }
  return (
    <Block title={say.thePackBeforeAnything}>
      {look?.result === 'quarantine' ? (
        <div className="mb-2 border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[17px]">
          <p className="font-semibold">
            <span className="text-stop">▲ </span>
            {say.quarantine(signNames(look.signs))}
          </p>
          <p>{say.doNotCharge}</p>
        </div>
      ) : look ? (
        <p className="text-[17px]">
          <span className="font-semibold text-ok">{say.sound}</span>
          {say.packLook(look.lowestGroup, look.temperature)}{' '}
          <span className="text-[14px] text-steel">
            {nameOf(look.by)}
            {now > 0 ? `, ${clockText(look.at, now)}` : ''}
          </span>
        </p>
      ) : null}
      {mayWork ? (
        <>
          <fieldset className="mt-2">
            <legend className="mb-1 text-[15px] font-semibold">{say.anyOfThese}</legend>
            <div className="flex flex-wrap gap-2">
              {PACK_SIGNS.map((sign) => (
                <label
                  key={sign}
                  className="narrow flex min-h-12 cursor-pointer items-center gap-2 rounded-lg border-2 border-rule bg-paper px-3 has-checked:border-stop has-checked:bg-stop-tint"
                >
                  <input
                    type="checkbox"
                    className="size-5 accent-stop"
                    checked={signs.includes(sign)}
                    onChange={() => setSigns(signs.includes(sign) ? signs.filter((s) => s !== sign) : [...signs, sign])}
                  />
                  {PACK_SIGN_NAMES[sign]}
                </label>
              ))}
            </div>
          </fieldset>
          <div className="mt-2 grid grid-cols-2 gap-2">
            <TextField
              label={say.lowestCellGroupV}
              value={group}
              onChange={(e) => (setFault(undefined), setGroup(e.target.value))}
              inputMode="decimal"
              placeholder={say.ifThePackShows}
              autoComplete="off"
            />
            <TextField
              label={say.warmestPlaceC}
              value={warmth}
              onChange={(e) => (setFault(undefined), setWarmth(e.target.value))}
              inputMode="decimal"
              placeholder={say.aboveIsHot(HOT_ABOVE)}
              autoComplete="off"
            />
          </div>
          {measured ? (
            // Its room is kept while its script is on the way: the button below does not move under a finger.
            <div className="mt-2 min-h-[4.75rem]">
              <InstrumentField choice={instrument} />
            </div>
          ) : null}
          {fault ? (
            <p role="alert" className="mt-1 text-[16px] font-semibold text-stop">
              ▲ {fault}
            </p>
          ) : null}
          {found.length > 0 ? <SheetCautions sheet="pack" className="mt-2 grid gap-1" /> : null}
          <Button className="mt-3" weight={found.length > 0 ? 'stop' : 'plain'} onClick={done}>
            {found.length > 0 ? say.toQuarantine(signNames(found)) : say.noneOfThemSound}
          </Button>
        </>
      ) : null}
    </Block>
  )
}

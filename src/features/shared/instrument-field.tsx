'use client'
import * as say from '../../words/en/screens/shared'
import { thoseFor } from '../../core/instruments'
import { SelectField, TextField } from '../../ui/field'
import { calibrationWords } from '../../words/en/instruments'
import { useJob } from './context'
import { type InstrumentChoice, OTHER } from './use-instrument'

/** Days before its end from which a calibration is told of at the bench. */
const SOON = 7

/** The shop's instruments for it by a tap, another by its name; says where a calibration has run out, or soon will. */
export function InstrumentField({ label = say.takenWith, choice }: { readonly label?: string; readonly choice: InstrumentChoice }) {
  const { instruments, now } = useJob()
  const list = thoseFor(instruments, choice.quantity)
  const calibration = choice.used?.id === undefined ? null : calibrationWords(choice.used.calibratedTo, now, SOON)
  const named = (
    <TextField
      label={list.length === 0 ? label : say.itsName}
      value={choice.own}
      onChange={(e) => choice.choose(OTHER, e.target.value)}
      placeholder={say.whatStandsOnIt}
      maxLength={120}
      autoComplete="off"
    />
  )
  if (list.length === 0) return named
  return (
    <div className="grid gap-2">
      <SelectField label={label} value={choice.pick} onChange={(e) => choice.choose(e.target.value, choice.own)}>
        <option value="">{say.choose}</option>
        {list.map((i) => (
          <option key={i.id} value={i.id}>
            {i.name}
          </option>
        ))}
        <option value={OTHER}>{say.another}</option>
      </SelectField>
      {choice.pick === OTHER ? named : null}
      {calibration && (calibration.state === 'ended' || calibration.state === 'soon') ? (
        <p className={`text-[15px] ${calibration.look}`}>{calibration.text}</p>
      ) : null}
    </div>
  )
}

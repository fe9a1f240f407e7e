'use client'
import { INSTRUMENT_NAMES } from '../../words/en/names'
import * as say from '../../words/en/screens/instruments'
import { useActionState, useState } from 'react'
import { INSTRUMENT_KIND_IDS, type Instrument, type InstrumentKind, kindFacts, MOST_RANGES, unitsOf } from '../../core/instruments'
import { unitLabel } from '../../core/units'
import { Button } from '../../ui/button'
import { SelectField, TextField } from '../../ui/field'
import { Told, type FormAction } from '../shared/told'

const text = (x: number | string | null | undefined): string => (x === undefined || x === null ? '' : String(x))

/** What the form starts from: what was typed last, else the instrument as it is listed. */
function firstOf(i: Instrument | undefined, typed: Readonly<Record<string, string>> | undefined): Readonly<Record<string, string>> {
  if (typed) return typed
  if (!i) return {}
  return {
    name: i.name,
    kind: i.kind,
    calibratedTo: text(i.calibratedTo),
    leads: text(i.leads),
    lampStep: text(i.lampStep),
    grip: text(i.grip),
    reach: text(i.reach),
    ...Object.fromEntries(
      i.ranges.flatMap((r, n) => [
        [`unit${n}`, r.unit],
        [`from${n}`, text(r.from)],
        [`to${n}`, text(r.to)],
        [`resolution${n}`, text(r.resolution)],
        [`percent${n}`, text(r.percent)],
        [`offset${n}`, text(r.offset)],
      ]),
    ),
  }
}

/** One instrument, keyed in or changed. */
export function InstrumentForm({ instrument, keep }: { readonly instrument?: Instrument; readonly keep: FormAction }) {
  const [state, submit, busy] = useActionState(keep, {})
  const first = firstOf(instrument, state.values)
  return (
    <form key={JSON.stringify(state.values ?? state.done ?? '')} action={submit} className="grid gap-4">
      <Told state={state} />
      {instrument ? <input type="hidden" name="id" value={instrument.id} /> : null}
      <Fields first={first} />
      <Button type="submit" weight={instrument ? 'plain' : 'primary'} disabled={busy}>
        {instrument ? say.keepThis : say.put}
      </Button>
    </form>
  )
}

function Fields({ first }: { readonly first: Readonly<Record<string, string>> }) {
  const [kind, setKind] = useState<InstrumentKind | ''>(INSTRUMENT_KIND_IDS.find((k) => k === first['kind']) ?? '')
  const had = Array.from({ length: MOST_RANGES }, (_, n) => n).filter((n) => first[`to${n}`]).length
  const [rows, setRows] = useState(Math.max(1, had))
  const facts = kind === '' ? null : kindFacts(kind)
  const units = kind === '' ? [] : unitsOf(kind)
  const field = (name: string, label: string) => (
    <TextField label={label} name={name} inputMode="decimal" autoComplete="off" defaultValue={first[name] ?? ''} maxLength={20} />
  )
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label={say.whatStandsOnIt}
          name="name"
          autoComplete="off"
          maxLength={80}
          defaultValue={first['name'] ?? ''}
          placeholder={say.meter4}
        />
        <SelectField label={say.kind} name="kind" value={kind} onChange={(e) => setKind(e.target.value as InstrumentKind | '')}>
          <option value="">{say.choose}</option>
          {INSTRUMENT_KIND_IDS.map((k) => (
            <option key={k} value={k}>
              {INSTRUMENT_NAMES[k]}
            </option>
          ))}
        </SelectField>
      </div>
      {Array.from({ length: facts ? rows : 0 }, (_, n) => (
        <fieldset key={`${kind}${n}`} className="grid grid-cols-3 gap-2 border-t border-rule pt-2">
          <legend className="narrow text-[15px] text-steel">{say.range(n + 1)}</legend>
          <SelectField label={say.unit} name={`unit${n}`} defaultValue={first[`unit${n}`] || units[0] || ''}>
            {units.map((u) => (
              <option key={u} value={u}>
                {unitLabel(u)}
              </option>
            ))}
          </SelectField>
          {field(`from${n}`, say.from)}
          {field(`to${n}`, say.to)}
          {field(`resolution${n}`, say.smallestStep)}
          {field(`percent${n}`, say.error)}
          {field(`offset${n}`, say.andError)}
        </fieldset>
      ))}
      {facts && rows < MOST_RANGES ? (
        <Button weight="quiet" className="justify-self-start" onClick={() => setRows(rows + 1)}>
          {say.oneMoreRange}
        </Button>
      ) : null}
      {facts ? (
        <div className="grid grid-cols-2 gap-3">
          {facts.leads ? field('leads', say.itsLeads) : null}
          {facts.steps ? field('lampStep', say.lowestLampV) : null}
          {facts.adapter ? field('grip', say.driveToGripMm) : null}
          {facts.adapter ? field('reach', say.adaptersReachMm) : null}
          <TextField
            label={say.calibratedTo}
            name="calibratedTo"
            type="date"
            defaultValue={first['calibratedTo'] ?? ''}
            hint={say.theLastDayEmpty}
          />
        </div>
      ) : null}
    </>
  )
}

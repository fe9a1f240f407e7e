'use client'
import { useActionState, useState } from 'react'
import { isNamed, toggleNamed } from '../../core/machine'
import { Button, Chip } from '../../ui/button'
import { TextArea, TextField, Tiles } from '../../ui/field'
import type { FormAction } from '../people/sign-in'

export interface TakeInProps {
  readonly action: FormAction
  readonly machines: readonly { readonly id: string; readonly name: string; readonly class: string }[]
  /** What each machine's file knows to do, by the machine's id. */
  readonly jobs: Readonly<Record<string, readonly string[]>>
}

/** What is known at the door: machine, owner, what it does, the job to do. */
export function TakeIn({ action, machines, jobs }: TakeInProps) {
  const [state, submit, busy] = useActionState(action, {})
  const [machine, setMachine] = useState(state.values?.['machine'] || (machines.length === 0 ? 'none' : ''))
  const [job, setJob] = useState(state.values?.['job'] ?? '')
  // What was tapped for another machine is not asked of this one.
  const choose = (id: string): void => {
    setMachine(id)
    setJob((jobs[machine] ?? []).filter((name) => isNamed(job, name)).reduce(toggleNamed, job))
  }
  const was = (name: string): string => state.values?.[name] ?? ''
  return (
    <main id="main" className="mx-auto max-w-[980px] px-5 pb-12">
      <h1 className="title py-4 text-[28px]">Take a machine in</h1>
      <form key={JSON.stringify(state.values ?? {})} action={submit} className="grid gap-x-5 gap-y-4 rounded-lg border border-rule bg-paper p-5 md:grid-cols-3">
        <p role="alert" className={state.message ? 'rounded-md bg-stop-tint px-3 py-2 text-[17px] md:col-span-3' : 'sr-only'}>
          {state.message ? <><span className="font-bold text-stop">▲ </span>{state.message}</> : null}
        </p>
        <div className="md:col-span-3">
          <Tiles
            legend="Machine" name="machine" value={machine} onChange={choose}
            options={[...machines.map((m) => ({ value: m.id, label: m.name, hint: m.class })), { value: 'none', label: 'Another', hint: 'no file: logged as it comes off' }]}
          />
        </div>
        {machine === 'none' ? (
          <>
            <TextField className="md:col-span-2" label="What is it?" name="name" defaultValue={was('name')} placeholder="delivery trike" maxLength={120} />
            <TextField label="Pack at full charge, V" name="volts" defaultValue={was('volts')} placeholder="42" inputMode="decimal" autoComplete="off" maxLength={12} hint="Not the round number: 16 Li-ion cells sold as 60 V are 67.2. Empty counts as above 60 V." />
          </>
        ) : null}
        <TextField label="Which one" name="unit" defaultValue={was('unit')} placeholder="no. 7" maxLength={120} />
        <TextField label="Owner" name="owner" defaultValue={was('owner')} placeholder="quay porters’ pool" maxLength={200} />
        <TextField label="Stand" name="stand" defaultValue={was('stand')} placeholder="empty: at the door" maxLength={40} />
        <TextArea className="md:col-span-3" label="What does it do?" name="complaint" rows={2} defaultValue={was('complaint')} placeholder="jerks and won’t start off" maxLength={2000} hint="In the owner’s own words." />
        {jobs[machine] ? (
          <div role="group" aria-label="Jobs that its file knows" className="flex flex-wrap gap-1.5 md:col-span-3">
            {jobs[machine].map((name) => <Chip key={name} on={isNamed(job, name)} onClick={() => setJob(toggleNamed(job, name))}>{name}</Chip>)}
          </div>
        ) : null}
        <TextField label="Job to do, if it is known" name="job" value={job} onChange={(e) => setJob(e.target.value)} placeholder="front motor" maxLength={200} autoComplete="off" />
        <TextField className="md:col-span-2" label="Damage seen before it was touched" name="damage" defaultValue={was('damage')} placeholder="left bar end scraped" maxLength={2000} />
        <p className="text-[15px] text-steel md:col-span-3">
          A pack that is swollen, wet, hit, hot or smelling is not charged and does not come to the bench: put it outdoors, away from anything that burns, and ask a lead.
        </p>
        <Button type="submit" weight="primary" className="md:col-span-3" disabled={busy}>{busy ? 'Writing it down…' : 'Take it in'}</Button>
      </form>
    </main>
  )
}

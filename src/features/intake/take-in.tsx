'use client'
import { type FormEvent, useEffect, useState } from 'react'
import { hear } from '../../client/channel'
import { follow } from '../../client/follow'
import { keptTakeIns, takeIn } from '../../client/new-job'
import { stayOffline } from '../../client/offline'
import { sendAs } from '../../client/send'
import { isNamed, toggleNamed } from '../../core/machine'
import { CHARGER_LABELS } from '../../core/safety'
import { Button, Chip } from '../../ui/button'
import { TextArea, TextField, Tiles } from '../../ui/field'
import { type KnownMachine, readTakeIn, TAKE_IN_FIELDS, type TakeInValues } from './read-take-in'

export interface TakeInProps {
  readonly machines: readonly KnownMachine[]
  /** What each machine's file knows to do, by the machine's id. */
  readonly jobs: Readonly<Record<string, readonly string[]>>
  /** Who takes it in, and on which device. */
  readonly person: string
  readonly device: string
}

const EMPTY: TakeInValues = { machine: '', name: '', unit: '', owner: '', stand: '', complaint: '', job: '', damage: '', volts: '' }
type Kept = Awaited<ReturnType<typeof keptTakeIns>>[number]

/** What is known at the door: machine, owner, what it does, the job to do. Works without a network as the rest does. */
export function TakeIn({ machines, jobs, person, device }: TakeInProps) {
  const [machine, setMachine] = useState(machines.length === 0 ? 'none' : '')
  const [job, setJob] = useState('')
  const [volts, setVolts] = useState('')
  const [message, setMessage] = useState<string>()
  const [busy, setBusy] = useState(false)
  const [kept, setKept] = useState<readonly Kept[]>([])
  const [there, setThere] = useState<readonly Kept[]>([])
  const [form, setForm] = useState(0)
  useEffect(() => {
    sendAs(person)
    const lookAway = follow('board')
    stayOffline('/take-in')
    const look = (): void => void keptTakeIns().then(setKept)
    look()
    const stop = hear((word) => {
      if (word.type === 'confirmed' || word.type === 'shelved')
        void keptTakeIns().then((now) => {
          setKept((before) => {
            const gone = before.filter((k) => !now.some((n) => n.jobId === k.jobId) && word.jobId === k.jobId)
            if (word.type === 'confirmed' && gone.length > 0)
              setThere((t) => [...t.filter((x) => !gone.some((g) => g.jobId === x.jobId)), ...gone])
            return now
          })
        })
    })
    return () => {
      lookAway()
      stop()
    }
  }, [person])
  // What was tapped for another machine is not asked of this one.
  const choose = (id: string): void => {
    setMachine(id)
    setJob((jobs[machine] ?? []).filter((name) => isNamed(job, name)).reduce(toggleNamed, job))
  }
  const submit = async (event: FormEvent<HTMLFormElement>): Promise<void> => {
    event.preventDefault()
    const data = new FormData(event.currentTarget)
    const values = Object.fromEntries(TAKE_IN_FIELDS.map((f) => [f, String(data.get(f) ?? EMPTY[f])])) as TakeInValues
    const read = readTakeIn(values, machines)
    if ('message' in read) return setMessage(read.message)
    setBusy(true)
    setMessage(undefined)
    const taken = await takeIn(read.entries, { person, device })
    if (taken.is === 'there') return window.location.assign(`/jobs/${taken.jobId}`)
    setBusy(false)
    if (taken.is === 'unkept')
      return setMessage(
        'This device’s storage is full or fails, and there is no connection: it is kept nowhere. Leave this page open until it is sent.',
      )
    if (taken.why !== undefined) setMessage(taken.why)
    setKept(await keptTakeIns())
    setMachine(machines.length === 0 ? 'none' : '')
    setJob('')
    setVolts('')
    setForm((n) => n + 1)
  }
  return (
    <main id="main" className="mx-auto max-w-[980px] px-5 pb-12">
      <h1 className="title py-4 text-[28px]">Take a machine in</h1>
      <div
        role="status"
        className={kept.length + there.length > 0 ? 'mb-4 grid gap-1 rounded-md bg-look-tint px-4 py-2.5 text-[16px]' : 'sr-only'}
      >
        {kept.map((k) => (
          <p key={k.jobId}>
            <span className="font-bold text-look">◆ </span>Kept on this device: {k.machine}, “{k.complaint}”. It goes up by itself when
            there is a connection, and gets its number then.
          </p>
        ))}
        {there.map((k) => (
          <p key={k.jobId}>
            <span className="font-bold text-ok">● </span>Taken in: {k.machine}.{' '}
            <a className="font-semibold underline" href={`/jobs/${k.jobId}`}>
              Open its job
            </a>
          </p>
        ))}
      </div>
      <form
        key={form}
        onSubmit={(e) => void submit(e)}
        noValidate
        className="grid gap-x-5 gap-y-4 rounded-lg border border-rule bg-paper p-5 md:grid-cols-3"
      >
        <p role="alert" className={message ? 'rounded-md bg-stop-tint px-3 py-2 text-[17px] md:col-span-3' : 'sr-only'}>
          {message ? (
            <>
              <span className="font-bold text-stop">▲ </span>
              {message}
            </>
          ) : null}
        </p>
        <div className="md:col-span-3">
          <Tiles
            legend="Machine"
            name="machine"
            value={machine}
            onChange={choose}
            options={[
              ...machines.map((m) => ({ value: m.id, label: m.name, hint: m.class })),
              { value: 'none', label: 'Another', hint: 'no file: logged as it comes off' },
            ]}
          />
        </div>
        {machine === 'none' ? (
          <>
            <TextField className="md:col-span-2" label="What is it?" name="name" placeholder="delivery trike" maxLength={120} />
            <div className="grid content-start gap-1.5">
              <TextField
                label="Pack at full charge, V"
                name="volts"
                value={volts}
                onChange={(e) => setVolts(e.target.value)}
                placeholder="42"
                inputMode="decimal"
                autoComplete="off"
                maxLength={12}
                hint="From the charger’s label, not the round number: 16 Li-ion cells sold as 60 V are 67.2. Empty counts as above 60 V."
              />
              <div role="group" aria-label="Usual labels" className="flex flex-wrap gap-1.5">
                {CHARGER_LABELS.map((v) => (
                  <Chip key={v} on={volts === v.toFixed(1)} onClick={() => setVolts(v.toFixed(1))}>
                    {v.toFixed(1)}
                  </Chip>
                ))}
              </div>
            </div>
          </>
        ) : null}
        <TextField label="Which one" name="unit" placeholder="no. 7" maxLength={120} />
        <TextField label="Owner" name="owner" placeholder="quay porters’ pool" maxLength={200} />
        <TextField label="Stand" name="stand" placeholder="empty: at the door" maxLength={40} />
        <TextArea
          className="md:col-span-3"
          label="What does it do?"
          name="complaint"
          rows={2}
          placeholder="jerks and won’t start off"
          maxLength={2000}
          hint="In the owner’s own words."
        />
        {jobs[machine] ? (
          <div role="group" aria-label="Jobs that its file knows" className="flex flex-wrap gap-1.5 md:col-span-3">
            {jobs[machine].map((name) => (
              <Chip key={name} on={isNamed(job, name)} onClick={() => setJob(toggleNamed(job, name))}>
                {name}
              </Chip>
            ))}
          </div>
        ) : null}
        <TextField
          label="Job to do, if it is known"
          name="job"
          value={job}
          onChange={(e) => setJob(e.target.value)}
          placeholder="front motor"
          maxLength={200}
          autoComplete="off"
        />
        <TextField
          className="md:col-span-2"
          label="Damage seen before it was touched"
          name="damage"
          placeholder="left bar end scraped"
          maxLength={2000}
        />
        <p className="text-[15px] text-steel md:col-span-3">
          A pack that is swollen, wet, hit, hot or smelling is not charged and does not come to the bench: put it outdoors, away from
          anything that burns, and ask a lead.
        </p>
        <Button type="submit" weight="primary" className="md:col-span-3" disabled={busy}>
          {busy ? 'Writing it down…' : 'Take it in'}
        </Button>
      </form>
    </main>
  )
}

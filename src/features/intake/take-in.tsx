'use client'
import * as say from '../../words/en/screens/take-in'
import { type FormEvent, useEffect, useState } from 'react'
import { hear } from '../../client/channel'
import { follow } from '../../client/follow'
import { keptTakeIns, takeIn } from '../../client/new-job'
import { stayOffline } from '../../client/offline'
import { sendAs } from '../../client/send'
import { isNamed, MACHINE_CLASSES, toggleNamed } from '../../core/machine'
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
  /** The build up to whose forms entries were written when the page was opened. */
  readonly form: number
}

const EMPTY: TakeInValues = {
  machine: '',
  name: '',
  unit: '',
  owner: '',
  stand: '',
  complaint: '',
  job: '',
  damage: '',
  volts: '',
  class: '',
  reach: '',
  used: '',
  usedUnit: 'km',
  ceiling: '',
}
type Kept = Awaited<ReturnType<typeof keptTakeIns>>[number]

/** What is known at the door: machine, owner, what it does, the job to do. Works without a network as the rest does. */
export function TakeIn({ machines, jobs, person, device, form: written }: TakeInProps) {
  const [machine, setMachine] = useState(machines.length === 0 ? 'none' : '')
  const [job, setJob] = useState('')
  const [volts, setVolts] = useState('')
  const [kind, setKind] = useState('')
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
    const taken = await takeIn(read.entries, { person, device, form: written })
    if (taken.is === 'there') return window.location.assign(`/jobs/${taken.jobId}`)
    setBusy(false)
    if (taken.is === 'unkept') return setMessage(say.thisDevicesStorage)
    if (taken.why !== undefined) setMessage(taken.why)
    setKept(await keptTakeIns())
    setMachine(machines.length === 0 ? 'none' : '')
    setJob('')
    setVolts('')
    setKind('')
    setForm((n) => n + 1)
  }
  return (
    <main id="main" className="mx-auto max-w-[980px] px-5 pb-12">
      <h1 className="title py-4 text-[28px]">{say.takeAMachineIn}</h1>
      <div
        role="status"
        className={kept.length + there.length > 0 ? 'mb-4 grid gap-1 rounded-md bg-look-tint px-4 py-2.5 text-[16px]' : 'sr-only'}
      >
        {kept.map((k) => (
          <p key={k.jobId}>
            <span className="font-bold text-look">◆ </span>
            {say.keptOnThisDevice(k.machine, k.complaint)}
          </p>
        ))}
        {there.map((k) => (
          <p key={k.jobId}>
            <span className="font-bold text-ok">● </span>
            {say.takenIn(k.machine)}{' '}
            <a className="font-semibold underline" href={`/jobs/${k.jobId}`}>
              {say.openItsJob}
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
            legend={say.machine}
            name="machine"
            value={machine}
            onChange={choose}
            options={[
              ...machines.map((m) => ({ value: m.id, label: m.name, hint: m.class })),
              { value: 'none', label: say.another, hint: say.noFileLoggedAs },
            ]}
          />
        </div>
        {machine === 'none' ? (
          <>
            <div className="grid content-start gap-4 md:col-span-2">
              <TextField label={say.whatIsIt} name="name" placeholder={say.deliveryTrike} maxLength={120} />
              <Tiles
                legend={say.whatKind}
                name="class"
                value={kind}
                onChange={setKind}
                options={MACHINE_CLASSES.map((c) => ({ value: c as string, label: c, hint: say.KINDS[c] }))}
              />
            </div>
            <div className="grid content-start gap-1.5">
              <TextField
                label={say.packAtFullCharge}
                name="volts"
                value={volts}
                onChange={(e) => setVolts(e.target.value)}
                placeholder="42"
                inputMode="decimal"
                autoComplete="off"
                maxLength={12}
                hint={say.fromTheChargersLabel}
              />
              <div role="group" aria-label={say.usualLabels} className="flex flex-wrap gap-1.5">
                {CHARGER_LABELS.map((v) => (
                  <Chip key={v} on={volts === v.toFixed(1)} onClick={() => setVolts(v.toFixed(1))}>
                    {v.toFixed(1)}
                  </Chip>
                ))}
              </div>
            </div>
          </>
        ) : null}
        <TextField label={say.whichOne} name="unit" placeholder={say.no7} maxLength={120} />
        <TextField label={say.owner} name="owner" placeholder={say.quayPortersPool} maxLength={200} />
        <TextField label={say.howReached} name="reach" placeholder={say.aNumberOrADesk} maxLength={200} />
        <TextField label={say.stand} name="stand" placeholder={say.emptyAtTheDoor} maxLength={40} />
        <TextArea
          className="md:col-span-3"
          label={say.whatDoesItDo}
          name="complaint"
          rows={2}
          placeholder={say.jerksAndWontStart}
          maxLength={2000}
          hint={say.inTheOwnersOwn}
        />
        {jobs[machine] ? (
          <div role="group" aria-label={say.jobsThatItsFile} className="flex flex-wrap gap-1.5 md:col-span-3">
            {jobs[machine].map((name) => (
              <Chip key={name} on={isNamed(job, name)} onClick={() => setJob(toggleNamed(job, name))}>
                {name}
              </Chip>
            ))}
          </div>
        ) : null}
        <TextField
          label={say.jobToDoIf}
          name="job"
          value={job}
          onChange={(e) => setJob(e.target.value)}
          placeholder={say.frontMotor}
          maxLength={200}
          autoComplete="off"
        />
        <TextField
          className="md:col-span-2"
          label={say.damageSeenBefore}
          name="damage"
          placeholder={say.leftBarEndScraped}
          maxLength={2000}
        />
        <div className="flex items-end gap-2">
          <TextField className="flex-1" label={say.counter} name="used" inputMode="decimal" autoComplete="off" maxLength={12} />
          <Tiles
            legend={say.counts}
            name="usedUnit"
            defaultValue="km"
            options={[
              { value: 'km', label: 'km' },
              { value: 'h', label: 'h' },
            ]}
          />
        </div>
        <TextField label={say.mayCost} name="ceiling" inputMode="decimal" autoComplete="off" maxLength={12} hint={say.askedAbove} />
        <p className="text-[15px] text-steel md:col-span-3">{say.aPack}</p>
        <Button type="submit" weight="primary" className="md:col-span-3" disabled={busy}>
          {busy ? say.writingItDown : say.takeItIn}
        </Button>
      </form>
    </main>
  )
}

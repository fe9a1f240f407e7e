'use client'
import { useActionState, useState } from 'react'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { count } from '../../words/en/count'
import type { FormAction } from './sign-in'
import { Deed, Told } from './told'

interface Person {
  readonly id: string
  readonly name: string
  readonly role: string
  readonly qualified: boolean
  readonly struck: boolean
}

interface OpenSession {
  readonly id: string
  readonly personId: string
  readonly deviceId: string
  readonly agent: string
  readonly since: Date
  readonly seenAt: Date
  readonly keyed: boolean
}

export interface PeopleProps {
  readonly add: FormAction
  readonly change: FormAction
  readonly end: FormAction
  readonly newest: FormAction
  /** Devices on which an older build was seen in the last week; null where the newest form is written already. */
  readonly older: number | null
  readonly people: readonly Person[]
  readonly sessions: readonly OpenSession[]
  /** Who looks, and on which device. */
  readonly me: string
  readonly device: string
}

const ROLES = [
  { value: 'mechanic', label: 'mechanic', hint: 'jobs and their entries' },
  { value: 'front desk', label: 'front desk', hint: 'takes in, reads jobs' },
  { value: 'viewer', label: 'viewer', hint: 'reads' },
  { value: 'lead', label: 'lead', hint: 'all, people too' },
] as const

/** Who works here and what they may do, who is signed in where, and the way in for somebody new. For leads. */
export function People({ add, change, end, newest, older, people, sessions, me, device }: PeopleProps) {
  const [chosen, setChosen] = useState<string | null>(null)
  const here = people.filter((p) => !p.struck)
  const gone = people.filter((p) => p.struck)
  return (
    <main id="main" className="mx-auto grid max-w-[1080px] gap-x-8 px-5 pb-12 md:grid-cols-[1.15fr_1fr]">
      <div>
        <section aria-labelledby="who">
          <h1 id="who" className="title py-4 text-[28px]">
            Who works here
          </h1>
          <ul>
            {here.map((p) => (
              <li key={p.id} className="border-t border-rule">
                <button
                  type="button"
                  aria-expanded={chosen === p.id}
                  onClick={() => setChosen(chosen === p.id ? null : p.id)}
                  className="flex min-h-12 w-full items-center justify-between gap-3 text-left text-[17px]"
                >
                  <span className="font-semibold">
                    {p.name}
                    {p.id === me ? ', you' : ''}
                  </span>
                  <span className="text-steel">
                    {p.role}
                    {p.qualified ? ', high-voltage qualified' : ''} <span aria-hidden>{chosen === p.id ? '▴' : '▾'}</span>
                  </span>
                </button>
                {chosen === p.id ? <OnePerson person={p} me={me} change={change} /> : null}
              </li>
            ))}
          </ul>
        </section>
        {gone.length > 0 ? (
          <section aria-labelledby="gone">
            <h2 id="gone" className="title pb-1 pt-6 text-[20px]">
              Struck off
            </h2>
            <p className="text-[15px] text-steel">They sign in no more. What they wrote stays under their names.</p>
            <ul>
              {gone.map((p) => (
                <li key={p.id} className="flex min-h-12 items-center justify-between gap-3 border-t border-rule text-[17px]">
                  <span className="text-steel line-through">{p.name}</span>
                  <Deed action={change} fields={{ id: p.id, deed: 'take back' }} label={`Take ${p.name} back`} />
                </li>
              ))}
            </ul>
          </section>
        ) : null}
        <Sessions people={people} sessions={sessions} device={device} end={end} />
        {older === null ? null : <OlderTablets older={older} newest={newest} />}
      </div>
      <Somebody add={add} />
    </main>
  )
}

function OnePerson({ person, me, change }: { readonly person: Person; readonly me: string; readonly change: FormAction }) {
  const [role, setRole, changing] = useActionState(change, {})
  const [secret, setSecret, giving] = useActionState(change, {})
  const [sure, setSure] = useState(false)
  return (
    <div className="mb-4 grid gap-4 rounded-lg border border-rule bg-paper p-4">
      <form action={setRole} className="grid gap-3">
        <input type="hidden" name="id" value={person.id} />
        <input type="hidden" name="deed" value="role" />
        <Tiles
          legend="What they do"
          name="role"
          options={ROLES}
          defaultValue={ROLES.find((r) => r.value === person.role)?.value ?? 'viewer'}
        />
        <label className="flex min-h-12 cursor-pointer items-center gap-3 text-[16px]">
          <input type="checkbox" name="qualified" defaultChecked={person.qualified} className="size-5 accent-copper" />
          Qualified for work above 60 V DC, by the shop’s own rules
        </label>
        <Told state={role} />
        <Button type="submit" disabled={changing}>
          Change this
        </Button>
      </form>
      <form key={secret.done ?? ''} action={setSecret} className="grid gap-3 border-t border-rule pt-3">
        <input type="hidden" name="id" value={person.id} />
        <input type="hidden" name="deed" value="passphrase" />
        <TextField
          label="New passphrase"
          name="passphrase"
          type="password"
          autoComplete="new-password"
          hint="At least ten characters. They are signed out everywhere, and sign in with it."
          required
        />
        <Told state={secret} />
        <Button type="submit" disabled={giving}>
          Give this passphrase
        </Button>
      </form>
      {person.id === me ? null : (
        <div className="grid gap-2 border-t border-rule pt-3">
          {sure ? (
            <p className="text-[16px]">
              <span className="font-bold text-look">◆ </span>
              {person.name} is signed out everywhere at once and signs in no more. What tablets have not sent of theirs is still taken.
            </p>
          ) : null}
          {sure ? (
            <Deed action={change} fields={{ id: person.id, deed: 'strike off' }} label={`Strike ${person.name} off`} stop />
          ) : (
            <Button weight="quiet" onClick={() => setSure(true)}>
              Strike off…
            </Button>
          )}
        </div>
      )}
    </div>
  )
}

const when = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/** A browser in a word or two, from what it says of itself. */
function browserOf(agent: string): string {
  const system = /Android|iPad|iPhone|Windows|Mac OS|Linux/.exec(agent)?.[0] ?? 'a browser'
  return system === 'Mac OS' ? 'Mac' : system
}

function Sessions({ people, sessions, device, end }: Pick<PeopleProps, 'people' | 'sessions' | 'device' | 'end'>) {
  const devices = [...new Set(sessions.map((s) => s.deviceId))]
  return (
    <section aria-labelledby="where">
      <h2 id="where" className="title pb-1 pt-6 text-[20px]">
        Signed in now
      </h2>
      <p className="text-[15px] text-steel">
        {count(sessions.length, 'session')} on {count(devices.length, 'device')}. A device that is shut sends nothing until somebody signs
        in on it anew; what it kept stays on it.
      </p>
      <ul>
        {devices.map((id) => {
          const on = sessions.filter((s) => s.deviceId === id)
          return (
            <li key={id} className="border-t border-rule py-2">
              <div className="flex flex-wrap items-center justify-between gap-2">
                <p className="text-[16px]">
                  <span className="font-semibold">
                    {browserOf(on[0]!.agent)} {id.slice(-4)}
                  </span>
                  {id === device ? ', this one' : ''}
                  {on[0]!.keyed ? '' : <span className="text-look"> ◆ no key yet: sign in on it once more</span>}
                </p>
                {id === device ? null : <Deed action={end} fields={{ device: id }} label="Shut this device" stop />}
              </div>
              <ul className="pl-4">
                {on.map((s) => (
                  <li key={s.id} className="flex flex-wrap items-center justify-between gap-2 text-[15.5px]">
                    <span>
                      {people.find((p) => p.id === s.personId)?.name ?? 'somebody'}{' '}
                      <span className="text-steel">
                        since {when.format(s.since)}, last seen {when.format(s.seenAt)}
                      </span>
                    </span>
                    <Deed action={end} fields={{ session: s.id }} label="End it" />
                  </li>
                ))}
              </ul>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

/** As long as an older build may be about, plans are written so that it can read them. */
function OlderTablets({ older, newest }: { readonly older: number; readonly newest: FormAction }) {
  return (
    <section aria-labelledby="older">
      <h2 id="older" className="title pb-1 pt-6 text-[20px]">
        Older tablets
      </h2>
      <p className="text-[15px] text-steel">
        {older === 0
          ? 'No device of an older Nailsmith was seen in the last seven days.'
          : `${count(older, 'device')} still ran an older Nailsmith in the last seven days.`}{' '}
        Lines are still written so that an older one can read them, until a week has passed without one. The new way says more (a reading
        over its range, which instrument it was) and takes less room; an older tablet shows such a line as something from a newer Nailsmith
        until it is loaded anew.
      </p>
      <Deed action={newest} fields={{}} label="Write the new way from now on" />
    </section>
  )
}

function Somebody({ add }: { readonly add: FormAction }) {
  const [state, submit, busy] = useActionState(add, {})
  return (
    <section>
      <h2 className="title py-4 text-[22px]">Somebody new</h2>
      <form
        key={JSON.stringify(state.values ?? state.done ?? '')}
        action={submit}
        className="grid gap-4 rounded-lg border border-rule bg-paper p-5"
      >
        <Told state={state} />
        <TextField label="Name" name="name" autoComplete="off" defaultValue={state.values?.['name'] ?? ''} maxLength={60} required />
        <Tiles
          legend="What they do"
          name="role"
          options={ROLES}
          defaultValue={ROLES.find((r) => r.value === state.values?.['role'])?.value ?? 'mechanic'}
        />
        <TextField
          label="Passphrase"
          name="passphrase"
          type="password"
          autoComplete="new-password"
          hint="At least ten characters; a few words do. Let them type it themselves."
          required
        />
        <label className="flex min-h-12 cursor-pointer items-center gap-3 text-[16px]">
          <input type="checkbox" name="qualified" className="size-5 accent-copper" />
          Qualified for work above 60 V DC, by the shop’s own rules
        </label>
        <Button type="submit" weight="primary" disabled={busy}>
          Add them
        </Button>
      </form>
    </section>
  )
}

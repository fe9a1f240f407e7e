'use client'
import { roleName } from '../../words/en/names'
import * as say from '../../words/en/screens/people'
import { useActionState, useState } from 'react'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { Deed, Told, type FormAction } from '../shared/told'

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
  { value: 'mechanic', label: roleName('mechanic'), hint: say.jobsAndTheirEntries },
  { value: 'front desk', label: roleName('front desk'), hint: say.takesInReadsJobs },
  { value: 'viewer', label: roleName('viewer'), hint: say.reads },
  { value: 'lead', label: roleName('lead'), hint: say.allPeopleToo },
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
            {say.whoWorksHere}
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
                  <span className="font-semibold">{say.nameAndYou(p.name, p.id === me)}</span>
                  <span className="text-steel">
                    {say.roleAndQualified(roleName(p.role), p.qualified)} <span aria-hidden>{chosen === p.id ? '▴' : '▾'}</span>
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
              {say.struckOff}
            </h2>
            <p className="text-[15px] text-steel">{say.theySignInNo}</p>
            <ul>
              {gone.map((p) => (
                <li key={p.id} className="flex min-h-12 items-center justify-between gap-3 border-t border-rule text-[17px]">
                  <span className="text-steel line-through">{p.name}</span>
                  <Deed action={change} fields={{ id: p.id, deed: 'take back' }} label={say.takeBack(p.name)} />
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
          legend={say.whatTheyDo}
          name="role"
          options={ROLES}
          defaultValue={ROLES.find((r) => r.value === person.role)?.value ?? 'viewer'}
        />
        <label className="flex min-h-12 cursor-pointer items-center gap-3 text-[16px]">
          <input type="checkbox" name="qualified" defaultChecked={person.qualified} className="size-5 accent-copper" />
          {say.qualifiedForWorkAbove}
        </label>
        <Told state={role} />
        <Button type="submit" disabled={changing}>
          {say.changeThis}
        </Button>
      </form>
      <form key={secret.done ?? ''} action={setSecret} className="grid gap-3 border-t border-rule pt-3">
        <input type="hidden" name="id" value={person.id} />
        <input type="hidden" name="deed" value="passphrase" />
        <TextField
          label={say.newPassphrase}
          name="passphrase"
          type="password"
          autoComplete="new-password"
          hint={say.newPassphraseHint}
          required
        />
        <Told state={secret} />
        <Button type="submit" disabled={giving}>
          {say.giveThisPassphrase}
        </Button>
      </form>
      {person.id === me ? null : (
        <div className="grid gap-2 border-t border-rule pt-3">
          {sure ? (
            <p className="text-[16px]">
              <span className="font-bold text-look">◆ </span>
              {say.strikingOffDoes(person.name)}
            </p>
          ) : null}
          {sure ? (
            <Deed action={change} fields={{ id: person.id, deed: 'strike off' }} label={say.strikeOff(person.name)} stop />
          ) : (
            <Button weight="quiet" onClick={() => setSure(true)}>
              {say.strikeOffAsk}
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
  const system = /Android|iPad|iPhone|Windows|Mac OS|Linux/.exec(agent)?.[0] ?? say.aBrowser
  return system === 'Mac OS' ? 'Mac' : system
}

function Sessions({ people, sessions, device, end }: Pick<PeopleProps, 'people' | 'sessions' | 'device' | 'end'>) {
  const devices = [...new Set(sessions.map((s) => s.deviceId))]
  return (
    <section aria-labelledby="where">
      <h2 id="where" className="title pb-1 pt-6 text-[20px]">
        {say.signedInNow}
      </h2>
      <p className="text-[15px] text-steel">{say.sessionsOnDevices(sessions.length, devices.length)}</p>
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
                  {id === device ? say.thisOne : ''}
                  {on[0]!.keyed ? '' : <span className="text-look"> {say.noKeyYetSign}</span>}
                </p>
                {id === device ? null : <Deed action={end} fields={{ device: id }} label={say.shutThisDevice} stop />}
              </div>
              <ul className="pl-4">
                {on.map((s) => (
                  <li key={s.id} className="flex flex-wrap items-center justify-between gap-2 text-[15.5px]">
                    <span>
                      {say.somebody(people.find((p) => p.id === s.personId)?.name)}{' '}
                      <span className="text-steel">{say.sinceLastSeen(when.format(s.since), when.format(s.seenAt))}</span>
                    </span>
                    <Deed action={end} fields={{ session: s.id }} label={say.endIt} />
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
        {say.olderTablets}
      </h2>
      <p className="text-[15px] text-steel">{say.olderTabletsAre(older)}</p>
      <Deed action={newest} fields={{}} label={say.writeTheNewWay} />
    </section>
  )
}

function Somebody({ add }: { readonly add: FormAction }) {
  const [state, submit, busy] = useActionState(add, {})
  return (
    <section>
      <h2 className="title py-4 text-[22px]">{say.somebodyNew}</h2>
      <form
        key={JSON.stringify(state.values ?? state.done ?? '')}
        action={submit}
        className="grid gap-4 rounded-lg border border-rule bg-paper p-5"
      >
        <Told state={state} />
        <TextField label={say.name} name="name" autoComplete="off" defaultValue={state.values?.['name'] ?? ''} maxLength={60} required />
        <Tiles
          legend={say.whatTheyDo}
          name="role"
          options={ROLES}
          defaultValue={ROLES.find((r) => r.value === state.values?.['role'])?.value ?? 'mechanic'}
        />
        <TextField
          label={say.passphrase}
          name="passphrase"
          type="password"
          autoComplete="new-password"
          hint={say.passphraseHint}
          required
        />
        <label className="flex min-h-12 cursor-pointer items-center gap-3 text-[16px]">
          <input type="checkbox" name="qualified" className="size-5 accent-copper" />
          {say.qualifiedForWorkAbove}
        </label>
        <Button type="submit" weight="primary" disabled={busy}>
          {say.addThem}
        </Button>
      </form>
    </section>
  )
}

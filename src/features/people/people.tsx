'use client'
import { useActionState } from 'react'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import type { FormAction } from './sign-in'

export interface PeopleProps {
  readonly action: FormAction
  readonly people: readonly { readonly id: string; readonly name: string; readonly role: string; readonly qualified: boolean }[]
}

const ROLES = [
  { value: 'mechanic', label: 'mechanic', hint: 'jobs and their entries' },
  { value: 'front desk', label: 'front desk', hint: 'takes in, reads jobs' },
  { value: 'viewer', label: 'viewer', hint: 'reads' },
  { value: 'lead', label: 'lead', hint: 'all, people too' },
] as const

/** Who works here, and the way in for somebody new. For leads. */
export function People({ action, people }: PeopleProps) {
  const [state, submit, busy] = useActionState(action, {})
  return (
    <main id="main" className="mx-auto grid max-w-[980px] gap-x-8 px-5 pb-12 md:grid-cols-[1fr_1.4fr]">
      <section>
        <h1 className="title py-4 text-[28px]">Who works here</h1>
        <ul>
          {people.map((p) => (
            <li key={p.id} className="flex min-h-12 items-center justify-between gap-3 border-t border-rule text-[17px]">
              <span className="font-semibold">{p.name}</span>
              <span className="text-steel">{p.role}{p.qualified ? ', high-voltage qualified' : ''}</span>
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h2 className="title py-4 text-[22px]">Somebody new</h2>
        <form key={JSON.stringify(state.values ?? state.done ?? '')} action={submit} className="grid gap-4 rounded-lg border border-rule bg-paper p-5">
          <p role="status" className={state.message ? 'rounded-md bg-stop-tint px-3 py-2 text-[17px]' : state.done ? 'rounded-md bg-ok-tint px-3 py-2 text-[17px]' : 'sr-only'}>
            {state.message ? <><span className="font-bold text-stop">▲ </span>{state.message}</> : state.done ? <><span className="font-bold text-ok">● </span>{state.done}</> : null}
          </p>
          <TextField label="Name" name="name" autoComplete="off" defaultValue={state.values?.['name'] ?? ''} maxLength={60} required />
          <Tiles legend="What they do" name="role" options={ROLES} defaultValue={ROLES.find((r) => r.value === state.values?.['role'])?.value ?? 'mechanic'} />
          <TextField label="Passphrase" name="passphrase" type="password" autoComplete="new-password" hint="At least ten characters; a few words do. Let them type it themselves." required />
          <label className="flex min-h-12 cursor-pointer items-center gap-3 text-[16px]">
            <input type="checkbox" name="qualified" className="size-5 accent-copper" />
            Qualified for work above 60 V DC, by the shop’s own rules
          </label>
          <Button type="submit" weight="primary" disabled={busy}>Add them</Button>
        </form>
      </section>
    </main>
  )
}

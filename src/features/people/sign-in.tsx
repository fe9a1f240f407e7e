'use client'
import { roleName } from '../../words/en/names'
import * as say from '../../words/en/screens/people'
import { useActionState } from 'react'
import { Button } from '../../ui/button'
import { columnOf, Dip, Mark } from '../../ui/dip'
import { TextField } from '../../ui/field'
import type { FormAction } from '../shared/told'
import { STAGE_LABEL, STAGE_LIST } from '../../words/en/job-state'

export interface DemoPerson {
  readonly name: string
  readonly role: string
}

/** Stages named under the dip of the sign-in page: as many as have room. */
const LABELLED = [0, 1, 3, 4, 5, 7] as const

function Frame({ children, lead }: { readonly children: React.ReactNode; readonly lead: string }) {
  return (
    <main id="main" className="mx-auto grid min-h-dvh max-w-[1080px] content-center gap-x-16 gap-y-8 p-6 md:grid-cols-2">
      <section className="self-center">
        <div className="flex items-center gap-3">
          <Mark className="h-7 w-11" />
          <h1 className="title text-[34px]">{say.nailsmith}</h1>
        </div>
        <p className="mt-3 max-w-[34ch] text-[19px]">{lead}</p>
        <div className="mt-8 max-md:hidden">
          <Dip at={0.955} depth={64} height={100} colour="copper" />
          <div className="relative h-5">
            {LABELLED.map((i) => (
              <span
                key={i}
                className="narrow absolute -translate-x-1/2 whitespace-nowrap text-[13px] text-steel"
                style={{ left: `${columnOf(i) * 100}%` }}
              >
                {STAGE_LABEL[STAGE_LIST[i]!]}
              </span>
            ))}
          </div>
        </div>
      </section>
      <section className="rounded-lg border border-rule bg-paper p-6">{children}</section>
    </main>
  )
}

function Fault({ message }: { readonly message: string | undefined }) {
  return (
    <p role="alert" className={message ? 'rounded-md bg-stop-tint px-3 py-2 text-[16px] text-ink' : 'sr-only'}>
      {message ? (
        <>
          <span className="font-bold text-stop">▲ </span>
          {message}
        </>
      ) : null}
    </p>
  )
}

export function SignIn({ action, demo, to }: { readonly action: FormAction; readonly demo: readonly DemoPerson[]; readonly to: string }) {
  const [state, submit, busy] = useActionState(action, {})
  return (
    <Frame lead={say.downToTheMotor}>
      <form action={submit} className="grid gap-4">
        <h2 className="title text-[25px]">{say.whosSigningIn}</h2>
        <Fault message={state.message} />
        <input type="hidden" name="to" value={to} />
        <TextField label={say.name} name="name" autoComplete="username" defaultValue={state.values?.['name'] ?? ''} required />
        <TextField label={say.passphrase} name="passphrase" type="password" autoComplete="current-password" required />
        <Button type="submit" weight="primary" disabled={busy}>
          {busy ? say.looking : say.signIn}
        </Button>
      </form>
      {demo.length > 0 ? (
        // A form, so that a tap before the page’s script is there signs in all the same.
        <form action={submit} className="mt-6 border-t border-rule pt-4">
          <input type="hidden" name="to" value={to} />
          <h2 className="text-[15px] font-semibold">{say.demoComeInAs}</h2>
          <div className="mt-2 grid grid-cols-2 gap-2">
            {demo.map((p) => (
              <Button key={p.name} type="submit" name="as" value={p.name} disabled={busy}>
                {p.name}
                <span className="font-sans text-[14px] font-normal text-steel"> {roleName(p.role)}</span>
              </Button>
            ))}
          </div>
        </form>
      ) : null}
    </Frame>
  )
}

export function FirstLead({ action, token }: { readonly action: FormAction; readonly token: string }) {
  const [state, submit, busy] = useActionState(action, {})
  return (
    <Frame lead={say.anEmptyShop}>
      <form action={submit} className="grid gap-4">
        <h2 className="title text-[25px]">{say.whoLeadsThisShop}</h2>
        <Fault message={state.message} />
        <input type="hidden" name="token" value={token} />
        <TextField label={say.name} name="name" autoComplete="username" defaultValue={state.values?.['name'] ?? ''} required />
        <TextField
          label={say.passphrase}
          name="passphrase"
          type="password"
          autoComplete="new-password"
          required
          hint={say.atLeastTenCharacters}
        />
        <Button type="submit" weight="primary" disabled={busy}>
          {say.openTheShop}
        </Button>
      </form>
    </Frame>
  )
}

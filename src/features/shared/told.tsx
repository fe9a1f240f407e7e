'use client'
import { useActionState } from 'react'
import { Button } from '../../ui/button'

interface FormState {
  readonly message?: string
  readonly done?: string
  readonly values?: Readonly<Record<string, string>>
}
/** What a form does on the server, and what came of it. */
export type FormAction = (state: FormState, form: FormData) => Promise<FormState>

/** What came of a form: what is wrong, or what has been done. */
export function Told({ state }: { readonly state: { readonly message?: string; readonly done?: string } }) {
  return (
    <p
      role="status"
      className={
        state.message
          ? 'rounded-md bg-stop-tint px-3 py-2 text-[16px]'
          : state.done
            ? 'rounded-md bg-ok-tint px-3 py-2 text-[16px]'
            : 'sr-only'
      }
    >
      {state.message ? (
        <>
          <span className="font-bold text-stop">▲ </span>
          {state.message}
        </>
      ) : state.done ? (
        <>
          <span className="font-bold text-ok">● </span>
          {state.done}
        </>
      ) : null}
    </p>
  )
}

/** One thing done by one button. */
export function Deed({
  action,
  fields,
  label,
  stop = false,
}: {
  readonly action: FormAction
  readonly fields: Readonly<Record<string, string>>
  readonly label: string
  readonly stop?: boolean
}) {
  const [state, submit, busy] = useActionState(action, {})
  return (
    <form action={submit} className="grid justify-items-end gap-1">
      {Object.entries(fields).map(([name, value]) => (
        <input key={name} type="hidden" name={name} value={value} />
      ))}
      <Button type="submit" weight={stop ? 'stop' : 'quiet'} className="min-h-11" disabled={busy}>
        {label}
      </Button>
      <Told state={state} />
    </form>
  )
}

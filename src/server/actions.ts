'use server'
import { cookies, headers } from 'next/headers'
import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { cut } from '../core/text'
import { NOT_ACCEPTED } from '../words/en/screens/grown'
import { acceptGrown } from './growing'
import { addToShop, changeSomebody, endOne, type PersonChange, startNewest } from './people'
import { keepInstrument, strikeInstrument } from './instruments'
import { originFault } from './origin'
import { may } from './permissions'
import { currentSession, type Session } from './session'
import { checkSignIn, closeSession, demoSignIn, makeFirstLead, openSession, originOf, signForOne } from './sign-in'

export interface FormState {
  readonly message?: string
  /** What has been done, where the page stays. */
  readonly done?: string
  /** What was typed, so that nothing is lost with a refusal. */
  readonly values?: Readonly<Record<string, string>>
}

const text = (form: FormData, name: string, max = 2000): string => cut(String(form.get(name) ?? ''), max).trim()

async function foreign(): Promise<FormState | null> {
  const fault = originFault(await headers())
  return fault ? { message: fault } : null
}

/** The session of a lead on a device that has proved itself; else why not, in words. */
async function leadHere(): Promise<Session | string> {
  const session = await currentSession()
  if (!session || !may(session.person.role, 'lead')) return 'This is for a lead.'
  return session.keyed ? session : 'This browser has no key yet. Sign out, sign in on it once more, then try again.'
}

/** Only a path of ours may be gone to after signing in. */
function ownPath(path: string): string {
  return /^\/(?![/\\])[\w\-/?=&.%]*$/.test(path) ? path : '/'
}

export async function signInAction(_: FormState, form: FormData): Promise<FormState> {
  const fault = await foreign()
  if (fault) return fault
  const as = text(form, 'as', 80)
  const demo = as ? await demoSignIn(as) : null
  const name = demo?.name ?? text(form, 'name', 80)
  if (!name) return { message: 'Who’s signing in? Give your name.' }
  const result = await checkSignIn(name, demo?.passphrase ?? String(form.get('passphrase') ?? '').slice(0, 400), await originOf())
  if ('message' in result) return { message: result.message, values: { name } }
  await openSession(result.personId)
  redirect(ownPath(text(form, 'to', 200) || '/'))
}

/** Somebody signs in on this tablet for one entry, beside whoever is signed in: a second look. */
export async function signForAction(
  name: string,
  passphrase: string,
): Promise<{ readonly personId: string } | { readonly message: string }> {
  const fault = await foreign()
  if (fault) return { message: fault.message ?? '' }
  return signForOne(cut(String(name), 80).trim(), String(passphrase).slice(0, 400))
}

export async function signOutAction(): Promise<void> {
  if (await foreign()) return
  await closeSession()
  redirect('/sign-in')
}

export async function firstLeadAction(_: FormState, form: FormData): Promise<FormState> {
  const fault = await foreign()
  if (fault) return fault
  const name = text(form, 'name', 80)
  const result = await makeFirstLead(text(form, 'token', 100), name, String(form.get('passphrase') ?? '').slice(0, 400))
  if ('message' in result) return { message: result.message, values: { name } }
  await openSession(result.personId)
  redirect('/')
}

export async function addPersonAction(_: FormState, form: FormData): Promise<FormState> {
  const fault = await foreign()
  if (fault) return fault
  const values = { name: text(form, 'name', 80), role: text(form, 'role', 20) }
  const session = await leadHere()
  if (typeof session === 'string') return { message: session, values }
  const wrong = await addToShop({
    ...values,
    passphrase: String(form.get('passphrase') ?? '').slice(0, 400),
    qualified: form.get('qualified') === 'on',
  })
  if (wrong) return { message: wrong, values }
  revalidatePath('/people')
  return { done: `${values.name} can sign in now.` }
}

const CHANGES: Readonly<Record<string, (form: FormData) => PersonChange>> = {
  role: (form) => ({ deed: 'role', role: text(form, 'role', 20), qualified: form.get('qualified') === 'on' }),
  passphrase: (form) => ({ deed: 'passphrase', passphrase: String(form.get('passphrase') ?? '').slice(0, 400) }),
  'strike off': () => ({ deed: 'strike off' }),
  'take back': () => ({ deed: 'take back' }),
}

/** Changes somebody in the shop, gives them a new passphrase, strikes them off or takes them back. For leads. */
export async function changePersonAction(_: FormState, form: FormData): Promise<FormState> {
  const fault = await foreign()
  if (fault) return fault
  const session = await leadHere()
  if (typeof session === 'string') return { message: session }
  const deed = text(form, 'deed', 20)
  const change = Object.hasOwn(CHANGES, deed) ? CHANGES[deed]!(form) : null
  if (!change) return { message: 'That is nothing that can be done to somebody.' }
  const wrong = await changeSomebody(text(form, 'id', 80), change, session.token)
  if (wrong) return { message: wrong }
  revalidatePath('/people')
  return { done: 'Done. It holds at once.' }
}

/** Ends a session, or shuts a device until somebody signs in on it anew. For leads. */
export async function endAction(_: FormState, form: FormData): Promise<FormState> {
  const fault = await foreign()
  if (fault) return fault
  const session = await leadHere()
  if (typeof session === 'string') return { message: session }
  const [ended, device] = [text(form, 'session', 40), text(form, 'device', 40)]
  if (!/^[0-9a-f-]{36}$/.test(ended || device)) return { message: 'Which one?' }
  await endOne(ended ? { session: ended } : { device })
  revalidatePath('/people')
  return { done: ended ? 'That session has ended.' : 'That device sends nothing until somebody signs in on it anew.' }
}

/** Entries are written in their newest form from now on, which no older build reads. For leads. */
export async function writeNewestAction(_: FormState, __: FormData): Promise<FormState> {
  const fault = await foreign()
  if (fault) return fault
  const session = await leadHere()
  if (typeof session === 'string') return { message: session }
  await startNewest()
  revalidatePath('/people')
  return {
    done: 'Done. A tablet that still runs an older Nailsmith shows such a line as something from a newer one until it is loaded anew.',
  }
}

/** Takes what grew from a job as the shop's file of that machine. For leads. */
export async function acceptGrownAction(_: FormState, form: FormData): Promise<FormState> {
  const fault = await foreign()
  if (fault) return fault
  const session = await leadHere()
  if (typeof session === 'string') return { message: session }
  const asked = form.getAll('asked').map((x) => cut(String(x), 120))
  const taken = await acceptGrown(text(form, 'job', 40), asked.slice(0, 200), session.person.name)
  if ('message' in taken) return { message: NOT_ACCEPTED[taken.message] }
  revalidatePath('/machines')
  redirect(`/machines/${encodeURIComponent(taken.id)}`)
}

/** Adds an instrument to the shop's list, or changes one. For leads. */
export async function keepInstrumentAction(_: FormState, form: FormData): Promise<FormState> {
  const fault = await foreign()
  if (fault) return fault
  const values = Object.fromEntries([...form.keys()].filter((k) => !k.startsWith('$')).map((k) => [k, text(form, k, 120)]))
  const session = await leadHere()
  if (typeof session === 'string') return { message: session, values }
  const wrong = await keepInstrument(text(form, 'id', 80), (name) => text(form, name, 120))
  if (wrong) return { message: wrong, values }
  revalidatePath('/instruments')
  return { done: `${text(form, 'name', 80)} is on the list.` }
}

/** Takes an instrument out of use or back into it. For leads. */
export async function strikeInstrumentAction(_: FormState, form: FormData): Promise<FormState> {
  const fault = await foreign()
  if (fault) return fault
  const session = await leadHere()
  if (typeof session === 'string') return { message: session }
  const wrong = await strikeInstrument(text(form, 'id', 80), text(form, 'deed', 20) === 'strike off')
  if (wrong) return { message: wrong }
  revalidatePath('/instruments')
  return { done: 'Done.' }
}

export async function setLightAction(light: 'day' | 'night'): Promise<void> {
  if (await foreign()) return
  ;(await cookies()).set('nailsmith-light', light === 'night' ? 'night' : 'day', {
    path: '/',
    maxAge: 60 * 60 * 24 * 3650,
    sameSite: 'lax',
  })
}

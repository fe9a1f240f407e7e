import { cookies } from 'next/headers'
import { redirect } from 'next/navigation'
import { db } from '../db/client'
import { loadSettings } from '../db/settings'
import { setLightAction, signOutAction } from './actions'
import { currentSession, type Session } from './session'

/** What every signed-in page needs; goes to the sign-in when nobody is signed in. */
export async function pageFrame(to: string) {
  const session: Session | null = await currentSession()
  if (!session) redirect(`/sign-in?to=${encodeURIComponent(to)}`)
  const settings = await loadSettings(db())
  const light = (await cookies()).get('nailsmith-light')?.value === 'night' ? ('night' as const) : ('day' as const)
  return {
    session,
    header: {
      shop: settings.shop,
      person: { name: session.person.name, role: session.person.role },
      light,
      setLight: setLightAction,
      signOut: signOutAction,
    },
  }
}

import * as say from '../../words/en/screens/pages'
import { connection } from 'next/server'
import { redirect } from 'next/navigation'
import { SignIn } from '@/features/people/sign-in'
import { signInAction } from '@/server/actions'
import { currentSession } from '@/server/session'
import { demoSignIns } from '@/server/sign-in'

export const metadata = { title: say.signIn }

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ readonly to?: string }> }) {
  await connection()
  if (await currentSession()) redirect('/')
  return <SignIn action={signInAction} demo={await demoSignIns()} to={(await searchParams).to ?? '/'} />
}

import * as say from '../../words/en/screens/pages'
import { connection } from 'next/server'
import { notFound } from 'next/navigation'
import { FirstLead } from '@/features/people/sign-in'
import { firstLeadAction } from '@/server/actions'
import { firstLeadOpen } from '@/server/sign-in'

export const metadata = { title: say.firstLead }

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ readonly token?: string }> }) {
  await connection()
  const { token = '' } = await searchParams
  if (!(await firstLeadOpen(token))) notFound()
  return <FirstLead action={firstLeadAction} token={token} />
}

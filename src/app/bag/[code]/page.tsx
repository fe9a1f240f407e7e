import * as say from '../../../words/en/screens/pages'
import { connection } from 'next/server'
import { notFound, redirect } from 'next/navigation'
import { bagAddress } from '@/server/bags'
import { decoded } from '@/server/paging'
import { pageFrame } from '@/server/frame'

export const metadata = { title: say.tray }

/** A bag’s label: its code opens the job at that set. */
export default async function Page({ params }: { readonly params: Promise<{ readonly code: string }> }) {
  await connection()
  const code = decoded((await params).code)
  if (code === null) notFound()
  await pageFrame(`/bag/${encodeURIComponent(code)}`)
  const to = await bagAddress(code)
  if (to === null) notFound()
  redirect(to)
}

import * as say from '../../../../words/en/screens/pages'
import { connection } from 'next/server'
import { notFound } from 'next/navigation'
import { TrayPrint } from '@/features/tray/tray-print'
import { loadTray } from '@/server/bags'
import { pageFrame } from '@/server/frame'
import { ownOrigin } from '@/server/origin'

export const metadata = { title: say.tray }

export default async function Page({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  await connection()
  const { id } = await params
  await pageFrame(`/jobs/${id}/tray`)
  const tray = await loadTray(id)
  if (!tray) notFound()
  return <TrayPrint {...tray} bags={`${await ownOrigin()}/bag/`} />
}

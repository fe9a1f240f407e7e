import { connection } from 'next/server'
import { notFound } from 'next/navigation'
import { MachineView } from '@/features/machines/machine-view'
import { Header } from '@/features/shell/header'
import { pageFrame } from '@/server/frame'
import { loadMachine } from '@/server/jobs'
import { revisions } from '@/server/machines'

export const metadata = { title: 'Machine' }

export default async function Page({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  await connection()
  const { id } = await params
  const { header } = await pageFrame(`/machines/${id}`)
  const file = await loadMachine(id)
  if (!file) notFound()
  return (
    <>
      <Header {...header} here="machines" />
      <MachineView file={file} revisions={(await revisions(id)).map(({ revision, jobs }) => ({ revision, jobs }))} />
    </>
  )
}

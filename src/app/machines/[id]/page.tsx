import * as say from '../../../words/en/screens/pages'
import { connection } from 'next/server'
import { notFound } from 'next/navigation'
import { Found } from '@/features/machines/found'
import { MachineView } from '@/features/machines/machine-view'
import { Boundary } from '@/ui/boundary'
import { Header } from '@/features/shell/header'
import { decoded } from '@/server/paging'
import { pageFrame } from '@/server/frame'
import { loadMachine } from '@/server/jobs'
import { foundOn, revisions } from '@/server/machines'

export const metadata = { title: say.machine }

export default async function Page({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  await connection()
  const id = decoded((await params).id)
  if (id === null) notFound()
  const { header } = await pageFrame(`/machines/${encodeURIComponent(id)}`)
  const file = await loadMachine(id)
  if (!file) notFound()
  return (
    <>
      <Header {...header} here="machines" />
      <Boundary of={say.theFileOf(file.name)}>
        <MachineView file={file} revisions={(await revisions(id)).map(({ revision, jobs }) => ({ revision, jobs }))}>
          <Found {...await foundOn(id)} />
        </MachineView>
      </Boundary>
    </>
  )
}

import * as say from '../../words/en/screens/pages'
import { connection } from 'next/server'
import { MachineList } from '@/features/machines/machine-list'
import { Header } from '@/features/shell/header'
import { pageFrame } from '@/server/frame'
import { openDrafts } from '@/server/growing'
import { machines } from '@/server/jobs'
import { may } from '@/server/permissions'

export const metadata = { title: say.machines }

export default async function Page() {
  await connection()
  const { session, header } = await pageFrame('/machines')
  return (
    <>
      <Header {...header} here="machines" />
      <MachineList machines={await machines()} mayPutIn={may(session.person.role, 'work')} drafts={await openDrafts()} />
    </>
  )
}

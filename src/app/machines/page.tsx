import { connection } from 'next/server'
import { MachineList } from '@/features/machines/machine-list'
import { Header } from '@/features/shell/header'
import { pageFrame } from '@/server/frame'
import { machines } from '@/server/jobs'

export const metadata = { title: 'Machines' }

export default async function Page() {
  await connection()
  const { header } = await pageFrame('/machines')
  return (
    <>
      <Header {...header} here="machines" />
      <MachineList machines={await machines()} />
    </>
  )
}

import * as say from '../../words/en/screens/pages'
import { connection } from 'next/server'
import { Refused } from '@/features/shell/refused'
import { Header } from '@/features/shell/header'
import { TakeIn } from '@/features/intake/take-in'
import { pageFrame } from '@/server/frame'
import { form, jobsToDo, machines } from '@/server/jobs'
import { may } from '@/server/permissions'

export const metadata = { title: say.takeIn }

export default async function Page() {
  await connection()
  const { session, header } = await pageFrame('/take-in')
  return (
    <>
      <Header {...header} here="take-in" />
      {may(session.person.role, 'take in') ? (
        <TakeIn
          machines={await machines()}
          jobs={await jobsToDo()}
          person={session.person.id}
          device={session.device}
          form={await form()}
        />
      ) : (
        <Refused what={say.takingMachines} />
      )}
    </>
  )
}

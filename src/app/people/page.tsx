import { connection } from 'next/server'
import { People } from '@/features/people/people'
import { Header } from '@/features/shell/header'
import { Refused } from '@/features/shell/refused'
import { addPersonAction } from '@/server/actions'
import { pageFrame } from '@/server/frame'
import { people } from '@/server/jobs'
import { may } from '@/server/permissions'

export const metadata = { title: 'People' }

export default async function Page() {
  await connection()
  const { session, header } = await pageFrame('/people')
  return (
    <>
      <Header {...header} here="people" />
      {may(session.person.role, 'lead') ? <People action={addPersonAction} people={await people()} /> : <Refused what="Adding people is for a lead." />}
    </>
  )
}

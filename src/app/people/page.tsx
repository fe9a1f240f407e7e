import * as say from '../../words/en/screens/pages'
import { connection } from 'next/server'
import { People } from '@/features/people/people'
import { Header } from '@/features/shell/header'
import { Refused } from '@/features/shell/refused'
import { addPersonAction, changePersonAction, endAction, writeNewestAction } from '@/server/actions'
import { pageFrame } from '@/server/frame'
import { staff } from '@/server/people'
import { may } from '@/server/permissions'

export const metadata = { title: say.people }

export default async function Page() {
  await connection()
  const { session, header } = await pageFrame('/people')
  return (
    <>
      <Header {...header} here="people" />
      {may(session.person.role, 'lead') ? (
        <People
          add={addPersonAction}
          change={changePersonAction}
          end={endAction}
          newest={writeNewestAction}
          {...await staff()}
          me={session.person.id}
          device={session.device}
        />
      ) : (
        <Refused what={say.addingPeople} />
      )}
    </>
  )
}

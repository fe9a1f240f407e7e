import * as say from '../../words/en/screens/pages'
import { connection } from 'next/server'
import { Instruments } from '@/features/instruments/instruments'
import { Header } from '@/features/shell/header'
import { keepInstrumentAction, strikeInstrumentAction } from '@/server/actions'
import { pageFrame } from '@/server/frame'
import { shopInstruments } from '@/server/instruments'
import { may } from '@/server/permissions'

export const metadata = { title: say.instruments }

export default async function Page() {
  await connection()
  const { session, header } = await pageFrame('/instruments')
  return (
    <>
      <Header {...header} here="instruments" />
      <Instruments
        instruments={await shopInstruments()}
        mayChange={may(session.person.role, 'lead')}
        mayConnect={may(session.person.role, 'work')}
        keep={keepInstrumentAction}
        strike={strikeInstrumentAction}
      />
    </>
  )
}

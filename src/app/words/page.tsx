import * as say from '../../words/en/screens/pages'
import { connection } from 'next/server'
import { Header } from '@/features/shell/header'
import { WordsPage } from '@/features/words/words-page'
import { pageFrame } from '@/server/frame'

export const metadata = { title: say.whatThingsAreCalled }

export default async function Page() {
  await connection()
  const { header } = await pageFrame('/words')
  return (
    <>
      <Header {...header} here="machines" />
      <WordsPage />
    </>
  )
}

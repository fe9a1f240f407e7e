import * as say from '../../words/en/screens/procedures'
import { connection } from 'next/server'
import { Procedures } from '@/features/procedures/procedures'
import { Header } from '@/features/shell/header'
import { pageFrame } from '@/server/frame'

export const metadata = { title: say.guided }

export default async function Page() {
  await connection()
  const { header } = await pageFrame('/procedures')
  return (
    <>
      <Header {...header} here="instruments" />
      <Procedures />
    </>
  )
}

import * as say from '../../words/en/screens/workings'
import { connection } from 'next/server'
import { Workings } from '@/features/workings/workings'
import { Header } from '@/features/shell/header'
import { pageFrame } from '@/server/frame'

export const metadata = { title: say.title }

export default async function Page({
  searchParams,
}: {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>
}) {
  await connection()
  const { of } = await searchParams
  const { header } = await pageFrame('/workings')
  return (
    <>
      <Header {...header} here="workings" />
      <Workings {...(typeof of === 'string' ? { first: of } : {})} />
    </>
  )
}

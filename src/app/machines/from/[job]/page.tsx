import * as say from '../../../../words/en/screens/pages'
import { connection } from 'next/server'
import { notFound } from 'next/navigation'
import { GrownView } from '@/features/machines/grown-view'
import { Header } from '@/features/shell/header'
import { acceptGrownAction } from '@/server/actions'
import { pageFrame } from '@/server/frame'
import { grownFrom } from '@/server/growing'
import { grownWords } from '@/words/en/growing'

export const metadata = { title: say.machine }

export default async function Page({ params }: { readonly params: Promise<{ readonly job: string }> }) {
  await connection()
  const { job } = await params
  const { session, header } = await pageFrame(`/machines/from/${encodeURIComponent(job)}`)
  const draft = await grownFrom(job)
  if (!draft) notFound()
  return (
    <>
      <Header {...header} here="machines" />
      <GrownView {...grownWords(draft)} accept={acceptGrownAction} lead={session.person.role === 'lead'} />
    </>
  )
}

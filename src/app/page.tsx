import { connection } from 'next/server'
import { Header } from '@/features/shell/header'
import { Stands } from '@/features/stands/stands'
import { pageFrame } from '@/server/frame'
import { listJobs } from '@/server/jobs'
import { pageMark, pageLink } from '@/server/paging'
import { may } from '@/server/permissions'

export const metadata = { title: 'Stands' }

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ readonly after?: string }> }) {
  await connection()
  const { session, header } = await pageFrame('/')
  const { jobs, next } = await listJobs(pageMark((await searchParams).after))
  return (
    <>
      <Header {...header} here="stands" />
      <Stands jobs={jobs} more={next ? pageLink(next) : null} mayTakeIn={may(session.person.role, 'take in')} />
    </>
  )
}

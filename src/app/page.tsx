import * as say from '../words/en/screens/pages'
import { redirect } from 'next/navigation'
import { connection } from 'next/server'
import { Header } from '@/features/shell/header'
import { Stands } from '@/features/stands/stands'
import { pageFrame } from '@/server/frame'
import { bagAddress } from '@/server/bags'
import { listJobs } from '@/server/jobs'
import { pageMark, standsAsked, standsFilter, standsLink } from '@/server/paging'
import { may } from '@/server/permissions'

export const metadata = { title: say.stands }

export default async function Page({
  searchParams,
}: {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>
}) {
  await connection()
  const { session, header } = await pageFrame('/')
  const params = await searchParams
  const asked = standsAsked(params)
  // What is read off a bag opens its job at that set.
  const bag = await bagAddress(asked.find)
  if (bag) redirect(bag)
  const { jobs, next, found, totals } = await listJobs(
    pageMark(typeof params['after'] === 'string' ? params['after'] : undefined),
    standsFilter(asked),
  )
  return (
    <>
      <Header {...header} here="stands" />
      <Stands
        jobs={jobs}
        found={found}
        totals={totals}
        asked={asked}
        more={next ? standsLink(asked, next) : null}
        all={standsLink({ find: '', stage: '', only: '' })}
        later={params['after'] !== undefined}
        mayTakeIn={may(session.person.role, 'take in')}
      />
    </>
  )
}

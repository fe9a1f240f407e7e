import * as say from '../../../words/en/screens/pages'
import { connection } from 'next/server'
import { notFound } from 'next/navigation'
import { JobScreen } from '@/features/job/job-screen'
import { Header } from '@/features/shell/header'
import { signForAction } from '@/server/actions'
import { pageFrame } from '@/server/frame'
import { loadJob } from '@/server/jobs'

export const metadata = { title: say.job }

export default async function Page({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  await connection()
  const { id } = await params
  const { session, header } = await pageFrame(`/jobs/${id}`)
  const pack = await loadJob(id)
  if (!pack) notFound()
  const { shop, proofMinutes, proofMinutesHigh, deadVolts, topSpeed, tray, lacking } = pack.settings
  return (
    <>
      <Header {...header} here="job" />
      <JobScreen
        jobId={id}
        device={session.device}
        person={{ id: session.person.id, name: session.person.name, role: session.person.role, qualified: session.person.qualified }}
        people={pack.people.map((p) => ({ id: p.id, name: p.name, role: p.role }))}
        entries={pack.entries}
        file={pack.file}
        form={pack.form}
        instruments={pack.instruments}
        pages={pack.pages}
        earlier={pack.earlier}
        past={pack.past}
        signFor={signForAction}
        settings={{ shop, proofMinutes, proofMinutesHigh, deadVolts, topSpeed, tray, lacking }}
      />
    </>
  )
}

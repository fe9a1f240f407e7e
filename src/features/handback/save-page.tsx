'use client'
import * as say from '../../words/en/screens/handback'
import { useState } from 'react'
import { reportJson, reportMarkdown } from '../../formats/report'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { recheckWhat } from '../../words/en/entries'
import { useJob } from '../shared/context'
import { useReport } from './handback-panel'

/** The page to keep: as text, as data, and its dates for a calendar. */
export function SavePage() {
  const { state } = useJob()
  const report = useReport()
  const [fault, setFault] = useState<string>()
  const name = `nailsmith-${state.number || 'job'}`
  const dated = state.rechecks.flatMap((r) =>
    r.on ? [{ what: `${report.machine}: ${recheckWhat(r, state)}`, on: r.on, about: say.jobAndWork(report.job, report.work) }] : [],
  )
  const calendar = async (): Promise<void> => {
    setFault(undefined)
    const { calendarFile } = await import('../../formats/calendar')
    const file = calendarFile(dated, report.job)
    if (file.ok) save(`${name}.ics`, 'text/calendar', file.value)
    else setFault(say.theCalendarFileCould(file.error.reason))
  }
  return (
    <>
      <Fault text={fault} />
      <div className="grid grid-cols-3 gap-2">
        <Button weight="quiet" onClick={() => save(`${name}.md`, 'text/markdown', reportMarkdown(report))}>
          {say.asText}
        </Button>
        <Button weight="quiet" onClick={() => save(`${name}.json`, 'application/json', reportJson(report))}>
          {say.asData}
        </Button>
        <Button weight="quiet" disabled={dated.length === 0} onClick={() => void calendar()}>
          {say.calendar}
        </Button>
      </div>
    </>
  )
}

function save(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }))
  const link = Object.assign(document.createElement('a'), { href: url, download: name })
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

'use client'
import { notReadYet } from '../../words/en/screens/line'
import * as say from '../../words/en/screens/job-sheets'
import { useState } from 'react'
import type { JobState } from '../../core/job'
import { limbOf } from '../../core/machine'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { useJob } from '../shared/context'
import { useLine } from '../shared/use-line'

/** The step that it comes off after: the one that it is logged at, where that is done; else the last one done. */
function comesAfter({ down, steps }: JobState, step: string | undefined): string | undefined {
  const done = (id: string): boolean => steps[id]?.status === 'done'
  if (step !== undefined && limbOf(step) !== 'up' && done(step)) return step
  return down.findLast((s) => done(s.id))?.id
}

/** A typed line: something that came off beyond the plan, or a note. */
export function LineSheet({ step, onClose }: { readonly step?: string; readonly onClose: () => void }) {
  const job = useJob()
  const { state } = job
  const [text, setText] = useState('')
  const [fault, setFault] = useState<string>()
  const typed = useLine(text)
  const read = typed?.read
  const write = (as: 'off' | 'note'): void => {
    if (!text.trim() || (as === 'off' && typed && !read)) return setFault(say.theLineIsEmpty)
    if (as === 'note') job.log('note-added', { text: text.trim(), ...(step ? { step } : {}) })
    else if (!typed || !read) return setFault(notReadYet)
    else job.logAll([typed.reader.lineEntry(state, job.settings.tray, read, comesAfter(state, step))])
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.aLogLine} note={say.exampleLine}>
      <form className="grid gap-4" onSubmit={(e) => (e.preventDefault(), write(!typed || (read && read.count > 0) ? 'off' : 'note'))}>
        <TextField
          label={say.line}
          value={text}
          onChange={(e) => (setFault(undefined), setText(e.target.value))}
          maxLength={1000}
          autoFocus
          autoComplete="off"
        />
        {fault ? (
          <p role="alert" className="text-[16px] font-semibold text-stop">
            {fault}
          </p>
        ) : null}
        {typed?.told}
        {job.mayWork ? (
          <Button weight={read && read.count > 0 ? 'primary' : 'plain'} onClick={() => write('off')}>
            {read && read.count > 0 ? say.off(typed.title) : say.cameOffAs}
          </Button>
        ) : null}
        <Button weight={read && read.count > 0 ? 'plain' : 'primary'} onClick={() => write('note')}>
          {say.aNote}
        </Button>
      </form>
    </Sheet>
  )
}

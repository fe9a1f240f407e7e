'use client'
import * as say from '../../words/en/screens/machines'
import { Link } from '../../ui/link'
import { useEffect, useRef, useState } from 'react'
import { Button } from '../../ui/button'
import { type FileInspection, inspectAside } from '../../workers/planner'
import { whyNot } from '../../words/en/plan-errors'

const MAX_BYTES = 8_000_000
const SHOWN = 12

type Now =
  | { readonly is: 'idle' }
  | { readonly is: 'looking'; readonly file: string; readonly done?: number; readonly of?: number }
  | { readonly is: 'looked'; readonly file: string; readonly text: string; readonly found: FileInspection }
  | { readonly is: 'refused'; readonly message: string }
  | { readonly is: 'kept'; readonly id: string; readonly words: string }

/** A machine file from a disk: looked through and every job planned before it is put in, off the main thread. */
export function PutIn() {
  const [now, setNow] = useState<Now>({ is: 'idle' })
  const picker = useRef<HTMLInputElement>(null)
  const asking = useRef<AbortController>(undefined)
  useEffect(() => () => asking.current?.abort(), [])

  const look = async (file: File | undefined): Promise<void> => {
    if (picker.current) picker.current.value = ''
    if (!file) return
    if (file.size > MAX_BYTES)
      return setNow({
        is: 'refused',
        message: say.tooLarge(file.name, file.size / 1e6, MAX_BYTES / 1e6),
      })
    asking.current?.abort()
    const mine = (asking.current = new AbortController())
    setNow({ is: 'looking', file: file.name })
    try {
      const text = await file.text()
      const found = await inspectAside(
        text,
        (done, of) => mine.signal.aborted || setNow({ is: 'looking', file: file.name, done, of }),
        mine.signal,
      )
      setNow({ is: 'looked', file: file.name, text, found })
    } catch {
      setNow(mine.signal.aborted ? { is: 'idle' } : { is: 'refused', message: say.couldNotBeRead(file.name) })
    }
  }
  const keep = async (text: string): Promise<void> => {
    try {
      const response = await fetch('/api/machines', { method: 'POST', headers: { 'content-type': 'application/json' }, body: text })
      const body = (await response.json()) as {
        readonly message?: string
        readonly id: string
        readonly name: string
        readonly revision: string
        readonly kept: 'new' | 'same' | 'beside'
      }
      if (!response.ok) return setNow({ is: 'refused', message: body.message ?? say.theServerDidNot })
      setNow({
        is: 'kept',
        id: body.id,
        words:
          body.kept === 'new'
            ? say.revisionIsIn(body.name, body.revision)
            : body.kept === 'same'
              ? say.thisFileWasHere(body.name, body.revision)
              : say.itsRevisionWas(body.name, body.revision),
      })
    } catch {
      setNow({ is: 'refused', message: say.theServerCannotBe })
    }
  }

  return (
    <section aria-label={say.putInAMachine} className="mt-6 border-t-2 border-ink pt-4">
      <h2 className="title text-[22px]">{say.putInAMachine}</h2>
      <p className="mt-1 text-[16.5px]">
        {say.itIsLookedThrough}{' '}
        <a className="underline underline-offset-4" href="/api/machine-schema">
          {say.itsShapeAs}
        </a>
      </p>
      <input
        ref={picker}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        tabIndex={-1}
        aria-label={say.aMachineFile}
        onChange={(e) => void look(e.target.files?.[0])}
      />
      <div className="mt-3 flex flex-wrap gap-2">
        <Button onClick={() => picker.current?.click()}>{say.chooseAFile}</Button>
        {now.is === 'looking' ? (
          <Button weight="quiet" onClick={() => asking.current?.abort()}>
            {say.stop}
          </Button>
        ) : null}
        {now.is === 'looked' && now.found.problems.length === 0 ? (
          <Button weight="primary" className="min-h-12" onClick={() => void keep(now.text)}>
            {say.putItIn}
          </Button>
        ) : null}
      </div>
      <div role="status" className="mt-3 text-[16.5px]">
        {now.is === 'looking' ? (
          <p className="text-steel">{now.of === undefined ? say.reading(now.file) : say.planningJobOf(now.done! + 1, now.of)}</p>
        ) : null}
        {now.is === 'refused' ? (
          <p className="border-l-[6px] border-stop bg-stop-tint px-4 py-2">
            <span className="font-bold text-stop">▲ </span>
            {now.message}
          </p>
        ) : null}
        {now.is === 'kept' ? (
          <p className="border-l-[6px] border-ok bg-ok-tint px-4 py-2">
            <span className="font-bold text-ok">● </span>
            {now.words}{' '}
            <Link className="underline underline-offset-4" href={`/machines/${encodeURIComponent(now.id)}`}>
              {say.lookAtIt}
            </Link>
          </p>
        ) : null}
        {now.is === 'looked' ? <Looked name={now.file} found={now.found} /> : null}
      </div>
    </section>
  )
}

function Looked({ name, found }: { readonly name: string; readonly found: FileInspection }) {
  const { problems, file, jobs } = found
  if (!file || !jobs) {
    return (
      <div className="border-l-[6px] border-stop bg-stop-tint px-4 py-2">
        <p className="font-semibold">
          <span className="text-stop">▲ </span>
          {say.thingToPutRight(problems.length, name)}
        </p>
        <ul className="mt-1 grid gap-1">
          {problems.slice(0, SHOWN).map((p) => (
            <li key={p.at + p.text}>
              {p.at ? <code className="mr-1.5 text-[14.5px]">{p.at}</code> : null}
              {p.text}
            </li>
          ))}
        </ul>
        {problems.length > SHOWN ? <p className="text-steel">{say.andMore(problems.length - SHOWN)}</p> : null}
      </div>
    )
  }
  const fixings = file.joints.reduce((n, j) => n + j.members.length, 0)
  return (
    <>
      <p>
        <span className="font-bold text-ok">● </span>
        <span className="font-semibold">{file.name}</span>
        {say.hangsTogether(file.revision, file.parts.length, fixings)}
      </p>
      <ul className="mt-1">
        {jobs.map((j) => (
          <li key={j.goal} className="border-t border-rule py-1">
            {j.error ? (
              <>
                <span className="font-bold text-look">◆ </span>
                {j.name}: {whyNot(j.error, file)}
              </>
            ) : (
              <>{say.jobPlanned(j.name, j.steps!.down, j.steps!.up, j.minutes, j.proved)}</>
            )}
          </li>
        ))}
      </ul>
    </>
  )
}

'use client'
import { type ReactNode, useEffect, useMemo, useState } from 'react'
import type { Line } from '../../core/line'
import type * as LineReader from './line-reader'
import * as say from '../../words/en/screens/line'
import { offWords } from '../../words/en/off'
import { useJob } from './context'

type Reader = typeof LineReader

const AGAIN_MS = 2_000

let loaded: Reader | null = null
/** What reads typed lines comes once, for all that take one. */
const load = async (lines: () => Promise<Reader>): Promise<Reader> => (loaded ??= await lines())

interface Typed {
  /** Undefined while what reads it is on the way; null where nothing is typed. */
  readonly read: Line | null | undefined
  /** What is logged of it, in the words of the journal. */
  readonly title: string
  /** What it is taken for, before it is logged: the same words as in the journal; or what was not understood of it. */
  readonly told: ReactNode
  readonly reader: Reader
}

/** What reads lines; null while it is on the way. */
export function useReader(): Reader | null {
  const { lines } = useJob()
  const [reader, setReader] = useState(loaded)
  useEffect(() => {
    let here = true
    const ask = (): void =>
      void load(lines).then(
        (r) => here && setReader(r),
        // No network, and not kept: asked again for as long as it is wanted.
        () => here && setTimeout(ask, AGAIN_MS),
      )
    ask()
    return () => void (here = false)
  }, [lines])
  return reader
}

/** A line as it is typed. */
export function useLine(text: string): Typed | null {
  const { state, settings } = useJob()
  const reader = useReader()
  const read = useMemo(() => reader?.readLine(text), [reader, text])
  if (!reader) return null
  const title = read ? offWords(reader.lineEntry(state, settings.tray, read).body) : ''
  return {
    read,
    title,
    told: read ? (
      <p role="status" className="text-[16px]">
        {read.unread.length > 0 ? (
          <>
            <span className="font-bold text-look">◆ </span>
            {say.notUnderstood(read.unread)}
          </>
        ) : (
          say.takenAs(title)
        )}
      </p>
    ) : null,
    reader,
  }
}

'use client'
import { useCallback, useMemo, useState } from 'react'

/** Tools that are not in the shop: said once, for every job; kept by the server when it can be reached. */
export function useLacking(first: readonly string[]): {
  readonly lacking: ReadonlySet<string>
  readonly setGone: (name: string, gone: boolean) => void
  readonly unsaved: boolean
} {
  const [names, setNames] = useState(first)
  const [unsaved, setUnsaved] = useState(false)
  const setGone = useCallback((name: string, gone: boolean): void => {
    setNames((before) => (gone ? [...before.filter((n) => n !== name), name] : before.filter((n) => n !== name)))
    void fetch('/api/tools', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name, gone }),
    }).then(
      (r) => setUnsaved(!r.ok),
      () => setUnsaved(true),
    )
  }, [])
  return { lacking: useMemo(() => new Set(names), [names]), setGone, unsaved }
}

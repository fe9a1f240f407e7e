'use client'
import { useSyncExternalStore } from 'react'

/** Which drive of each job is looked at: one choice for the panel, the card and the sheets, which are loaded apart from each other. */
const chosen = new Map<string, string>()
const listeners = new Set<() => void>()

export function chooseDrive(job: string, drive: string): void {
  chosen.set(job, drive)
  for (const listener of listeners) listener()
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

/** The drive that was chosen for the job; undefined until one is. */
export function useChosenDrive(job: string): string | undefined {
  return useSyncExternalStore(
    subscribe,
    () => chosen.get(job),
    () => undefined,
  )
}

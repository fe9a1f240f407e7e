import { useSyncExternalStore } from 'react'
import type { PhotoPoint } from '../../core/job'

// Where the next thing was, as it was tapped: the photo and the card that logs it stand beside each other, each in its own part.
let tapped: { readonly job: string; readonly pin: PhotoPoint } | undefined
const told = new Set<() => void>()

export function setWherePin(job: string, pin: PhotoPoint | undefined): void {
  tapped = pin && { job, pin }
  told.forEach((tell) => tell())
}

/** The point that was tapped in this job, and not logged yet. */
export function useWherePin(job: string): PhotoPoint | undefined {
  return useSyncExternalStore(
    (tell) => {
      told.add(tell)
      return () => told.delete(tell)
    },
    () => (tapped?.job === job ? tapped.pin : undefined),
    () => undefined,
  )
}

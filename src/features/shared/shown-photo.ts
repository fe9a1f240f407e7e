import { useState } from 'react'
import type { Photo } from '../../core/job'

/** The photo of a film that is looked at: the one picked, else the last; a new one is what comes next, whichever was looked at before. */
export function useShownPhoto(all: readonly Photo[]): { readonly shown: Photo | undefined; readonly pick: (photo: string) => void } {
  const [picked, setPicked] = useState<string>()
  const [seen, setSeen] = useState(all.length)
  if (all.length !== seen) {
    setSeen(all.length)
    if (all.length > seen) setPicked(undefined)
  }
  return { shown: all.find((p) => p.photo === picked) ?? all.at(-1), pick: setPicked }
}

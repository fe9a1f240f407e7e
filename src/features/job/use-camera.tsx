import { type ReactNode, useRef, useState } from 'react'
import { PhotoFault, takePhoto } from '../../client/photo'
import * as say from '../../words/en/screens/job'
import type { PhotoShows } from '../../core/job'
import type { JobContext } from '../shared/context'

interface About {
  readonly step?: string
  readonly caption?: string
  readonly side?: string
  readonly shows?: PhotoShows
}

/** The device’s own camera or file picker; a photo never holds up the log. */
export function useCamera(
  jobId: string,
  keep: (photo: Awaited<ReturnType<typeof takePhoto>>, about: About) => void,
): { readonly addPhoto: JobContext['addPhoto']; readonly fault: string | undefined; readonly picker: ReactNode } {
  const [fault, setFault] = useState<string>()
  const input = useRef<HTMLInputElement>(null)
  const of = useRef<About>({})
  const take = async (files: FileList | null): Promise<void> => {
    const picture = files?.[0]
    if (!picture) return
    setFault(undefined)
    try {
      keep(await takePhoto(picture, jobId), of.current)
    } catch (error) {
      setFault(error instanceof PhotoFault ? error.message : say.thePhotoCouldNot)
    } finally {
      if (input.current) input.current.value = ''
    }
  }
  return {
    fault,
    addPhoto: (step, about) => {
      of.current = { ...(step ? { step } : {}), ...about }
      input.current?.click()
    },
    picker: (
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        aria-label={say.photoFile}
        tabIndex={-1}
        className="sr-only"
        onChange={(e) => void take(e.target.files)}
      />
    ),
  }
}

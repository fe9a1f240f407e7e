'use client'
import type { Pin } from '../../core/job'
import { useJob } from './context'
import { type MapPin, PhotoMap } from './photo-map'
import { pinsOn } from './pins'

export interface PinnedPhotoProps {
  readonly photo: string
  readonly alt: string
  /** What a tap on it says. */
  readonly ask?: string
  readonly tall: number
  /** Degrees clockwise. */
  readonly turned?: number
  /** What it is about: its pins stand out. */
  readonly about?: (of: Pin['of']) => boolean
  /** Put on it, and not logged yet. */
  readonly also?: readonly MapPin[]
  /** Its pins are listed below it by name. */
  readonly listed?: boolean
  readonly onPoint?: (x: number, y: number) => void
}

/** A photo of the job with all that lies at its points. */
export function PinnedPhoto({ photo, alt, ask, tall, turned = 0, about, also = [], listed, onPoint }: PinnedPhotoProps) {
  const { state, file } = useJob()
  const pins = pinsOn(state, file, photo, about)
  return (
    <>
      <PhotoMap
        {...(ask ? { ask } : {})}
        id={photo}
        alt={alt}
        tall={tall}
        turned={turned}
        pins={[...pins, ...also]}
        {...(onPoint ? { onPoint } : {})}
      />
      {listed && pins.length > 0 ? (
        <ul className="text-[16px]">
          {pins.map((p) => (
            <li key={p.key}>
              <span className="narrow font-semibold">{p.mark}</span> {p.name}
            </li>
          ))}
        </ul>
      ) : null}
    </>
  )
}

'use client'
import * as say from '../../words/en/screens/intake'
import * as photos from '../../words/en/screens/photos'
import type { PhotoPoint } from '../../core/job'
import { captionOf } from '../../words/en/entries'
import { useJob } from './context'
import { PhotoView } from './photos'
import { PinnedPhoto } from './pinned-photo'
import { useShownPhoto } from './shown-photo'

export interface DamagePhotoProps {
  readonly pin: PhotoPoint | undefined
  readonly onPin: (pin: PhotoPoint) => void
}

/** Photos of the machine as it came in, and where damage is on them, by a tap. */
export function DamagePhoto({ pin, onPin }: DamagePhotoProps) {
  const { state, mayNote } = useJob()
  const all = state.photos.filter((p) => p.step === undefined)
  const { shown, pick } = useShownPhoto(all)
  if (!shown) return null
  const at = pin?.photo === shown.photo ? [{ key: 'now', x: pin.x, y: pin.y, mark: '●', name: say.damageHere, now: true }] : []
  return (
    <>
      <div className="mt-2 grid gap-1">
        <PinnedPhoto
          photo={shown.photo}
          alt={captionOf(shown) ?? say.asItCameIn}
          ask={say.tapDamage}
          tall={280}
          also={at}
          {...(mayNote ? { onPoint: (x: number, y: number) => onPin({ photo: shown.photo, x, y }) } : {})}
        />
        <p role="status" className="narrow text-[15px] text-steel">
          {at.length > 0 ? `● ${say.damageHere}` : mayNote ? say.tapDamage : (captionOf(shown) ?? '')}
        </p>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {all.map((p, i) => (
          <button
            key={p.photo}
            type="button"
            aria-pressed={p.photo === shown.photo}
            aria-label={photos.photoAt(i + 1, all.length)}
            onClick={() => pick(p.photo)}
            className="size-14 overflow-hidden rounded-md border-2 border-rule aria-pressed:border-copper"
          >
            <PhotoView id={p.photo} alt="" className="size-full object-cover" />
          </button>
        ))}
      </div>
    </>
  )
}

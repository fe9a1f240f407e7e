'use client'
import clsx from 'clsx'
import * as say from '../../words/en/screens/no-file'
import * as photos from '../../words/en/screens/photos'
import { PHOTO_SIDES, type Photo } from '../../core/job'
import { STAND_IDS } from '../../core/machine'
import { Button, Chip } from '../../ui/button'
import { STAND_WORDS } from '../../words/en/poses'
import { useJob } from './context'
import { PinnedPhoto } from './pinned-photo'
import { useShownPhoto } from './shown-photo'
import { PhotoView } from './photos'
import { setWherePin, useWherePin } from './where-pin'

/** The photo on which one taps where a thing was; the one taken last, or another of the film below it. */
export function WherePhoto({ tall }: { readonly tall: number }) {
  const { state, mayWork, addPhoto, log } = useJob()
  const pin = useWherePin(state.jobId)
  const all = state.photos.filter((p) => p.shows === undefined)
  const { shown, pick } = useShownPhoto(all)
  if (!shown)
    return mayWork ? (
      <button
        type="button"
        onClick={() => addPhoto()}
        className="grid min-h-28 place-content-center gap-1 rounded-lg border-2 border-dashed border-steel px-6 text-center"
      >
        <span className="title text-[21px]">{say.photoFirst}</span>
        <span className="text-[15px] text-steel">{say.photoWhy}</span>
      </button>
    ) : null
  const at = pin?.photo === shown.photo ? [{ key: 'now', x: pin.x, y: pin.y, mark: '●', name: say.itWasHere, now: true }] : []
  return (
    <div className="grid gap-2">
      <PinnedPhoto
        photo={shown.photo}
        alt={say.tapIt}
        tall={tall}
        also={at}
        {...(mayWork ? { onPoint: (x, y) => setWherePin(state.jobId, { photo: shown.photo, x, y }) } : {})}
      />
      <p role="status" className="narrow flex justify-between text-[15px] text-steel">
        <span>{at.length > 0 ? `● ${say.itWasHere}` : say.tapIt}</span>
      </p>
      <div className="flex items-center gap-2 overflow-x-auto">
        {mayWork ? (
          <Button className="shrink-0" hint="P" onClick={() => addPhoto()}>
            {say.another}
          </Button>
        ) : null}
        {[...all].reverse().map((p) => (
          <button
            key={p.photo}
            type="button"
            aria-pressed={p.photo === shown.photo}
            aria-label={photos.photoAt(all.indexOf(p) + 1, all.length)}
            onClick={() => pick(p.photo)}
            className="size-12 shrink-0 overflow-hidden rounded-md border-2 border-rule aria-pressed:border-copper"
          >
            <PhotoView id={p.photo} alt="" className="size-full object-cover" />
          </button>
        ))}
      </div>
      {mayWork ? (
        <details className={clsx('rounded-md border border-rule px-3', shown.side === undefined && 'border-look')}>
          <summary className="min-h-11 cursor-pointer py-2.5 text-[15px]">
            {photos.takenFrom} {shown.side === undefined ? '…' : (photos.SIDES[shown.side as keyof typeof photos.SIDES] ?? shown.side)}
          </summary>
          <Sided shown={shown} onSide={(side) => log('photo-added', { photo: shown.photo, side })} />
        </details>
      ) : null}
    </div>
  )
}

/** From which side it was taken, and how the machine stands now. */
function Sided({ shown, onSide }: { readonly shown: Photo; readonly onSide: (side: string) => void }) {
  const { state, log } = useJob()
  const now = state.pose.id || 'on-its-wheels'
  return (
    <div className="grid gap-2 pb-3">
      <div role="group" aria-label={photos.takenFrom} className="flex flex-wrap gap-1.5">
        {PHOTO_SIDES.map((s) => (
          <Chip key={s} on={shown.side === s} onClick={() => onSide(s)}>
            {photos.SIDES[s]}
          </Chip>
        ))}
      </div>
      <div role="group" aria-label={photos.howItStands} className="flex flex-wrap items-center gap-1.5">
        <span className="narrow text-[15px] text-steel">{photos.howItStands}</span>
        {STAND_IDS.map((s) => (
          <Chip key={s} on={now === s} onClick={() => log('pose-changed', { to: s, name: '', people: 1 })}>
            {STAND_WORDS[s]}
          </Chip>
        ))}
      </div>
    </div>
  )
}

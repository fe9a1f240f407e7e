'use client'
import * as say from '../../words/en/screens/photos'
import { useState } from 'react'
import { aboutOf, filePhotosOf, photosOf } from '../../core/job'
import type { FilePhoto, MachineFile } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { clockText } from '../../ui/time'
import { captionOf } from '../../words/en/entries'
import { useJob } from './context'
import { PhotoMap } from './photo-map'
import { PinnedPhoto } from './pinned-photo'
import { pinsOn, poseName, turnOf } from './pins'

/** The mechanic’s own photo at the step: where the thing was, large on the way back, and turned to how the machine stands now. */
export function StepPhoto({ step }: { readonly step: PlannedStep }) {
  const { state, file } = useJob()
  const [known] = filePhotosOf(file, step)
  return photosOf(state, step).length > 0 ? <OwnPhoto step={step} /> : known ? <FilePhotoOf photo={known} step={step} /> : null
}

/** The photo of whoever took one like it down before. */
function FilePhotoOf({ photo, step }: { readonly photo: FilePhoto; readonly step: PlannedStep }) {
  const { state, file } = useJob()
  const about = aboutOf(step)
  const turned = turnOf(photo, state, file)
  return (
    <figure className="grid gap-1">
      <PhotoMap
        id={photo.id}
        alt={say.photographed(step.title)}
        tall={step.limb === 'up' ? 320 : 230}
        turned={turned ?? 0}
        pins={photo.pins.map((p, i) => ({
          key: `${p.of} ${i}`,
          x: p.x,
          y: p.y,
          mark: '●',
          name: nameIn(file, p.of),
          ...(about.has(p.of) ? { now: true } : {}),
        }))}
      />
      <figcaption className="text-[14px] text-steel">{say.fromFile}</figcaption>
      {turned === null && (photo.pose ?? '') !== state.pose.id ? (
        <p className="text-[15px] text-pose">◩ {say.stoodSo(poseName(photo.pose, file), poseName(state.pose.id, file))}</p>
      ) : null}
    </figure>
  )
}

const nameIn = (file: MachineFile | null, id: string): string =>
  [...(file?.parts ?? []), ...(file?.joints ?? []), ...(file?.connections ?? [])].find((x) => x.id === id)?.name ?? id

function OwnPhoto({ step }: { readonly step: PlannedStep }) {
  const { state, file, now, mayWork, log } = useJob()
  const all = photosOf(state, step)
  const [picked, setPicked] = useState<number>()
  const [asTaken, setAsTaken] = useState(false)
  const photo = all[picked ?? all.length - 1] ?? all.at(-1)!
  const own = step.limb === 'up' ? step.pair : step.id
  const about = aboutOf(step)
  const pins = pinsOn(state, file, photo.photo, (of) => of !== undefined && about.has(of.id))
  const turned = turnOf(photo, state, file)
  const stood = (photo.pose ?? '') === state.pose.id
  const at = all.indexOf(photo)
  const tie = (x: number, y: number): void => log('photo-pinned', { photo: photo.photo, x, y, of: { is: 'step', id: own ?? step.id } })
  return (
    <figure className="grid gap-1">
      <PinnedPhoto
        key={photo.photo}
        photo={photo.photo}
        alt={captionOf(photo) ?? say.photographed(step.title)}
        about={(of) => of !== undefined && about.has(of.id)}
        tall={step.limb === 'up' ? 320 : 230}
        turned={asTaken ? 0 : (turned ?? 0)}
        {...(mayWork && step.limb === 'down' ? { onPoint: tie } : {})}
      />
      <figcaption className="flex flex-wrap items-center justify-between gap-2 text-[14px] text-steel">
        <span>{say.yourPhoto(now, clockText(photo.at, now))}</span>
        {turned !== null && turned !== 0 ? (
          <Button weight="quiet" className="min-h-11 text-[14px]" onClick={() => setAsTaken(!asTaken)}>
            {asTaken ? say.asItStands : say.asTaken}
          </Button>
        ) : null}
        {all.length > 1 ? (
          <Button weight="quiet" className="min-h-11 text-[14px]" onClick={() => setPicked((at + 1) % all.length)}>
            {say.photoAt(at + 1, all.length)}
          </Button>
        ) : null}
      </figcaption>
      {turned !== null && turned !== 0 && !asTaken ? <p className="text-[15px] text-pose">◩ {say.turnedNote}</p> : null}
      {turned === null && !stood ? (
        <p className="text-[15px] text-pose">◩ {say.stoodSo(poseName(photo.pose, file), poseName(state.pose.id, file))}</p>
      ) : null}
      {mayWork && step.limb === 'down' && !pins.some((p) => p.now) ? <p className="text-[15px] text-steel">{say.tapWhere}</p> : null}
    </figure>
  )
}

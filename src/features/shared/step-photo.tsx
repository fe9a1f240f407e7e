'use client'
import * as say from '../../words/en/screens/photos'
import { useState } from 'react'
import { photosOf } from '../../core/job'
import { subjectOf } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { clockText } from '../../ui/time'
import { captionOf } from '../../words/en/entries'
import { useJob } from './context'
import { PinnedPhoto } from './pinned-photo'
import { pinsOn, poseName, turnOf } from './pins'

/** The mechanic’s own photo at the step: where the thing was, large on the way back, and turned to how the machine stands now. */
export function StepPhoto({ step }: { readonly step: PlannedStep }) {
  const { state, file, now, mayWork, log } = useJob()
  const all = photosOf(state, step)
  const [picked, setPicked] = useState<number>()
  const [asTaken, setAsTaken] = useState(false)
  const photo = all[picked ?? all.length - 1] ?? all.at(-1)!
  const own = step.limb === 'up' ? step.pair : step.id
  const about = new Set([own, step.id, subjectOf(step.action), ...step.fixings.map((f) => f.id), ...step.parts.map((p) => p.id)])
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

'use client'
import dynamic from 'next/dynamic'
import type { PlannedStep } from '../../core/planning'
import type { DamagePhotoProps } from './damage-photo'
import { LiveRow, SheetCautions } from './later'
import { WorkSheet } from '../workings'
import type { PinnedPhotoProps } from './pinned-photo'

const parts = () => import('./photo-parts')

/** What reads typed lines. */
export const loadLines = () => import('./line-reader')

/** What is asked of workers. Named by each part that asks, it is packed once for each. */
export const loadAside = () => import('../../workers/aside')

/**
 * Photos as a job shows them and what its sheets share, each loaded when the first is shown. A job hands them on in its context: named
 * by each part that shows one, they are packed once for each.
 */
export const VIEWS = {
  LiveRow,
  SheetCautions,
  /** A sum of the bench over a job. */
  WorkSheet,
  /** Where damage is on the photos from the door. */
  Damage: dynamic<DamagePhotoProps>(() => parts().then((m) => m.DamagePhoto)),
  /** A photo of the job with all that lies at its points. */
  Pinned: dynamic<PinnedPhotoProps>(() => parts().then((m) => m.PinnedPhoto)),
  /** The mechanic’s own photo at a step. */
  AtStep: dynamic<{ readonly step: PlannedStep }>(() => parts().then((m) => m.StepPhoto)),
  /** The photo on which one taps where the next thing was. */
  Where: dynamic<{ readonly tall: number }>(() => parts().then((m) => m.WherePhoto)),
}

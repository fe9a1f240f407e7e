'use client'
import { HandBackCard } from './handback-card'
import { HandBackPanel } from './handback-panel'

/** What the stage shows: the page that goes home, or its card. */
export interface HandBackFace {
  readonly face: 'part' | 'card'
}

export function HandBackStage({ face }: HandBackFace) {
  return face === 'part' ? <HandBackPanel /> : <HandBackCard />
}

'use client'
import dynamic from 'next/dynamic'
import type { Wanted } from '../../core/job'
import { GoalCard } from './goal-card'
import { IntakePanel } from './intake-panel'

const DeliverySheet = dynamic(() => import('./delivery-sheet').then((m) => m.DeliverySheet))
const CompareSheet = dynamic(() => import('./compare-sheet').then((m) => m.CompareSheet))

/** What the stage shows: its part, its card, or one of its sheets. */
export type IntakeFace =
  | { readonly face: 'part' }
  | { readonly face: 'card' }
  | { readonly face: 'delivery'; readonly wanted: readonly Wanted[]; readonly onClose: () => void }
  | { readonly face: 'compare'; readonly part: string; readonly onClose: () => void }

export function IntakeStage(props: IntakeFace) {
  switch (props.face) {
    case 'part':
      return <IntakePanel />
    case 'card':
      return <GoalCard />
    case 'delivery':
      return <DeliverySheet wanted={props.wanted} onClose={props.onClose} />
    case 'compare':
      return <CompareSheet part={props.part} onClose={props.onClose} />
  }
}

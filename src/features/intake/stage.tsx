'use client'
import dynamic from 'next/dynamic'
import type { Wanted } from '../../core/job'
import { GoalCard } from './goal-card'
import { IntakePanel } from './intake-panel'
import type { LookAt } from './look-sheet'

const DeliverySheet = dynamic(() => import('./more').then((m) => m.DeliverySheet))
const LookSheet = dynamic(() => import('./more').then((m) => m.LookSheet))
const SettingsSheet = dynamic(() => import('./more').then((m) => m.SettingsSheet))
const CostSheet = dynamic(() => import('./more').then((m) => m.CostSheet))
const CompareSheet = dynamic(() => import('./more').then((m) => m.CompareSheet))

/** What the stage shows: its part, its card, or one of its sheets. */
export type IntakeFace =
  | { readonly face: 'part' }
  | { readonly face: 'card' }
  | { readonly face: 'delivery'; readonly wanted: readonly Wanted[]; readonly onClose: () => void }
  | { readonly face: 'settings'; readonly part: string; readonly of: 'old' | 'new'; readonly onClose: () => void }
  | { readonly face: 'look'; readonly at: LookAt; readonly onClose: () => void }
  | { readonly face: 'cost'; readonly onClose: () => void }
  | { readonly face: 'compare'; readonly part: string; readonly onClose: () => void }

export function IntakeStage(props: IntakeFace) {
  switch (props.face) {
    case 'part':
      return <IntakePanel />
    case 'card':
      return <GoalCard />
    case 'delivery':
      return <DeliverySheet wanted={props.wanted} onClose={props.onClose} />
    case 'settings':
      return <SettingsSheet part={props.part} of={props.of} onClose={props.onClose} />
    case 'look':
      return <LookSheet at={props.at} onClose={props.onClose} />
    case 'cost':
      return <CostSheet onClose={props.onClose} />
    case 'compare':
      return <CompareSheet part={props.part} onClose={props.onClose} />
  }
}

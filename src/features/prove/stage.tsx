'use client'
import type { CheckId } from '../../core/job'
import type { RideStage } from '../../core/ride'
import { CheckSheet } from './check-sheet'
import { FirstPowerSheet } from './first-power-sheet'
import { ProveCard } from './prove-card'
import { ProvePanel } from './prove-panel'
import { RideSheet } from './ride-sheet'

/** What the stage shows: its part, its card, or one of its sheets. */
export type ProveFace =
  | { readonly face: 'part' }
  | { readonly face: 'card' }
  | { readonly face: 'check'; readonly check: CheckId; readonly step?: string; readonly onClose: () => void }
  | { readonly face: 'ride'; readonly stage?: RideStage; readonly onClose: () => void }
  | { readonly face: 'first power'; readonly onClose: () => void }

export function ProveStage(props: ProveFace) {
  switch (props.face) {
    case 'part':
      return <ProvePanel />
    case 'card':
      return <ProveCard />
    case 'check':
      return <CheckSheet check={props.check} onClose={props.onClose} {...(props.step ? { step: props.step } : {})} />
    case 'ride':
      return <RideSheet onClose={props.onClose} {...(props.stage ? { stage: props.stage } : {})} />
    case 'first power':
      return <FirstPowerSheet onClose={props.onClose} />
  }
}

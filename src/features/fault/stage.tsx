'use client'
import dynamic from 'next/dynamic'
import type { TrialPiece } from '../../core/diagnosis'
import { CallSheet } from './call-sheet'
import { FaultCard } from './fault-card'
import { FaultPanel } from './fault-panel'
import { SkipSheet, TestSheet } from './test-sheet'

const TrialSheet = dynamic(() => import('./trial-sheet').then((m) => m.TrialSheet))

/** What the stage shows: its part, its card, or one of its sheets. */
export type FaultFace =
  | { readonly face: 'part' }
  | { readonly face: 'card' }
  | { readonly face: 'test' | 'skip'; readonly test: string; readonly drive: string; readonly onClose: () => void }
  | { readonly face: 'trial'; readonly piece?: TrialPiece; readonly text?: string; readonly back?: boolean; readonly onClose: () => void }
  | { readonly face: 'call'; readonly fault?: string; readonly onClose: () => void }

export function FaultStage(props: FaultFace) {
  switch (props.face) {
    case 'part':
      return <FaultPanel />
    case 'card':
      return <FaultCard />
    case 'test':
      return <TestSheet key={props.test} test={props.test} drive={props.drive} onClose={props.onClose} />
    case 'skip':
      return <SkipSheet test={props.test} drive={props.drive} onClose={props.onClose} />
    case 'trial':
      return (
        <TrialSheet
          onClose={props.onClose}
          {...(props.piece ? { piece: props.piece } : {})}
          {...(props.text === undefined ? {} : { text: props.text })}
          {...(props.back ? { back: props.back } : {})}
        />
      )
    case 'call':
      return <CallSheet onClose={props.onClose} {...(props.fault ? { fault: props.fault } : {})} />
  }
}

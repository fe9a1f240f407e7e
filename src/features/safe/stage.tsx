'use client'
import { ProofSheet } from './proof-sheet'
import { PowerSheet, ReadingSheet } from './sheets-electric'

/** What is made safe and measured, at every stage: only sheets. */
export type SafeFace =
  | { readonly face: 'power' | 'reading'; readonly onClose: () => void }
  | { readonly face: 'proof'; readonly step?: string; readonly onClose: () => void }

export function SafeStage(props: SafeFace) {
  switch (props.face) {
    case 'power':
      return <PowerSheet onClose={props.onClose} />
    case 'reading':
      return <ReadingSheet onClose={props.onClose} />
    case 'proof':
      return <ProofSheet onClose={props.onClose} {...(props.step ? { step: props.step } : {})} />
  }
}

'use client'
import { HandBackCard } from './handback-card'
import { NotRepairedSheet } from './not-repaired-sheet'
import { HandBackPanel } from './handback-panel'

/** What the stage shows: the page that goes home, its card, or the sheet of a machine that goes home as it is. */
export type HandBackFace = { readonly face: 'part' | 'card' } | { readonly face: 'not repaired'; readonly onClose: () => void }

export function HandBackStage(props: HandBackFace) {
  switch (props.face) {
    case 'part':
      return <HandBackPanel />
    case 'card':
      return <HandBackCard />
    case 'not repaired':
      return <NotRepairedSheet onClose={props.onClose} />
  }
}

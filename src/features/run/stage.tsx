'use client'
import dynamic from 'next/dynamic'
import type { AnyCheck, Bodies, LookOf, Stage } from '../../core/job'
import { Ladder, type LadderProps } from './ladder'
import { RunCard, type RunCardProps } from './run-card'

const SwapCard = dynamic(() => import('./bottom').then((m) => m.SwapCard))
const TightenSheet = dynamic(() => import('./sheets-all').then((m) => m.TightenSheet))
const MeasureSheet = dynamic(() => import('./sheets-all').then((m) => m.MeasureSheet))
const DiffersSheet = dynamic(() => import('./sheets-all').then((m) => m.DiffersSheet))
const ConvertSheet = dynamic(() => import('./sheets-all').then((m) => m.ConvertSheet))
const LookedSheet = dynamic(() => import('./sheets-all').then((m) => m.LookedSheet))
const TraySheet = dynamic(() => import('./sheets-all').then((m) => m.TraySheet))
const OffSheet = dynamic(() => import('./sheets-all').then((m) => m.OffSheet))
const PlaceSheet = dynamic(() => import('./sheets-all').then((m) => m.PlaceSheet))
const LeftSheet = dynamic(() => import('./sheets-all').then((m) => m.LeftSheet))
const OverrideSheet = dynamic(() => import('./sheets-all').then((m) => m.OverrideSheet))
const MoveBackSheet = dynamic(() => import('./sheets-all').then((m) => m.MoveBackSheet))

/** What the stages down, swap and up show: the run, its card, or one of its sheets. */
export type RunFace =
  | ({ readonly face: 'part' } & LadderProps)
  | ({ readonly face: 'card' } & RunCardProps)
  | { readonly face: 'swap' }
  | { readonly face: 'tray'; readonly cell?: string; readonly onClose: () => void }
  | { readonly face: 'tighten'; readonly step: string; readonly member?: string; readonly onClose: () => void }
  | { readonly face: 'measure'; readonly step: string; readonly body?: Bodies['step-done']; readonly onClose: () => void }
  | { readonly face: 'differs' | 'left' | 'off' | 'place'; readonly step: string; readonly onClose: () => void }
  | { readonly face: 'convert'; readonly set: string; readonly onClose: () => void }
  | { readonly face: 'looked'; readonly of: LookOf; readonly step?: string; readonly onClose: () => void }
  | { readonly face: 'override'; readonly check: AnyCheck; readonly onClose: () => void }
  | { readonly face: 'move'; readonly to: Stage; readonly onClose: () => void }

export function RunStage(props: RunFace) {
  switch (props.face) {
    case 'part':
      return <Ladder {...props} />
    case 'card':
      return <RunCard {...props} />
    case 'swap':
      return <SwapCard />
    case 'tighten':
      return <TightenSheet step={props.step} {...(props.member === undefined ? {} : { member: props.member })} onClose={props.onClose} />
    case 'measure':
      return <MeasureSheet step={props.step} {...(props.body === undefined ? {} : { body: props.body })} onClose={props.onClose} />
    case 'differs':
      return <DiffersSheet step={props.step} onClose={props.onClose} />
    case 'tray':
      return <TraySheet onClose={props.onClose} {...(props.cell === undefined ? {} : { cell: props.cell })} />
    case 'off':
      return <OffSheet step={props.step} onClose={props.onClose} />
    case 'place':
      return <PlaceSheet step={props.step} onClose={props.onClose} />
    case 'left':
      return <LeftSheet step={props.step} onClose={props.onClose} />
    case 'convert':
      return <ConvertSheet set={props.set} onClose={props.onClose} />
    case 'looked':
      return <LookedSheet of={props.of} {...(props.step === undefined ? {} : { step: props.step })} onClose={props.onClose} />
    case 'override':
      return <OverrideSheet check={props.check} onClose={props.onClose} />
    case 'move':
      return <MoveBackSheet to={props.to} onClose={props.onClose} />
  }
}

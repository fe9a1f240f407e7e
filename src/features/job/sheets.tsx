'use client'
import dynamic from 'next/dynamic'
import type { SheetState } from '../shared/context'
import { TightenSheet } from '../run/tighten-sheet'
import { CompareSheet } from '../intake/compare-sheet'
import { ProofSheet } from '../safe/proof-sheet'
import { PowerSheet, ReadingSheet } from '../safe/sheets-electric'
import { JournalSheet, KeysSheet, LineSheet, ShelfSheet, StagesSheet } from './sheets-journal'
import { HandOverSheet, ParkSheet } from './leave-sheets'
import { DiffersSheet, LeftSheet, MoveBackSheet, OverrideSheet } from '../run/sheets-step'

// Sheets of a stage come with its script.
const DeliverySheet = dynamic(() => import('../intake/delivery').then((m) => m.DeliverySheet))
const CallSheet = dynamic(() => import('../fault').then((m) => m.CallSheet))
const TestSheet = dynamic(() => import('../fault').then((m) => m.TestSheet))
const SkipSheet = dynamic(() => import('../fault').then((m) => m.SkipSheet))
const CheckSheet = dynamic(() => import('../prove').then((m) => m.CheckSheet))
const RideSheet = dynamic(() => import('../prove').then((m) => m.RideSheet))

/** The one sheet that is open over a job. */
export function Sheets({
  sheet,
  onClose,
  single,
  onSingle,
}: {
  readonly sheet: SheetState | null
  readonly onClose: () => void
  readonly single: boolean
  readonly onSingle: (on: boolean) => void
}) {
  switch (sheet?.kind) {
    case undefined:
      return null
    case 'line':
      return <LineSheet onClose={onClose} {...(sheet.step ? { step: sheet.step } : {})} />
    case 'reading':
      return <ReadingSheet onClose={onClose} />
    case 'compare':
      return <CompareSheet part={sheet.part} onClose={onClose} />
    case 'delivery':
      return <DeliverySheet wanted={sheet.wanted} onClose={onClose} />
    case 'tighten':
      return <TightenSheet step={sheet.step} onClose={onClose} />
    case 'spin':
      return <CheckSheet check={sheet.check} onClose={onClose} {...(sheet.step ? { step: sheet.step } : {})} />
    case 'ride':
      return <RideSheet stage={sheet.stage} onClose={onClose} />
    case 'test':
      return <TestSheet key={sheet.test} test={sheet.test} drive={sheet.drive} onClose={onClose} />
    case 'skip test':
      return <SkipSheet test={sheet.test} drive={sheet.drive} onClose={onClose} />
    case 'call':
      return <CallSheet onClose={onClose} {...(sheet.fault ? { fault: sheet.fault } : {})} />
    case 'proof':
      return <ProofSheet onClose={onClose} {...(sheet.step ? { step: sheet.step } : {})} />
    case 'power':
      return <PowerSheet onClose={onClose} />
    case 'differs':
      return <DiffersSheet step={sheet.step} onClose={onClose} />
    case 'left':
      return <LeftSheet step={sheet.step} onClose={onClose} />
    case 'override':
      return <OverrideSheet check={sheet.check} onClose={onClose} />
    case 'move':
      return <MoveBackSheet to={sheet.to} onClose={onClose} />
    case 'park':
      return <ParkSheet onClose={onClose} />
    case 'hand over':
      return <HandOverSheet onClose={onClose} />
    case 'journal':
      return <JournalSheet onClose={onClose} />
    case 'shelf':
      return <ShelfSheet onClose={onClose} />
    case 'stages':
      return <StagesSheet onClose={onClose} />
    case 'keys':
      return <KeysSheet onClose={onClose} single={single} onSingle={onSingle} />
  }
}

'use client'
import type { SheetState } from '../shared/context'
import { PowerSheet, ProofSheet, ReadingSheet } from '../safe/sheets-electric'
import { JournalSheet, KeysSheet, LineSheet, ShelfSheet, StagesSheet } from './sheets-journal'
import { DiffersSheet, LeftSheet, MoveBackSheet, OverrideSheet, ParkSheet } from '../run/sheets-step'

/** The one sheet that is open over a job. */
export function Sheets({ sheet, onClose, single, onSingle }: {
  readonly sheet: SheetState | null
  readonly onClose: () => void
  readonly single: boolean
  readonly onSingle: (on: boolean) => void
}) {
  switch (sheet?.kind) {
    case undefined: return null
    case 'line': return <LineSheet onClose={onClose} {...(sheet.step ? { step: sheet.step } : {})} />
    case 'reading': return <ReadingSheet onClose={onClose} />
    case 'proof': return <ProofSheet onClose={onClose} {...(sheet.step ? { step: sheet.step } : {})} />
    case 'power': return <PowerSheet onClose={onClose} />
    case 'differs': return <DiffersSheet step={sheet.step} onClose={onClose} />
    case 'left': return <LeftSheet step={sheet.step} onClose={onClose} />
    case 'override': return <OverrideSheet check={sheet.check} onClose={onClose} />
    case 'move': return <MoveBackSheet to={sheet.to} onClose={onClose} />
    case 'park': return <ParkSheet onClose={onClose} />
    case 'journal': return <JournalSheet onClose={onClose} />
    case 'shelf': return <ShelfSheet onClose={onClose} />
    case 'stages': return <StagesSheet onClose={onClose} />
    case 'keys': return <KeysSheet onClose={onClose} single={single} onSingle={onSingle} />
  }
}

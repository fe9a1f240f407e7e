'use client'
import dynamic from 'next/dynamic'
import type { ComponentProps, ReactElement } from 'react'
import { type SheetState, useJob } from '../shared/context'
import { Fault } from '../fault'
import { HandBack } from '../handback'
import { Intake } from '../intake'
import { Prove } from '../prove'
import { Run } from '../run'
import { Safe } from '../safe'
import { CrossOutSheet, JournalSheet, KeysSheet, ShelfSheet, StagesSheet } from './sheets-journal'
import { LineSheet } from './line-sheet'
import { HandOverSheet, ParkSheet } from './leave-sheets'

const WhichSheet = dynamic(() => import('../shared/which-sheet').then((m) => m.WhichSheet))

const PhotosSheet = dynamic(() => import('./photos-sheet').then((m) => m.PhotosSheet))

function Work(props: ComponentProps<ReturnType<typeof useJob>['views']['WorkSheet']>) {
  const { views } = useJob()
  return <views.WorkSheet {...props} />
}

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
}): ReactElement | null {
  switch (sheet?.kind) {
    case undefined:
      return null
    case 'line':
      return <LineSheet onClose={onClose} {...(sheet.step ? { step: sheet.step } : {})} />
    case 'reading':
      return <Safe face="reading" onClose={onClose} />
    case 'compare':
      return <Intake face="compare" part={sheet.part} onClose={onClose} />
    case 'settings':
      return <Intake face="settings" part={sheet.part} of={sheet.of} onClose={onClose} />
    case 'look':
      return <Intake face="look" at={sheet.at} onClose={onClose} />
    case 'cost':
      return <Intake face="cost" onClose={onClose} />
    case 'trial':
      return (
        <Fault
          face="trial"
          onClose={onClose}
          {...(sheet.piece ? { piece: sheet.piece } : {})}
          {...(sheet.text === undefined ? {} : { text: sheet.text })}
          {...(sheet.back ? { back: sheet.back } : {})}
        />
      )
    case 'delivery':
      return <Intake face="delivery" wanted={sheet.wanted} onClose={onClose} />
    case 'tighten':
      return <Run face="tighten" step={sheet.step} onClose={onClose} {...(sheet.member === undefined ? {} : { member: sheet.member })} />
    case 'measure':
      return <Run face="measure" step={sheet.step} onClose={onClose} {...(sheet.body === undefined ? {} : { body: sheet.body })} />
    case 'spin':
      return <Prove face="check" check={sheet.check} onClose={onClose} {...(sheet.step ? { step: sheet.step } : {})} />
    case 'ride':
      return <Prove face="ride" onClose={onClose} {...(sheet.stage ? { stage: sheet.stage } : {})} />
    case 'first power':
      return <Prove face="first power" onClose={onClose} />
    case 'not repaired':
      return <HandBack face="not repaired" onClose={onClose} />
    case 'test':
      return <Fault face="test" test={sheet.test} drive={sheet.drive} onClose={onClose} />
    case 'skip test':
      return <Fault face="skip" test={sheet.test} drive={sheet.drive} onClose={onClose} />
    case 'call':
      return <Fault face="call" onClose={onClose} {...(sheet.fault ? { fault: sheet.fault } : {})} />
    case 'proof':
      return <Safe face="proof" onClose={onClose} {...(sheet.step ? { step: sheet.step } : {})} />
    case 'power':
      return <Safe face="power" onClose={onClose} />
    case 'place':
      return <Run face="place" step={sheet.step} onClose={onClose} />
    case 'differs':
      return <Run face="differs" step={sheet.step} onClose={onClose} />
    case 'left':
      return <Run face="left" step={sheet.step} onClose={onClose} />
    case 'looked over':
      return <Run face="looked" of={sheet.of} onClose={onClose} {...(sheet.step === undefined ? {} : { step: sheet.step })} />
    case 'override':
      return <Run face="override" check={sheet.check} onClose={onClose} />
    case 'convert':
      return <Run face="convert" set={sheet.set} onClose={onClose} />
    case 'move':
      return <Run face="move" to={sheet.to} onClose={onClose} />
    case 'park':
      return <ParkSheet onClose={onClose} />
    case 'hand over':
      return <HandOverSheet onClose={onClose} />
    case 'cross out':
      return <CrossOutSheet entry={sheet.entry} onClose={onClose} />
    case 'journal':
      return <JournalSheet onClose={onClose} />
    case 'which':
      return <WhichSheet onClose={onClose} />
    case 'tray':
      return <Run face="tray" onClose={onClose} {...(sheet.cell === undefined ? {} : { cell: sheet.cell })} />
    case 'off':
      return <Run face="off" step={sheet.step} onClose={onClose} />
    case 'photos':
      return <PhotosSheet onClose={onClose} {...(sheet.photo === undefined ? {} : { photo: sheet.photo })} />
    case 'work': {
      const { kind: _, ...about } = sheet
      return <Work onClose={onClose} {...about} />
    }
    case 'shelf':
      return <ShelfSheet onClose={onClose} />
    case 'stages':
      return <StagesSheet onClose={onClose} />
    case 'keys':
      return <KeysSheet onClose={onClose} single={single} onSingle={onSingle} />
  }
}

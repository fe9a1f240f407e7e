'use client'
import { type CautionSheet, cautionsOn } from '../../core/cautions'
import { chargeOf } from '../../core/job'
import { cautionsOf } from '../../words/en/cautions'
import { useJob } from './context'

/** What a sheet tells of the hazards of what is done on it, the gravest first. */
export function SheetCautionsList({ sheet, className = 'grid gap-1' }: { readonly sheet: CautionSheet; readonly className?: string }) {
  const { file, state } = useJob()
  return (
    <ul className={className}>
      {cautionsOf(cautionsOn(sheet, file, chargeOf(state).cls === 'B')).map((c) => (
        <li key={c.id} className="text-[15px] leading-snug">
          <span className={c.level === 'stop' ? 'font-bold text-stop' : 'font-bold text-look'}>{c.level === 'stop' ? '▲' : '◆'} </span>
          {c.text}
        </li>
      ))}
    </ul>
  )
}

'use client'
import * as say from '../../words/en/screens/handback'
import { COMPLAINT_NOW, type ComplaintNow } from '../../core/job'
import { Tiles } from '../../ui/field'
import { useJob } from '../shared/context'

/** Is what the owner complained of gone? Asked where there was a complaint. */
export function ComplaintTiles({
  value,
  onChange,
}: {
  readonly value: ComplaintNow | ''
  readonly onChange: (value: ComplaintNow | '') => void
}) {
  const { state } = useJob()
  if (!state.complaint) return null
  return (
    <Tiles
      legend={say.isItGone(state.complaint)}
      name="complaint"
      value={value}
      onChange={onChange}
      options={COMPLAINT_NOW.map((c) => ({ value: c as ComplaintNow | '', label: say.COMPLAINT[c] }))}
    />
  )
}

'use client'
import { useJob } from '../shared/context'
import { BreakawaySheet } from './breakaway-sheet'
import { TightSheet } from './tight-sheet'

/** How tight: for a step down what it takes to undo it, for a step up what to tighten it to and what it was tightened to. */
export function TightenSheet({
  step: id,
  member,
  onClose,
}: {
  readonly step: string
  readonly member?: string
  readonly onClose: () => void
}) {
  const { state } = useJob()
  const step = [...state.down, ...state.up].find((s) => s.id === id)
  if (!step) return null
  return step.limb === 'down' ? (
    <BreakawaySheet step={step} onClose={onClose} />
  ) : (
    <TightSheet step={step} {...(member === undefined ? {} : { member })} onClose={onClose} />
  )
}

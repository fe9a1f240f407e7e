'use client'
import { stuckAs } from '../../core/planning'
import { useJob } from '../shared/context'
import { BreakawaySheet, StuckSheet } from './breakaway-sheet'
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
  const { state, file } = useJob()
  const step = [...state.down, ...state.up].find((s) => s.id === id)
  if (!step) return null
  const on = step.limb === 'down' ? stuckAs(file, step, false) : null
  if (on && on !== 'turned') return <StuckSheet step={step} onClose={onClose} />
  return step.limb === 'down' ? (
    <BreakawaySheet step={step} onClose={onClose} />
  ) : (
    <TightSheet step={step} {...(member === undefined ? {} : { member })} onClose={onClose} />
  )
}

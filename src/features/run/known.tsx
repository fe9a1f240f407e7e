'use client'
import type { FileIndex } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { knownOf } from '../../words/en/known'

/** What the file knows of the thing at hand, small. */
export function Known({ step, index }: { readonly step: PlannedStep; readonly index: FileIndex }) {
  const lines = knownOf(index, step)
  return lines.length > 0 ? <p className="text-[15px] leading-snug text-steel">{lines.join(' ')}</p> : null
}

'use client'
import * as say from '../../words/en/screens/run'
import type { PlannedStep } from '../../core/planning'
import { claimWords } from '../../words/en/claims'
import { useJob } from '../shared/context'

/** Fixings of this step on which two devices disagree, with what each says. */
export function Disputes({ step }: { readonly step: PlannedStep }) {
  const { state } = useJob()
  const disputed = step.fixings.flatMap((f) => state.fixings[f.id] ?? []).filter((f) => f.disputed)
  if (disputed.length === 0) return null
  return (
    <div className="rounded-md border-[3px] border-stop px-3 py-2 text-[16.5px]">
      <p className="font-semibold">
        <span className="text-stop">▲ </span>
        {say.twoDevicesDisagree}
      </p>
      <ul>
        {disputed.map((f) => (
          <li key={f.id}>
            {f.label}, {f.place}: {f.disputed!.map(claimWords).join(say.or)}
          </li>
        ))}
      </ul>
    </div>
  )
}

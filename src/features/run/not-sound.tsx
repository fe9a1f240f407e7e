'use client'
import * as say from '../../words/en/screens/run'
import { expectedDone } from '../../core/job'
import { type FileIndex, isReusedIfSound } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { useJob } from '../shared/context'

/** What goes back only while it is sound is looked at as it comes out: one press takes it out and puts a new one on the list. */
export function NotSound({ step, index }: { readonly step: PlannedStep; readonly index: FileIndex }) {
  const { state, logAll } = useJob()
  if (step.limb !== 'down' || step.wants) return null
  const joints = [...new Set(step.fixings.map((f) => f.joint))].flatMap((id) => index.joints.get(id) ?? []).filter(isReusedIfSound)
  return joints.map((joint) => (
    <Button
      key={joint.id}
      onClick={() =>
        logAll([
          { kind: 'step-done', body: expectedDone(state, step) },
          {
            kind: 'fixing-replaced',
            body: {
              members: step.fixings.filter((f) => f.joint === joint.id).map((f) => f.id),
              label: say.newSameSize(joint.label),
              reason: say.notSoundReason[joint.kind] ?? say.worn,
            },
          },
        ])
      }
    >
      {say.offNotSound(joint.name, say.notSoundReason[joint.kind] ?? say.worn)}
    </Button>
  ))
}

import * as say from '../../words/en/screens/job'
import { stageIndex } from '../../core/job'
import { Button } from '../../ui/button'
import { missingWords } from '../../words/en/missing'
import type { JobContext } from '../shared/context'
import { STAGE_LABEL } from '../../words/en/job-state'

/** The stage on the screen is not the one that the job is at: say so, and offer to move it. */
export function Elsewhere({ job }: { readonly job: JobContext }) {
  const { state, stage, log, open, mayWork, show } = job
  const back = stageIndex(stage) < stageIndex(state.stage)
  const refused = state.moves.at(-1)
  const shut = refused && !refused.inEffect && refused.to === stage ? refused.missing : []
  return (
    <div className="mb-3 rounded-md border border-pose bg-pose-tint px-3 py-2 text-[15.5px]">
      <p>
        {say.theJobIsAt} <strong>{STAGE_LABEL[state.stage].toLowerCase()}</strong>
        {say.youAreLookingAt(STAGE_LABEL[stage].toLowerCase())}
      </p>
      {shut.length > 0 ? <p className="text-stop">{say.cantMoveYet(shut.map((m) => missingWords(m, state)).join(', '))}</p> : null}
      <div className="mt-1 flex flex-wrap gap-2">
        <Button className="min-h-11" onClick={() => show(state.stage)}>
          {say.backToWhere}
        </Button>
        {mayWork ? (
          <Button
            className="min-h-11"
            weight="quiet"
            onClick={() => (back ? open({ kind: 'move', to: stage }) : log('stage-moved', { to: stage }))}
          >
            {say.moveTheJob}
          </Button>
        ) : null}
      </div>
    </div>
  )
}

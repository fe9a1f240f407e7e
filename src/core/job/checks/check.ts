import type { PlannedStep } from '../../planning'
import type { RideKind, StopSign } from '../../ride'
import type { WorkingId } from '../../workings'
import type { Missing } from '../missing'
import type { JobState } from '../state'
import type { When } from '../times'
import type { Gate, Power } from '../vocabulary'
import type { CheckLooks } from './looks'

/** A check: when it matters, what it needs, what it binds, and who may go on without it. Its name on the screen is in `words/en/checks`. */
export interface CheckRule {
  /** Who may go on without it, with a reason. */
  readonly without: 'nobody' | 'lead' | 'mechanic'
  /** Its owner has to have said yes to going on without. */
  readonly asksOwner?: true
  /** Where it stands among the checks of a job: those of the plan in the plan's order between the others. */
  readonly told: 'first' | 'with the plan' | 'last'
  /** When a job has it, beside where a step of its plan passes it. */
  readonly matters?: (state: JobState) => boolean
  /** What it still needs, worked out from the journal. Without this, or where it says nothing, it is looked at, and logged. */
  readonly needs?: (state: JobState, at: When) => readonly Missing[] | undefined
  /** A pass, or a going on without, of before this moment holds no longer, epoch ms. */
  readonly since?: (state: JobState) => number
  readonly binds: Binds
  /** What is looked at, one by one, where it is made by looking; a machine file may put its own in their place. */
  readonly looks?: CheckLooks
  /** Others in their place, as this job has it. */
  readonly looksIn?: (state: JobState) => CheckLooks | null
  /** Sums of the bench that decide it, or tell the wait for it. */
  readonly sums?: readonly WorkingId[]
  /** Steps that it judges, where no step of the plan is it: it falls open when one of them is touched again. */
  readonly judges?: (state: JobState) => readonly PlannedStep[]
  /** It falls open when a ride is stopped for one of these. */
  readonly reopenedBy?: readonly StopSign[]
}

/** What may not be done while a check is not passed. */
export interface Binds {
  readonly gates?: readonly Gate[]
  readonly rides?: readonly RideKind[]
  /** Steps that bring the machine to this state. */
  readonly power?: readonly Power[]
  /** The first step down of a plan; those that open something more; plugs that are parted dead; those that open what a discharge is
   * waited for; those that end a sealed unit; steps that pass another check; those that screw in what a length is asked of. */
  readonly steps?: readonly (
    | 'first down'
    | 'deeper'
    | 'open plug'
    | 'behind a discharge'
    | 'dead'
    | 'spin test'
    | 'ends a sealed unit'
    | 'screwed in'
  )[]
}

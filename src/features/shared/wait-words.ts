import { chargeOf, type JobState } from '../../core/job'
import { clockText } from '../../ui/time'

/** What a step waits for, as the card says it, and the sheet that settles it. */
export function waitWords(state: JobState, reason: string, now: number): string {
  switch (reason) {
    case 'check: replacement matches': return 'The new part compared with the old one'
    case 'check: qualified': return (chargeOf(state).from === 'nobody' ? 'Its voltage is not known, so it counts as above 60 V: say what its charger says, or somebody' : 'Above 60 V: somebody') + ' marked qualified for it, signed in here, makes it safe'
    case 'check: pack triage': return state.packCheck ? `The pack: ${state.packCheck.signs.join(', ')}. It belongs outdoors; only a lead passes it` : 'The pack looked over'
    case 'check: reaction path': return 'The axle held: nuts final, both tabs looked at'
    case 'check: handling strength': {
      const at = Math.max(...state.locks.filter((l) => l.disturbed === undefined).map((l) => l.handlingAt))
      return `Locker at handling strength${Number.isFinite(at) && now > 0 ? `, ${clockText(at, now)}` : ''}`
    }
    default: return reason
  }
}

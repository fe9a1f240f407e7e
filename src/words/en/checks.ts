import { type AnyCheck, type CheckId, isCheck } from '../../core/job'

const NAMES: Readonly<Record<CheckId, string>> = {
  qualified: 'Qualified',
  'pack triage': 'The pack looked over',
  'replacement matches': 'The new part matches the old',
  dead: 'Shown dead',
  support: 'Support',
  'tray adds up': 'The tray adds up',
  'reaction path': 'Axle held against its torque',
  brakes: 'Brakes firm and free',
  'spin test': 'Spun before the lid',
  pinch: 'No lead pinched',
  'handling strength': 'Threadlocker at handling strength',
  'full cure': 'Threadlocker fully cured',
  ridden: 'Ridden',
  calibration: 'Calibrated',
}

/** A check's name as the screen writes it; one that nobody knows by the id that its file gives it. */
export const checkWords = (check: AnyCheck): string => (isCheck(check) ? NAMES[check] : check.charAt(0).toUpperCase() + check.slice(1))

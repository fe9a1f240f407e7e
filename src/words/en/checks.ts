const WORDS: Record<string, string> = {
  'tray adds up': 'The tray adds up', ridden: 'Ridden', 'full cure': 'Locker fully cured', 'reaction path': 'Axle held against its torque', brakes: 'Brakes firm and free',
  'spin test': 'Spun before the lid', pinch: 'No lead pinched', calibration: 'Calibrated', dead: 'Shown dead',
  'pack triage': 'The pack looked over', 'replacement matches': 'The new part matches the old', 'handling strength': 'Locker at handling strength',
}
/** A check's name as the screen writes it. */
export const checkWords = (check: string): string => WORDS[check] ?? check.charAt(0).toUpperCase() + check.slice(1)

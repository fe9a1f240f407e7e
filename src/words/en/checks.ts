import { type AnyCheck, type CheckId, type CheckItem, type CheckStand, isCheck } from '../../core/job'

const NAMES: Readonly<Record<CheckId, string>> = {
  qualified: 'Qualified',
  'pack triage': 'The pack looked over',
  'price agreed': 'The price agreed with its owner',
  'replacement matches': 'The new part matches the old',
  'settings read': 'Settings of the old electronics read',
  'salt water': 'Rid of salt water',
  'sealed unit': 'Sealed: it comes new',
  steering: 'Steering looked over',
  'steering again': 'Steering looked over after the ride',
  dead: 'Shown dead',
  'read again': 'Read again after it was moved',
  support: 'Support',
  'tray adds up': 'The tray adds up',
  'reaction path': 'Motor held against its torque',
  'screw lengths': 'No screw too long',
  'running clearance': 'What turns keeps its distance',
  brakes: 'Brakes firm and free',
  'spin test': 'Spun before the lid',
  pinch: 'No lead pinched',
  tightness: 'Axle, steering and brakes tightened by measure',
  'handling strength': 'Threadlocker at handling strength',
  'full cure': 'Threadlocker fully cured',
  bearings: 'What turns, turns freely',
  'windings cold': 'Windings read again, cold',
  'first power': 'First power, limited',
  'under power': 'Under power',
  whole: 'Whole again',
  'settings made': 'Settings made in the new electronics',
  ridden: 'Proved in use',
  calibration: 'Calibrated',
}

/** A check's name as the screen writes it; one that nobody knows by the id that its file gives it. */
export const checkWords = (check: AnyCheck): string => (isCheck(check) ? NAMES[check] : check.charAt(0).toUpperCase() + check.slice(1))

/** The sheet of a check that is made by looking. */
export const checkSheetTitle = (check: CheckId): string => (check === 'spin test' ? 'Spin test' : NAMES[check])

export const STANDS: Readonly<Record<CheckStand, string>> = {
  'wheels-up': 'Wheels off the ground, the machine held',
  'as-it-rides': 'As it rides: stem up and latched',
  'hands-clear': 'Hands, sleeves, hair and loose leads clear',
  'short-throttle': 'Short throttle, a hand on the switch',
}

export const ITEMS: Readonly<Record<CheckItem, string>> = {
  'turns-forward': 'Turns forward',
  'runs-smoothly': 'Starts off and runs smoothly',
  'no-grinding': 'No grinding, rubbing or smell',
  'brake-stops-it': 'Brake lever stops it',
  'cut-off-cuts': 'Brake cut-off cuts the drive',
  'lights-and-horn': 'Lights and horn',
  'slows-by-regen': 'Slows on closing the throttle (regen)',
  'lever-firm': 'Lever firm, well off the bar',
  'disc-free': 'Disc between the pads, runs free',
  'caliper-tight': 'Caliper bolts tight and marked',
  'nothing-greasy': 'Nothing greasy on disc or pads',
  'left-tab-in': 'Left tab in its slot',
  'right-tab-in': 'Right tab in its slot',
  'washers-under': 'A flat washer under both nuts',
  'nuts-final': 'Both nuts final, marks in line',
  'turns-free': 'Turns freely by hand',
  'no-notches': 'No notches, no grinding',
  'no-play': 'No play across the axle',
  'bolt-in-groove': 'Every bolt where it belongs, the clamp’s through its groove',
  'steering-numbers': 'Each to its number, read on the wrench, marked',
  'steering-pulled': 'Pulled at with both hands: nothing gives',
  'lock-to-lock': 'Lock to lock: free, no play, leads slack',
  'leads-clear': 'Leads off it and out of its way',
  'hoses-clear': 'Hoses off it and out of its way',
  'straps-clear': 'Straps, ties and brackets off it',
  'nothing-hidden': 'No hidden bolt: looked behind and below',
  'mounts-seated': 'Dowels, arms and rubbers in their seats',
  'mount-bolts-final': 'Every bolt of the mounting final and marked',
  'nothing-gives': 'Twisted by hand: nothing gives',
}

/** What was looked at: ours by its id, a machine file's own in its words. */
export const itemWords = (of: { readonly item: CheckItem } | { readonly name: string }): string => ('item' in of ? ITEMS[of.item] : of.name)

import { CAUTION_IDS, CAUTION_LEVELS, type CautionId, type CautionSheet, isCaution } from '../../core/cautions'

/** A caution as the screen gives it. */
export interface Caution {
  readonly id: string
  readonly level: 'stop' | 'look'
  readonly text: string
}

/** Texts of the hazard table, by its ids. They give the usual caution and defer to the maker's manual and local rules. */
const TEXTS: Readonly<Record<CautionId, string>> = {
  H1: 'High voltage stays inside: the label’s minutes, then every reading, with a tester tried before and after.',
  H2: 'Try the meter on a known source before and after.',
  H3: 'One hand, the other behind your back; gloves for its voltage on, looked over and blown up.',
  H4: 'DC, right range: look at the dial before the probes touch.',
  H5: 'Press the power button once the pack is apart, then measure.',
  H6: 'Pack apart first, its plug capped. Its own side stays live.',
  H7: 'From here on it is live. Everyone clear; out again after the test if a step needs it dead.',
  H8: 'Never lift a pack that is still plugged in.',
  H9: 'Look that no lead lies under the pack before it is strapped.',
  H10: 'Hot air on the nut only; stop at 80 °C on hub or cable. Pack out and two metres away.',
  H11: 'Hot threadlocker fumes: air and gloves. The nut stays hot.',
  H12: 'Only the screw that came out of this hole: one too long tears the winding.',
  H13: 'Hold the wheel and all that is loose while it goes over.',
  H14: 'Two hands, a cloth below. It is heavier than it looks.',
  H15: 'Its middle over the lift, strapped on, and slowly: it tips before you can catch it.',
  H16: 'Lift and hook rated for it. Anything bends or leans: lower it.',
  H17: 'Beside it, never under it: wheels chocked and stands set before a big bolt is broken loose.',
  H18: 'Never on the jack alone: stands under it, then shake it.',
  H19: 'No lead, hose or brake line under the strap; a pad where it bears.',
  H20: 'What it stands on is rated for it, on flat ground; rock it once before hands go in.',
  H21: 'Nothing of yours under it, now or as it swings; hook closed, slings steep.',
  H22: 'Steering: to the number, marked, looked at by a second person.',
  H23: 'The bolt runs through its groove: look, then pull at it with both hands.',
  H24: 'Every ring back, and sitting in its groove all round: turn it to see.',
  H25: 'Snap rings fly: glasses on.',
  H26: 'Under tension: hold it, and let it go slowly.',
  H27: 'Puller started by hand, straight, all its thread in; glasses on, nobody in line with it.',
  H28: 'Strong magnets: fingers clear, no steel chips near.',
  H29: 'Its edges cut: gloves. No grease, oil or threadlocker where it runs.',
  H30: 'No grease, threadlocker or fingers on the brake.',
  H31: 'It will turn: hands, sleeves and hair clear. Short pulses, hand on the switch.',
  H32: 'The machine is held so that it cannot walk off the stand.',
  H33: 'Tab in its slot on both sides, or the axle turns and tears the lead.',
  H34: 'Axle nuts: the number of the machine file, and looked at on every ride.',
  H35: 'Deep ring only: a shallow socket rounds the nut.',
  H36: 'Cut away from the leads, the blade flat: nothing but what is to be cut.',
  H37: 'Tie it close: nothing may reach the spokes.',
  H38: 'Turn lock to lock: the lead must not pull.',
  H39: 'No tight bend and no pull on the lead.',
  H40: 'Seal clean and in its groove all round.',
  H41: 'Which way it faces: turned round it rubs on the seal of the bearing.',
  H42: 'Key in its seat: count it, and feel that it drives.',
  H43: 'All air out first: a rim under pressure flies apart.',
  H44: 'Throttle cannot be knocked; keep clear of both wheels.',
  H45: 'On its head: pad what it stands on; display, levers and lamps clear of the ground.',
  H46: 'Slow and flat: old plastic cracks at the catches.',
  H47: 'Bit fully home, started by hand.',
  H48: 'Two lengths: each back in its own hole.',
  H49: 'Propped before the last one: what this holds will drop.',
  H50: 'Mains out, and wait.',
  H51: 'Hold the crank: it swings when this lets go.',
  H52: 'Threadlocker at handling strength before it is spun; full cure before it is ridden.',
  H53: 'The play out and no more: it still falls to both sides by itself.',
  H54: 'Pressure by number; look that the bead runs true.',
  H55: 'Brake: bolts to the number, runs free, and the lever firm.',
  H56: 'Brake lever pulled: the motor must stop. Try it on the stand first.',
  H57: 'Colour to colour. If it runs backward: stop, do not ride.',
  H58: 'Gloves.',
  H59: 'Hose moved: fill it, bleed it, read the level, look at its clamp when warm.',
  H60: 'A damaged pack goes outdoors and to the recycler, not in the bin.',
  H61: 'Two people for this lift.',
  H62: 'First ride on private ground, helmet on, slowly, brakes tried before speed. Local rules say where it may be ridden.',
  H63: 'Leads in their grooves; seat it by hand. Not flush means something is under it: stop.',
  H64: 'One hand: clip one lead on, keep the other hand clear.',
  H65: 'The plug stays with you; lock and tag where it was.',
  H66: 'A cap on both halves at once: what is bare will be touched.',
  H67: 'Keep the ends apart and covered: a turning wheel makes voltage.',
  H68: 'Driver on its low clutch only to run it in; last turns by hand, no impact driver.',
  H69: 'Light, even, soft-faced; never on an axle end, a bearing or a magnet.',
  H70: 'Look what lies behind before you strike: a lead, a cell, a winding. Block under it.',
  H71: 'Before it is closed: rings, keys and screws counted, a magnet swept round.',
  H72: 'Old threadlocker off, threads clean and dry, none near a bearing.',
  H73: 'Pad and block what hangs free on its side; stem folded or held.',
  H74: 'Both washers on before the nut.',
  H75: 'It can arc: everything switched off, ring and watch off, apart or home in one move.',
  H76: 'It sparks as the capacitor fills: pre-charge lead first where there is one, then home in one move.',
  H77: 'Disc out: nobody pulls the lever. A spacer between the pads.',
  H78: 'The test puts hundreds of volts on it: electronics unplugged, nobody touching, discharged after.',
  H79: 'No threadlocker on plastic: it cracks, days later.',
  H80: 'A pack asleep reads 0 V and wakes: only its plug apart makes it safe.',
  H81: 'A full pack takes no more: the motor’s brake can let go downhill. Brake by hand.',
}

/** A caution by its id. One that a stored file names and nobody knows stops all the same: no pedal passes it. */
export function cautionOf(id: string): Caution {
  if (isCaution(id)) return { id, level: CAUTION_LEVELS[id], text: TEXTS[id] }
  return {
    id,
    level: 'stop',
    text: `The file has a caution that is not known here, “${id}”. Read the maker’s manual for this step.`,
  }
}

/** The gravest first; one that nobody knows before all others. */
export function cautionsOf(ids: readonly string[]): readonly Caution[] {
  const grave = (id: string): number => (CAUTION_IDS as readonly string[]).indexOf(id)
  return [...ids].sort((a, b) => grave(a) - grave(b)).map(cautionOf)
}

const SHEETS: Readonly<Record<CautionSheet, string>> = {
  dead: 'proving that it is dead',
  'spin test': 'the spin test',
  ride: 'a ride',
  stuck: 'something stuck',
  warming: 'warming',
  turned: 'a wheel turned by hand',
  pack: 'looking over the pack',
  'insulation test': 'an insulation test',
}

/** What a sheet that tells cautions is about. */
export function sheetWords(sheet: CautionSheet): string {
  return SHEETS[sheet]
}

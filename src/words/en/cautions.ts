import { CAUTIONS, type CautionId, isCaution } from '../../core/cautions'

/** A caution as the screen gives it. */
export interface Caution {
  readonly level: 'stop' | 'look'
  readonly asks: 'hand' | 'eye'
  readonly text: string
}

/** Texts of the hazard table, by its ids. They give the usual caution and defer to the maker's manual and local rules. */
const TEXTS: Readonly<Record<CautionId, string>> = {
  H2: 'Try the meter on a known source before and after.',
  H4: 'DC, right range: look at the dial before the probes touch.',
  H5: 'Press the power button once the pack is apart, then measure.',
  H6: 'Pack apart first, its plug capped. Its own side stays live.',
  H7: 'From here on it is live. Everyone clear; out again after the test if a step needs it dead.',
  H8: 'Never lift a pack that is still plugged in.',
  H9: 'Look that no lead lies under the pack before it is strapped.',
  H10: 'Hot air on the nut only; stop at 80 °C on hub or cable. Pack out and two metres away.',
  H11: 'Hot threadlocker fumes: air and gloves. The nut stays hot.',
  H14: 'Two hands, a cloth below. It is heavier than it looks.',
  H22: 'Steering: to the number, marked, looked at by a second person.',
  H25: 'Snap rings fly: glasses on.',
  H26: 'Under tension: hold it, and let it go slowly.',
  H28: 'Strong magnets: fingers clear, no steel chips near.',
  H30: 'No grease, threadlocker or fingers on the brake.',
  H31: 'Spinning wheel: hands, sleeves and hair clear. Short throttle, hand on the switch.',
  H32: 'The machine is held so that it cannot walk off the stand.',
  H33: 'Tab in its slot on both sides, or the axle turns and tears the lead.',
  H34: 'Axle nuts: the number of the machine file, and looked at on every ride.',
  H35: 'Deep ring only: a shallow socket rounds the nut.',
  H36: 'Cut away from the leads, the blade flat: nothing but what is to be cut.',
  H37: 'Tie it close: nothing may reach the spokes.',
  H38: 'Turn lock to lock: the lead must not pull.',
  H39: 'No tight bend and no pull on the lead.',
  H40: 'Seal clean and in its groove all round.',
  H43: 'All air out first: a rim under pressure flies apart.',
  H44: 'Throttle cannot be knocked; keep clear of both wheels.',
  H46: 'Slow and flat: old plastic cracks at the catches.',
  H47: 'Bit fully home, started by hand.',
  H48: 'Two lengths: each back in its own hole.',
  H50: 'Mains out, and wait.',
  H52: 'Threadlocker at handling strength before it is spun; full cure before it is ridden.',
  H54: 'Pressure by number; look that the bead runs true.',
  H55: 'Brake: bolts to the number, runs free, and the lever firm.',
  H57: 'Colour to colour. If it runs backward: stop, do not ride.',
  H58: 'Gloves.',
  H60: 'A damaged pack goes outdoors and to the recycler, not in the bin.',
  H61: 'Two people for this lift.',
  H63: 'Leads in their grooves; seat it by hand. Not flush means something is under it: stop.',
  H64: 'One hand: clip one lead on, keep the other hand clear.',
  H67: 'Keep the ends apart and covered: a turning wheel makes voltage.',
  H72: 'Old threadlocker off, threads clean and dry, none near a bearing.',
  H74: 'Both washers on before the nut.',
}

/** A caution by its id. One that a stored file names and nobody knows stops all the same: no pedal passes it. */
export function cautionOf(id: string): Caution {
  if (isCaution(id)) return { level: CAUTIONS[id].level, asks: CAUTIONS[id].asks, text: TEXTS[id] }
  return {
    level: 'stop',
    asks: 'hand',
    text: `The file has a caution that is not known here, “${id}”. Read the maker’s manual for this step.`,
  }
}

/** The grave ones first. */
export function cautionsOf(ids: readonly string[]): readonly Caution[] {
  const known = ids.map(cautionOf)
  return [...known.filter((c) => c.level === 'stop'), ...known.filter((c) => c.level === 'look')]
}

import type { CautionId } from '../../core/machine'

/** A caution as the screen gives it. `stop`: a hazard that a pedal or an unfocused key never passes. */
export interface Caution {
  readonly level: 'stop' | 'look'
  readonly text: string
}

/** Texts of the hazard table, by its ids. They give the usual caution and defer to the maker's manual and local rules. */
export const CAUTIONS: Readonly<Record<CautionId, Caution>> = {
  H2: { level: 'look', text: 'Try the meter on a known source before and after.' },
  H4: { level: 'look', text: 'DC, right range: look at the dial before the probes touch.' },
  H5: { level: 'look', text: 'Press the power button once the pack is apart, then measure.' },
  H6: { level: 'stop', text: 'Pack apart first, its plug capped. Its own side stays live.' },
  H7: { level: 'stop', text: 'From here on it is live. Everyone clear; out again after the test if a step needs it dead.' },
  H8: { level: 'stop', text: 'Never lift a pack that is still plugged in.' },
  H9: { level: 'look', text: 'Look that no lead lies under the pack before it is strapped.' },
  H10: { level: 'stop', text: 'Hot air on the nut only; stop at 80 °C on hub or cable. Pack out and two metres away.' },
  H11: { level: 'look', text: 'Hot threadlocker fumes: air and gloves. The nut stays hot.' },
  H14: { level: 'look', text: 'Two hands, a cloth below. It is heavier than it looks.' },
  H22: { level: 'stop', text: 'Steering: to the number, marked, looked at by a second person.' },
  H25: { level: 'look', text: 'Snap rings fly: glasses on.' },
  H26: { level: 'stop', text: 'Under tension: hold it, and let it go slowly.' },
  H28: { level: 'look', text: 'Strong magnets: fingers clear, no steel chips near.' },
  H30: { level: 'look', text: 'No grease, locker or fingers on the brake.' },
  H31: { level: 'stop', text: 'Spinning wheel: hands, sleeves and hair clear. Short throttle, hand on the switch.' },
  H32: { level: 'stop', text: 'The machine is held so that it cannot walk off the stand.' },
  H33: { level: 'look', text: 'Tab in its slot on both sides, or the axle turns and tears the lead.' },
  H34: { level: 'stop', text: 'Axle nuts: the number of the machine file, and looked at on every ride.' },
  H35: { level: 'look', text: 'Deep ring only: a shallow socket rounds the nut.' },
  H36: { level: 'look', text: 'Cut away from the leads: only the tie.' },
  H37: { level: 'look', text: 'Tie it close: nothing may reach the spokes.' },
  H38: { level: 'look', text: 'Turn lock to lock: the lead must not pull.' },
  H39: { level: 'look', text: 'No tight bend and no pull on the lead.' },
  H40: { level: 'look', text: 'Seal clean and in its groove all round.' },
  H43: { level: 'stop', text: 'All air out first: a rim under pressure flies apart.' },
  H44: { level: 'stop', text: 'Throttle cannot be knocked; keep clear of both wheels.' },
  H46: { level: 'look', text: 'Slow and flat: old plastic cracks at the catches.' },
  H47: { level: 'look', text: 'Bit fully home, started by hand.' },
  H48: { level: 'look', text: 'Two lengths: each back in its own hole.' },
  H50: { level: 'stop', text: 'Mains out, and wait.' },
  H52: { level: 'stop', text: 'Locker at handling strength before it is spun; full cure before it is ridden.' },
  H54: { level: 'look', text: 'Pressure by number; look that the bead runs true.' },
  H55: { level: 'stop', text: 'Brake: bolts to the number, disc between the pads, lever firm.' },
  H57: { level: 'look', text: 'Colour to colour. If it runs backward: stop, do not ride.' },
  H58: { level: 'look', text: 'Gloves.' },
  H60: { level: 'look', text: 'A damaged pack goes outdoors and to the recycler, not in the bin.' },
  H61: { level: 'stop', text: 'Two people for this lift.' },
  H63: { level: 'look', text: 'Leads in their grooves; seat it by hand. Not flush means something is under it: stop.' },
  H64: { level: 'look', text: 'One hand: clip one lead on, keep the other hand clear.' },
  H67: { level: 'look', text: 'Keep the ends apart and covered: a turning wheel makes voltage.' },
  H72: { level: 'look', text: 'Old locker off, threads clean and dry, none near a bearing.' },
  H74: { level: 'look', text: 'Both washers on before the nut.' },
}

/** A caution by its id. One that a stored file names and nobody knows stops all the same: no pedal passes it. */
export const cautionOf = (id: string): Caution => (Object.hasOwn(CAUTIONS, id) ? CAUTIONS[id as CautionId] : { level: 'stop', text: `The file has a caution that is not known here, “${id}”. Read the maker’s manual for this step.` })

export function cautionsOf(ids: readonly string[]): readonly Caution[] {
  const known = ids.map(cautionOf)
  return [...known.filter((c) => c.level === 'stop'), ...known.filter((c) => c.level === 'look')]
}

import { type Doubted, judgeWithin, through, total } from '../doubt'

/** A gap by sheets of paper: so many of a pack whose thickness is known, mm. */
export interface Sheets {
  readonly count: number
  /** Thickness of the pack, mm, and how many sheets are in it. */
  readonly pack: Doubted
  readonly inPack: number
}

/**
 * A gap from sheets that just pass it: `n·pack/sheets`. One sheet more does not pass: half a sheet either way, evenly.
 * @throws RangeError unless counts are whole and above 0
 * @example gapOfSheets({ count: 4, pack: { value: 52, u: 0.3 }, inPack: 500 }) // 0.468 ± 0.03 mm
 */
export function gapOfSheets({ count, pack, inPack }: Sheets): Doubted {
  if (!Number.isInteger(count) || count < 1 || !Number.isInteger(inPack) || inPack < 1)
    throw new RangeError(`whole sheets are wanted, got ${count} of ${inPack}`)
  const sheet = { value: pack.value / inPack, u: pack.u / inPack }
  const counted = { value: (count + 0.5) * sheet.value, u: Math.hypot((count + 0.5) * sheet.u, sheet.value / Math.sqrt(12)) }
  return counted
}

export interface Running {
  readonly least: Doubted
  readonly most: Doubted
  /** Most less least: how much it runs out over a turn. */
  readonly runOut: Doubted
  readonly verdict: 'runs clear' | 'rubs' | 'too far' | 'cannot tell'
}

/** A gap over one turn, its least and its most, against its window, mm. */
export function runningGap(least: Doubted, most: Doubted, low: number, high = Infinity): Running {
  if (most.value < least.value) throw new RangeError(`the most is less than the least: ${most.value} and ${least.value} mm`)
  const [below, above] = [judgeWithin(least, low, Infinity), judgeWithin(most, -Infinity, high)]
  const verdict =
    below.is === 'outside'
      ? 'rubs'
      : above.is === 'outside'
        ? 'too far'
        : below.is === 'inside' && above.is === 'inside'
          ? 'runs clear'
          : 'cannot tell'
  return { least, most, runOut: total([1, most], [-1, least]), verdict }
}

/**
 * Tension of a belt from how far it gives in the middle of its span: `T = F·L/(4·δ)`, its own stiffness left out, δ small against L
 * (statics of a string).
 * @param force N @param span mm, free between the pulleys @param gives mm, above 0 and below a tenth of the span
 */
export function beltTension(force: Doubted, span: Doubted, gives: Doubted): Doubted {
  if (!(gives.value > 0) || gives.value > span.value / 10)
    throw new RangeError(`a belt gives above 0 and below ${span.value / 10} mm, got ${gives.value}`)
  return through(([f, l, d]) => (f! * l!) / (4 * d!), [force, span, gives])
}

/**
 * Tension of a belt from the note of its span: `T = 4·m·L²·f²` (a string’s first mode).
 * @param perMetre kg/m @param span mm @param hertz Hz, each above 0
 */
export function beltNote(perMetre: Doubted, span: Doubted, hertz: Doubted): Doubted {
  if (!(perMetre.value > 0) || !(span.value > 0) || !(hertz.value > 0)) throw new RangeError('mass, span and note must be above 0')
  return through(([m, l, f]) => 4 * m! * (l! / 1000) ** 2 * f! ** 2, [perMetre, span, hertz])
}

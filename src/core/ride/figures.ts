/** What of a brake or a bearing has a figure, mm. */
export type CheckFigure = 'lining' | 'disc' | 'runout' | 'lever' | 'play'

/** Where a figure is right (usual, estimated): at least or at most so much, and from where on it is nearly not. */
interface Limit {
  readonly least?: number
  readonly most?: number
  readonly soon: number
}

/** A lever's travel hangs on the hand and the machine: it is noted, and compared with what it was. */
const LIMITS: Readonly<Record<CheckFigure, Limit | null>> = {
  lining: { least: 1, soon: 1.5 },
  disc: { least: 1.5, soon: 1.6 },
  runout: { most: 0.3, soon: 0.2 },
  lever: null,
  play: { most: 0.5, soon: 0.2 },
}

export interface Measured {
  readonly of: CheckFigure
  readonly mm: number
  readonly least?: number
  readonly most?: number
  /** The limit stands on the part itself. */
  readonly stamped: boolean
  readonly verdict: 'good' | 'look' | 'bad' | 'noted'
}

/**
 * What is left of a lining (without its plate) or a disc, how far a disc runs out or a bearing has play, against what it may be.
 * @param mm 0 or more
 * @param stamped the least that stands on the part, mm; the usual one where there is none
 */
export function judgeFigure(of: CheckFigure, mm: number, stamped?: number): Measured {
  const limit = LIMITS[of]
  if (!limit) return { of, mm, stamped: false, verdict: 'noted' }
  if (limit.most !== undefined)
    return { of, mm, most: limit.most, stamped: false, verdict: mm > limit.most ? 'bad' : mm > limit.soon ? 'look' : 'good' }
  const least = stamped ?? limit.least!
  const soon = least * (limit.soon / limit.least!)
  return { of, mm, least, stamped: stamped !== undefined, verdict: mm < least ? 'bad' : mm < soon ? 'look' : 'good' }
}

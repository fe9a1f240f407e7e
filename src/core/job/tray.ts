import type { LoosePiece, Missing } from './missing'
import type { FixingCondition, FixingState, JobState, PartState } from './state'

/** Conditions that count as loose: lying in the tray, lost, or not yet as tight as they will be. */
const LOOSE: ReadonlySet<FixingCondition> = new Set(['cell', 'lost', 'started', 'seated'])
/** Back as it should be, or never moved. */
const HOME: ReadonlySet<FixingCondition> = new Set(['on', 'left in', 'final', 'marked', 'kept out'])

export function looseFixings(state: Pick<JobState, 'fixings'>): FixingState[] {
  return Object.values(state.fixings).filter((f) => LOOSE.has(f.condition) || f.disputed !== undefined)
}

/** Off the machine or not tight, though not lying loose: in its own hole, on its carrier, cut, loosened. Still to be returned. */
export function waitingFixings(state: Pick<JobState, 'fixings'>): FixingState[] {
  return Object.values(state.fixings).filter((f) => !HOME.has(f.condition) && !LOOSE.has(f.condition) && f.disputed === undefined)
}

export function offParts(state: Pick<JobState, 'parts'>): PartState[] {
  return Object.values(state.parts).filter((p) => (p.condition === 'off' && !p.leftOver) || p.disputed !== undefined)
}

export function loosePiece(f: FixingState, how: LoosePiece['how']): LoosePiece {
  return { is: 'fixing', id: f.id, label: f.label, place: f.place, how, ...(f.where !== undefined ? { cell: f.where } : {}) }
}

/** Pieces of which a new one has to come: a nicked seal, a key with pressed flanks, a torn screw. */
export function wantedNew(state: Pick<JobState, 'fixings'>): readonly LoosePiece[] {
  return Object.values(state.fixings).flatMap((f) => (f.condition === 'new wanted' ? [loosePiece(f, 'waiting')] : []))
}

/** Each piece that is not where it belongs, disputed and lost ones first. */
export function trayMissing(state: Pick<JobState, 'fixings' | 'parts'>, excused: ReadonlySet<string> = new Set()): Missing[] {
  const how = (f: FixingState): 'disputed' | 'lost' | 'loose' => (f.disputed ? 'disputed' : f.condition === 'lost' ? 'lost' : 'loose')
  const rank = { disputed: 0, lost: 1, loose: 2 }
  const fixings = looseFixings(state)
    .filter((f) => !excused.has(f.id))
    .sort((a, b) => rank[how(a)] - rank[how(b)])
  const parts = offParts(state).filter((p) => !excused.has(p.id))
  return [
    ...fixings.map((f) => loosePiece(f, how(f))),
    ...parts.map((p) => ({ is: 'part', name: p.name, disputed: p.disputed !== undefined }) as const),
  ]
}

/** The two-way count: `removed + new = refitted + not going back` when everything has come home. */
export interface Tally {
  readonly removed: number
  readonly fresh: number
  readonly refitted: number
  readonly notGoingBack: number
  /** removed + new − refitted − not going back: how many are still to come home. */
  readonly open: number
  /** Refitted though they never came off. */
  readonly unexplained: readonly FixingState[]
  readonly balanced: boolean
}

/**
 * Reconciles what came off with what went back, fixing by fixing. A cut tie is not going back and a new one takes its place;
 * a lost screw is open until it is found, replaced or kept out.
 */
export function tally(state: Pick<JobState, 'fixings'>): Tally {
  let removed = 0
  let fresh = 0
  let refitted = 0
  let notGoingBack = 0
  const unexplained: FixingState[] = []
  for (const f of Object.values(state.fixings)) {
    const back = f.condition === 'final' || f.condition === 'marked'
    if (!f.hasBeenOut) {
      if (back) unexplained.push(f)
      continue
    }
    removed += f.added ? 0 : 1
    // Of what came along, the first one is new already; what stays out has no new one.
    const renewed = f.replaced + (f.consumable && !f.added && f.condition !== 'kept out' ? 1 : 0)
    fresh += renewed + (f.added ? 1 : 0)
    notGoingBack += renewed + (f.condition === 'kept out' ? 1 : 0)
    if (back) refitted += 1
  }
  const open = removed + fresh - refitted - notGoingBack
  return { removed, fresh, refitted, notGoingBack, open, unexplained, balanced: open === 0 && unexplained.length === 0 }
}

/** Counts for the strip: `19 screws + 5 parts`. */
export function looseCount(state: Pick<JobState, 'fixings' | 'parts'>): { readonly fixings: number; readonly parts: number } {
  return { fixings: looseFixings(state).length, parts: offParts(state).length }
}

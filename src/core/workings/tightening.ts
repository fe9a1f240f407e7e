import {
  assemblyPreload,
  CLASSES,
  type HeadKind,
  type PropertyClass,
  preloadOf,
  standardHead,
  strips,
  type Surface,
  SURFACES,
  TAPPED,
  type Tapped,
  tighteningTorque,
} from '../fasteners'
import { choice, into, mm, strength, surface, thread, threadOf } from './fields'
import { working } from './working'

/** How tight a screw goes, and how hard it then pulls: over the friction that it may have, by the weakest of screw, hole and head. */
export const tightening = working({
  edition: 1,
  group: 'tightness',
  fields: {
    thread: thread('M6'),
    strength,
    head: choice(['cap', 'hexagon', 'countersunk', 'button'], 'cap'),
    surface,
    into,
    engaged: mm(0, 200, { optional: true }),
    torque: { is: 'number', unit: 'Nm', low: 0.01, high: 1000, optional: true },
    prevailing: { is: 'number', unit: 'Nm', low: 0, high: 200, optional: true },
  },
  formula: 'MA = FM·(0.16·P + 0.58·d2·μG + DKm/2·μK);  FM = A0·0.9·Rp0.2/√(1 + 3·(1.5·d2/d0·(P/(π·d2) + 1.155·μG))²)',
  source: 'VDI 2230-1:2015, 5.4.3; classes ISO 898-1, ISO 3506-1; what it is tapped in: estimated',
  basis: 'standard',
  work: ({ word, maybe }) => {
    const t = threadOf(word('thread'))
    const head = standardHead(t.d, word('head') as HeadKind)
    if (!head) return { senseless: 'no head for it' }
    const cls = word('strength') as PropertyClass
    const { low, likely, high } = SURFACES[word('surface') as Surface]
    const hole = word('into') as Tapped
    const engaged = maybe('engaged')?.value ?? TAPPED[hole].engagement * t.d
    const gives = strips(t, cls, hole, engaged)
    // Nine tenths of the yield at the likely friction, four fifths of it for weak heads, and never beyond three quarters of what strips it.
    const full = assemblyPreload(t, CLASSES[cls].yield, likely) * (head.weak ? 0.8 : 1)
    const pull = Math.min(full, 0.75 * gives.at)
    const most = tighteningTorque(t, pull, head, likely)
    const given = maybe('torque')?.value
    const own = maybe('prevailing')?.value ?? 0
    const torque = given ?? most * SHARE
    const pullAt = (mu: number): number => preloadOf(t, Math.max(0, torque), head, mu) / 1000
    const used = (100 * preloadOf(t, torque, head, low)) / (t.stressArea * CLASSES[cls].yield)
    return {
      result: { id: 'set', value: torque + own, unit: 'Nm' },
      also: [
        { id: 'most', value: most, unit: 'Nm' },
        { id: 'pullLow', value: pullAt(high), unit: 'kN' },
        { id: 'pullLikely', value: pullAt(likely), unit: 'kN' },
        { id: 'pullHigh', value: pullAt(low), unit: 'kN' },
        { id: 'used', value: used, unit: '%' },
        { id: 'enough', value: gives.enough, unit: 'mm' },
      ],
      verdict: used > 100 || torque > most * 1.05 ? 'out of range' : 'in range',
      notes: [...(given === undefined ? (['never for critical'] as const) : []), ...(pull < full ? (['hole gives first'] as const) : [])],
    }
  },
})

/** Share of the full torque that is aimed at where nobody gives one: the driest thread then still holds, the slickest does not stretch. */
const SHARE = 0.7

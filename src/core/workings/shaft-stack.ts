import { bevelAtSeal, type FacingPiece, inside, overTheOpening, threadLeft, widthOf } from '../axle'
import { CALIPER } from '../doubt'
import { mm, stack, stackOf, thread, threadOf } from './fields'
import { type Figure, MEANS, type Verdict, working } from './working'

const RANK = { ok: 0, look: 1, stop: 2 } as const

/** Pieces on a shaft, both ends: how wide, into what frame, how much thread is left, and which way they face. */
export const shaftStack = working({
  edition: 1,
  group: 'axle',
  fields: {
    left: stack('nut 10; washer 1.5; tab 3 up; frame 6; spacer 1.5'),
    right: stack('nut 10; washer 1.5; tab 3 up; frame 6; spacer 1.5'),
    hub: mm(0.1, 600, { start: 97, u: 0.1, optional: true }),
    opening: mm(0.1, 600, { start: 100, u: 0.2, optional: true }),
    thread: thread('M12×1.25'),
    leftOut: mm(1, 400, { u: 0.1, optional: true }),
    rightOut: mm(1, 400, { u: 0.1, optional: true }),
  },
  formula: 'over = hub + what is clamped inside the frame;  shows = out of the shoulder − all that is clamped',
  source: 'geometry; JCGM 100 and 106; spread, play and turns: bench rules, estimated',
  basis: 'estimated',
  work: ({ maybe, word }) => {
    const ends = (['left', 'right'] as const).map((side) => stackOf(word(side), CALIPER.width))
    const [left, right] = ends as [readonly FacingPiece[], readonly FacingPiece[]]
    const { pitch } = threadOf(word('thread'))
    const hub = maybe('hub')
    const opening = maybe('opening')
    const found: { readonly verdict: Verdict; readonly where: string }[] = []
    const also: Figure[] = []
    const mmOf = (id: string, of: { readonly value: number; readonly u: number }): void => {
      also.push({ id, value: of.value, u: of.u, unit: 'mm' })
    }
    const inFrame = hub && opening ? overTheOpening(hub, [...inside(left), ...inside(right)], opening) : null
    if (inFrame) {
      mmOf('spread', inFrame.spread)
      mmOf('over', inFrame.over)
      found.push({ verdict: inFrame.verdict, where: 'in the frame' })
    }
    for (const [i, side] of (['left', 'right'] as const).entries()) {
      const pieces = ends[i]!
      if (pieces.length === 0) continue
      mmOf(`${side}Wide`, widthOf(pieces))
      mmOf(`${side}Inside`, widthOf(inside(pieces)))
      const out = maybe(`${side}Out`)
      if (!out || !pieces.some((p) => p.purpose === 'nut' || p.purpose === 'cap')) continue
      const room = pieces.find((p) => p.purpose === 'cap')?.room
      const end = threadLeft(out, pieces, pitch, room === undefined ? undefined : { value: room, u: CALIPER.width })
      mmOf(`${side}Shows`, end.showing)
      found.push({ verdict: end.verdict, where: `${side} end` })
    }
    const rank = (v: Verdict): number => RANK[MEANS[v]]
    const worst = [...found].sort((a, b) => rank(b.verdict) - rank(a.verdict))[0]
    const [result, ...others] = also
    return {
      ...(result ? { result } : {}),
      also: others,
      ...(worst ? { verdict: worst.verdict } : {}),
      why: worst && rank(worst.verdict) > 0 ? found.filter((f) => rank(f.verdict) === rank(worst.verdict)).map((f) => f.where) : [],
      notes: bevelAtSeal(left) || bevelAtSeal(right) ? ['bevel to the seal'] : [],
    }
  },
})

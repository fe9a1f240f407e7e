import { STANDS } from '../machine'
import { checkStatus, relevantChecks } from './check-status'
import { deadAt } from './dead'
import { type Delivered, miscount } from './delivery'
import type { LoosePiece } from './missing'
import { presentStep } from './readiness'
import { stageIndex } from './stages'
import type { JobState } from './state'
import { looseFixings, loosePiece, offParts, wantedNew } from './tray'
import type { AnyCheck, Power } from './vocabulary'

/** Something that whoever takes the job up has to know, as a fact: `words/en/open-items` says it. */
export type OpenItem =
  | { readonly is: 'power'; readonly power: Power; readonly dead: boolean }
  | { readonly is: 'pose'; readonly pose: string; readonly name: string }
  | { readonly is: 'disputed'; readonly pieces: readonly LoosePiece[] }
  | { readonly is: 'lost'; readonly pieces: readonly LoosePiece[] }
  | { readonly is: 'wanted new'; readonly pieces: readonly LoosePiece[] }
  | { readonly is: 'short'; readonly items: readonly Delivered[] }
  | { readonly is: 'loose'; readonly count: number; readonly cells: readonly string[] }
  | { readonly is: 'off'; readonly parts: readonly string[] }
  | { readonly is: 'next'; readonly step: string }
  | { readonly is: 'no strength yet'; readonly product: string; readonly subject: string }
  | { readonly is: 'not passed'; readonly check: AnyCheck }

/** What is open on a job at `at`, the dangerous first: for leaving it overnight, and for handing it over. */
export function openItems(state: JobState, at: number): OpenItem[] {
  const fixings = Object.values(state.fixings)
  const disputed = fixings.filter((f) => f.disputed).map((f) => loosePiece(f, 'disputed'))
  const lost = fixings.filter((f) => f.condition === 'lost').map((f) => loosePiece(f, 'lost'))
  const wanted = wantedNew(state)
  const short = state.delivery && stageIndex(state.stage) < stageIndex('prove') ? miscount(state.delivery.items).short : []
  const cells = [...new Set(looseFixings(state).flatMap((f) => (f.where !== undefined ? [f.where] : [])))].sort((a, b) =>
    a.localeCompare(b, 'en', { numeric: true }),
  )
  const next = presentStep(state, stageIndex(state.stage) >= stageIndex('build up') ? 'up' : 'down', at)
  return [
    { is: 'power', power: state.power.state, dead: deadAt(state.power, at) },
    ...some(state.pose.id !== '' && (state.pose.name !== '' || Object.hasOwn(STANDS, state.pose.id)), {
      is: 'pose',
      pose: state.pose.id,
      name: state.pose.name,
    }),
    ...some(disputed.length > 0, { is: 'disputed', pieces: disputed }),
    ...some(lost.length > 0, { is: 'lost', pieces: lost }),
    ...some(wanted.length > 0, { is: 'wanted new', pieces: wanted }),
    ...some(short.length > 0, { is: 'short', items: short }),
    ...some(cells.length > 0, { is: 'loose', count: looseFixings(state).length, cells }),
    ...some(offParts(state).length > 0, { is: 'off', parts: offParts(state).map((p) => p.name) }),
    ...(next ? [{ is: 'next', step: next.id } as const] : []),
    ...state.locks.filter((l) => at < l.handlingAt).map(({ product, subject }) => ({ is: 'no strength yet', product, subject }) as const),
    ...relevantChecks(state)
      .filter((c) => state.checks[c]?.failed && !checkStatus(state, c, at).open)
      .map((check) => ({ is: 'not passed', check }) as const),
  ]
}

const some = (is: boolean, item: OpenItem): OpenItem[] => (is ? [item] : [])

/** Does it stand out from the rest? */
export function standsOut(item: OpenItem): boolean {
  return item.is === 'power' ? item.power === 'live' || !item.dead : ['disputed', 'lost', 'short', 'not passed'].includes(item.is)
}

import { type Advice, type Belief, beliefWord, type Catalogue, faultsOf, NONE, type RankedTest, suspectsLeft } from '../../core/diagnosis'
import { formatNumber } from '../../core/units'
import { bothNamed } from './diagnosis'
import { numberWord } from './job-state'

/** With a space that does not break: `47 %`. */
export const percent = (p: number): string => `${p >= 0.995 ? '>99' : p < 0.005 ? '<1' : Math.round(p * 100)}\u00a0%`

export function faultName(catalogue: Catalogue, id: string): string {
  return id === NONE ? 'None of these' : bothNamed(faultsOf(id).map((one) => catalogue.faults.find((f) => f.id === one)?.name ?? one))
}

export function actionOf(catalogue: Catalogue, fault: string) {
  const id = catalogue.faults.find((f) => f.id === faultsOf(fault)[0])?.action
  return catalogue.actions.find((a) => a.id === id) ?? null
}

export { beliefWord }

/** The heading over the suspects: how many are left, and what they have in common. */
export function headline(catalogue: Catalogue, now: readonly Belief[], advice: Advice, evidence: number): string {
  if (evidence === 0) return 'Nothing known yet: the usual suspects'
  const left = suspectsLeft(now.map((b) => b.p)).map((i) => now[i]!)
  const share = left.reduce((s, b) => s + b.p, 0)
  const count = `${numberWord(left.length)} suspects left`
  if (advice.stop === 'same job' && advice.act)
    return left.length === 1
      ? `${faultName(catalogue, left[0]!.fault)}: ${percent(share)}`
      : `${count}, and ${left.length === 2 ? 'both' : 'all'} mean: ${advice.act.name}`
  if (left.length === 1) return `${faultName(catalogue, left[0]!.fault)}: ${percent(share)}`
  return left.length <= 4 ? `${count} (${percent(share)})` : `${count}: keep testing`
}

/** `4 min · lid is off already`, `4 min + 19 to get there + 5 to make it dead`. */
export function costWords(r: RankedTest): string {
  const parts = [`${formatNumber(r.test.minutes, 0)} min`]
  if (r.cost.access > 0.4) parts.push(`${formatNumber(r.cost.access, 0)} to get there`)
  if (r.cost.power > 0) parts.push(`${formatNumber(r.cost.power, 0)} to make it ${r.test.power}`)
  const anyway = r.minutes - r.added
  if (anyway > 0.4)
    return `${parts.join(' + ')}, ${anyway > 0.8 * (r.minutes - r.test.minutes) ? 'needed anyway' : `${formatNumber(anyway, 0)} of it needed anyway`}`
  return parts.length > 1 ? parts.join(' + ') : r.test.reach === 'outside' ? `${parts[0]} · nothing to open` : `${parts[0]} · open already`
}

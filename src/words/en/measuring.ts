import type { Judged, Took, Verdict } from '../../core/job'
import type { Want } from '../../core/machine'
import { unitLabel } from '../../core/units'
import { resultWords } from './readings'

const figure = (x: number): string => String(Number(x.toPrecision(4)))

/** What is wanted: `2.6 to 3 bar; never above 3.5 bar`. */
export function wantWords({ low, high, most, within, unit, testVolts, seconds }: Want): string {
  const u = unitLabel(unit)
  const window =
    low !== undefined && high !== undefined
      ? `${figure(low)} to ${figure(high)} ${u}`
      : low !== undefined
        ? `at least ${figure(low)} ${u}`
        : high !== undefined
          ? `at most ${figure(high)} ${u}`
          : within !== undefined
            ? `As it was noted, within ${figure(within)} ${u}`
            : 'Noted as it is'
  const test = testVolts === undefined ? '' : `, with ${testVolts} V${seconds === undefined ? '' : ` for ${seconds} s`}`
  return `${low === undefined && high === undefined ? window : `Wanted: ${window}`}${test}${most === undefined ? '' : `; never above ${figure(most)} ${u}`}.`
}

/** How a figure stands to what is wanted. */
export function verdictWords(v: Verdict, want: Want): string {
  const u = unitLabel(want.unit)
  switch (v.is) {
    case 'inside':
      return `● ${want.name}: inside.`
    case 'noted':
      return `● ${want.name}: noted.`
    case 'missing':
      return `◆ ${want.name}: not read yet.`
    case 'edge':
      return `◆ ${want.name}: ${figure(v.value)} ${u} is at the edge: nearer than the instrument can tell.`
    case 'outside':
      return `▲ ${want.name}: ${figure(v.value)} ${u} is outside by ${figure(v.by)}.${v.turns === undefined || !want.adjust ? '' : turnWords(v.turns, want.adjust.way)}`
    case 'stop':
      return `▲ ${want.name}: ${figure(v.value)} ${u} is above the ${figure(want.most!)} ${u} that it may ever have. Stop: let it down first.`
    case 'no figure':
      return `◆ ${want.name}: that says neither inside nor outside.`
  }
}

/** How much to turn, and which way: ` Turn about 1¼, clockwise.` */
function turnWords(turns: number, way: string): string {
  return ` Turn ${way.replace(/\.$/, '')} ${turns < 0 ? 'the other way round, ' : ''}about ${figure(Math.abs(Math.round(turns * 4) / 4) || 0.25)}.`
}

/** What two or three figures are to each other. */
export function relationWords({ relation, holds, value, by }: Judged['relations'][number], wants: readonly Want[]): string {
  const nameOf = (id: string): string => wants.find((w) => w.id === id)?.name ?? id
  const u = unitLabel(wants.find((w) => w.id === relation.of[0])?.unit ?? '')
  const sign = holds ? '●' : '▲'
  return relation.is === 'sum'
    ? `${sign} ${nameOf(relation.of[0])} and ${nameOf(relation.of[1])} add up to ${figure(value)} ${u}; wanted: ${figure(relation.value)} within ${figure(relation.within)}.`
    : `${sign} ${nameOf(relation.of[0])} is ${figure(Math.abs(by))} ${u} off the middle of ${nameOf(relation.of[1])} and ${nameOf(relation.of[2])}; wanted: within ${figure(relation.within)}.`
}

/** Figures that were noted, by what was wanted: `142.5 mm`. */
export function lastFigures(noted: readonly Took[]): Readonly<Record<string, string>> {
  return Object.fromEntries(noted.map((f) => [f.want, resultWords(f.result, f.unit)]))
}

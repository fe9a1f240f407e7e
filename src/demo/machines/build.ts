import type { Doing, Fact, Guard, Mode } from '../../core/machine'
import type { Quantity } from '../../core/units'

/** Short hands for writing a machine file by program: every one returns plain data. */
export const off = (of: string): Fact => ({ fact: 'off', of })
/** On the way up: back on again. */
export const on = (of: string): Guard => ({ not: off(of) })
export const unplugged = (of: string): Fact => ({ fact: 'unplugged', of })
export const prepared = (of: string): Fact => ({ fact: 'prepared', of })
export const exposed = (of: string): Fact => ({ fact: 'exposed', of })
export const DEAD: Fact = { fact: 'proved', of: 'dead' }
export const all = (...guards: Guard[]): Guard => ({ all: guards })
export const any = (...guards: Guard[]): Guard => ({ any: guards })

export const q = (value: number, unit: string, source: Quantity['source'] = 'machine file'): Quantity => ({ value, unit, source })

/** A mode with minutes spread 25 % down and 60 % up around the likely ones, as an estimate. */
export function way(poses: readonly string[], tool: string | null, likely: number, more: Partial<Mode> = {}): Mode {
  const round = (x: number): number => Math.round(x * 4) / 4
  return { poses, tool, people: 1, minutes: { low: round(likely * 0.75), likely, high: round(likely * 1.6) }, ...more }
}

export function doing(title: string, modes: readonly Mode[], more: Partial<Doing> = {}): Doing {
  return { title, modes, ...more }
}

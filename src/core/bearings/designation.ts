import { BALL, CUP_OUTSIDE, type Size } from './sizes'

export type Seals = 'open' | 'shielded' | 'sealed'
/** Radial clearance group, ISO 5753-1: CN is usual and not written. */
export type Clearance = 'C2' | 'CN' | 'C3' | 'C4' | 'C5'

export interface Bearing {
  /** As it is ordered, without what only its maker writes. */
  readonly designation: string
  readonly kind: 'ball' | 'needle cup'
  readonly size: Size
  readonly seals: Seals
  readonly clearance: Clearance
  /** Small sealed ones are often wider than the standard’s open one: measured, not taken. */
  readonly widthUnsure: boolean
}

/** Not one of the lists, and the nearest that are. */
export interface NoBearing {
  readonly nearest: readonly string[]
}

/** Bore up to which makers widen a sealed bearing, mm (of the 68 and 69 series). */
const WIDENED = 10

/**
 * Reads what stands on a bearing: series and bore, seals, clearance. `6001-2RS C3`, `608ZZ`, `HK1012`. A slip of one letter is not
 * guessed at: the nearest that there are, are named.
 * @example readBearing('6001-2RS C3') // size [12, 28, 8], sealed, C3
 */
export function readBearing(text: string): Bearing | NoBearing {
  const plain = text
    .trim()
    .toUpperCase()
    .replace(/[\s./_-]+/g, ' ')
  const cup = /^HK ?(\d{2})(\d{2})\b/.exec(plain)
  if (cup) {
    const [bore, width] = [Number(cup[1]), Number(cup[2])]
    const outside = CUP_OUTSIDE[bore]
    const kind = { seals: /RS/.test(plain) ? 'sealed' : 'open', clearance: 'CN', widthUnsure: false } as const
    if (outside !== undefined && width >= 5 && width <= 40)
      return { designation: `HK${cup[1]}${cup[2]}`, kind: 'needle cup', size: [bore, outside, width], ...kind }
    return {
      nearest: near(
        `HK${cup[1]}`,
        Object.keys(CUP_OUTSIDE).map((b) => `HK${b.padStart(2, '0')}`),
      ),
    }
  }
  const [, number, rest] = /^(61[89]0\d|61[89]10|\d{3,5})(.*)$/.exec(plain) ?? []
  // 618 and 619 are the full names of 68 and 69.
  const short = number?.replace(/^61([89])/, '6$1') ?? ''
  const size = BALL[short]
  if (!size || rest === undefined) return { nearest: near(short || plain.split(' ')[0]!, Object.keys(BALL)) }
  const seals: Seals = /RS/.test(rest) ? 'sealed' : /Z/.test(rest) ? 'shielded' : 'open'
  const clearance = (/\bC([2345])\b/.exec(rest)?.[0] ?? 'CN') as Clearance
  const widthUnsure = seals !== 'open' && size[0] <= WIDENED && /^6[89]/.test(short)
  const tail = `${seals === 'open' ? '' : seals === 'sealed' ? '-2RS' : '-2Z'}${clearance === 'CN' ? '' : ` ${clearance}`}`
  return { designation: `${short}${tail}`, kind: 'ball', size, seals, clearance, widthUnsure }
}

/** Those one slip away: a digit wrong, missing, one too many, or two in each other’s place; at most four. */
const near = (to: string, all: readonly string[]): readonly string[] => all.filter((d) => slips(d, to) === 1).slice(0, 4)

function slips(a: string, b: string): number {
  if (a === b) return 0
  if (a.length === b.length) {
    const at = [...a].flatMap((c, i) => (c === b[i] ? [] : [i]))
    const swapped = at.length === 2 && at[1] === at[0]! + 1 && a[at[0]!] === b[at[1]!] && a[at[1]!] === b[at[0]!]
    return at.length === 1 || swapped ? 1 : 2
  }
  const [long, shorter] = a.length > b.length ? [a, b] : [b, a]
  if (long.length - shorter.length !== 1) return 2
  return [...long].some((_, i) => long.slice(0, i) + long.slice(i + 1) === shorter) ? 1 : 2
}

/**
 * Which bearings of the lists have what was measured, mm: each figure within so much of the standard’s. What was not measured does not
 * count.
 * @param within 0.3 by caliper, in the housing or on the shaft
 */
export function bearingsOf(
  measured: { readonly bore?: number; readonly outside?: number; readonly width?: number },
  within = 0.3,
): readonly string[] {
  const asked = [measured.bore, measured.outside, measured.width]
  if (asked.every((x) => x === undefined)) return []
  return Object.entries(BALL).flatMap(([name, size]) =>
    asked.every((x, i) => x === undefined || Math.abs(size[i]! - x) <= within) ? [name] : [],
  )
}

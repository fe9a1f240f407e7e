import { type Bearing, readBearing } from './designation'

/** What of a bearing is other than wanted, what matters most first. */
const ASPECTS = ['size', 'kind', 'clearance', 'seals'] as const satisfies readonly (keyof Bearing)[]

export type NumberRead =
  | { readonly is: 'same' }
  | {
      readonly is: 'other'
      readonly in: (typeof ASPECTS)[number]
      readonly read: Bearing
      readonly wanted: Bearing
    }
  | { readonly is: 'not made'; readonly nearest: readonly string[] }

/**
 * A number read off a bearing, held against the one that is wanted: the same, another in what matters most, or none that is made.
 * @param wanted a designation that is made, `6002-2RS`
 */
export function compareNumber(wanted: string, text: string): NumberRead | null {
  if (text.trim() === '') return null
  const [want, read] = [readBearing(wanted), readBearing(text)]
  if ('nearest' in want) return null
  if ('nearest' in read) return { is: 'not made', nearest: read.nearest }
  const other = ASPECTS.find((a) => String(read[a]) !== String(want[a]))
  return other === undefined ? { is: 'same' } : { is: 'other', in: other, read, wanted: want }
}

import { type WireColour, wireColour } from '../../core/harness'

/** Inks of wires on a dark ground; two of them for a two-coloured one. */
const INKS: { readonly [C in WireColour]: readonly [string] | readonly [string, string] } = {
  black: ['#15181b'],
  brown: ['#7d4f2d'],
  red: ['#c7362b'],
  orange: ['#e08430'],
  yellow: ['#f0c534'],
  green: ['#2e9b57'],
  blue: ['#2f6fc0'],
  violet: ['#8257b5'],
  grey: ['#8b949c'],
  white: ['#f6f4ee'],
  pink: ['#e6a1b4'],
  'green-yellow': ['#2e9b57', '#f0c534'],
}

/** A wire’s inks by its colour’s name; grey for a colour that nobody here knows. */
export const wireInks = (colour: string): readonly [string] | readonly [string, string] => INKS[wireColour(colour) ?? 'grey']

const LIGHT: ReadonlySet<WireColour> = new Set(['yellow', 'white', 'pink', 'orange', 'grey'])
/** What can be read on it. */
export const onWire = (colour: string): string => (LIGHT.has(wireColour(colour) ?? 'grey') ? '#15181b' : '#f6f4ee')

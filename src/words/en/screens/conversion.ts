export const convert = (what: string): string => `Convert: ${what}`
export const fromWidth = 'Fitted now'
export const toWidth = 'To be fitted'
export const sameWidth = 'Nothing changes.'
export const goesOn = 'Goes on'
export const comesOff = 'Comes off'
export const staysOn = 'Stays'
export const wantedLater = 'Wanted later'
export const piece = (name: string, place: string): string => `${name}, ${place}`
export const boltAt = (place: string, from: string | undefined, to: string | undefined): string =>
  `Bolt, ${place}: ${from ?? 'none'} now, ${to ?? 'none'} then`
export const makesWidth = (sum: number, off: number): string =>
  off === 0
    ? `It all makes ${sum} mm.`
    : `It all makes ${sum} mm: ${Number(Math.abs(off).toFixed(2))} mm too ${off > 0 ? 'wide' : 'narrow'}.`
export const notPartOfIt = (what: string, why: string): string => `Not part of it: ${what}. ${why}`
export const isNow = (name: string, to: string, from: string): string =>
  `${name.charAt(0).toUpperCase()}${name.slice(1)}: now ${to}; before ${from}.`
export const noPlaceYet = (name: string): string => `The ${name} has no place on it yet.`
export const staysAsItIs = 'It stays as it is'
export const toIt = (name: string): string => `Convert the ${name}`
export const whatLiesThere = 'What came out with it'
export const belongsTo = (name: string, widths: readonly string[], fitted: string): string =>
  `${name} belongs to ${widths.join(' and ')}, not to ${fitted}. Look once more which one is fitted.`
export const firstOff = (names: readonly string[]): string => `First off: ${names.join(', ')}.`
export const convertIt = (label: string): string => `It becomes ${label}`
export const leftOver = 'What comes off is kept by name, and goes home with its owner.'
export const noWayFound = 'The way up could not be worked out. Choose again.'

export const itsName = 'Its name'
export const whatStandsOnIt = 'what stands on it'
export const choose = 'Choose'
export const another = 'Another'
export const takenWith = 'With'
export const seenFromTheWire = (name: string, pins: string): string => `${name}, seen from the wire side: ${pins}`
export const seenIntoTheMouth = (name: string, pins: string): string => `${name}, seen into its mouth: ${pins}`
export const intoItsMouth = 'Into its mouth, parted: left and right have changed places. Tap to turn it.'
export const fromTheWireSide = (keying: string | undefined, releaseHow: string): string =>
  `From the wire side; tap to turn it. ${keying ?? ''} ${releaseHow}`

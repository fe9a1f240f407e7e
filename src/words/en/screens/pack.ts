export const thePackBeforeAnything = 'The pack, before anything is charged'
export const quarantine = (signs: string): string => `Quarantine: ${signs}`
export const doNotCharge =
  'Do not charge it, do not bring it to the bench. Outdoors, on something that does not burn, two metres from anything that does. Refer it to the maker or a licensed recycler; no power until a lead passes it.'
export const sound = '● Sound'
export const packLook = (lowestGroup: number | undefined, temperature: number | undefined): string =>
  `${lowestGroup !== undefined ? `, lowest group ${lowestGroup} V` : ''}${temperature !== undefined ? `, ${temperature} °C` : ''}`
export const anyOfThese = 'Any of these?'
export const lowestCellGroupV = 'Lowest cell group, V'
export const ifThePackShows = 'if the pack shows it'
export const warmestPlaceC = 'Warmest place, °C'
export const aboveIsHot = (hotAbove: number): string => `above ${hotAbove} is hot`
export const toQuarantine = (found: string): string => `To quarantine: ${found}`
export const noneOfThemSound = 'None of them: sound'
export const isNotTheVoltage = (group: string): string => `“${group}” is not the voltage of a cell group: 0 to 5 V.`
export const isNotAPacksTemperature = (warmth: string): string => `“${warmth}” is not a pack’s temperature: −40 to 150 °C.`

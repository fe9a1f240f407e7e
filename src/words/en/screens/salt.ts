export const saltWater = 'Salt water'
export const saltWhy =
  'Salt stays when the water is gone, and eats plugs and boards under power. Rinse with clean water, dry, read the insulation, and only then power.'
export const rinsed = 'Rinsed with clean water'
export const driedHours = 'Dried, hours'
export const dried = 'It has dried'
export const windingToAxle = 'Winding to axle or frame'
export const insulationMegohms = `${windingToAxle}, MΩ`
export const insulationIsReadDead = 'Its insulation is read dead: isolate it and show it dead first.'
export const isolateItAndShow = 'Isolate it and show it dead'
export const howLongDried = (text: string): string =>
  text.trim() === '' ? 'How long did it dry, about?' : `“${text}” is no number of hours, up to 10,000.`
export const overRange = 'Over its range (OL)'
export const logInsulation = 'Log the insulation'
export const isNoInsulation = (text: string): string => `“${text}” is no figure of megohms.`
export const whenDone = (what: string): string => `● ${what}`

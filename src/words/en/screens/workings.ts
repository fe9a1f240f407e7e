export const title = 'Workings'
export const note = 'The sums of the bench, with their doubt. Nothing is logged here: in a job they stand at the step that they decide.'
export const toGuided = 'Guided measurements'
export const comesTo = 'What it comes to'
export const keyIn = 'Key in what is missing.'
export const formula = 'Formula'
export const source = 'From'
export const basis = { standard: 'by a standard', geometry: 'geometry only', estimated: 'limits estimated' } as const
export const marks = { ok: '●', look: '◆', stop: '▲' } as const
export const another = 'Another set beside it'
export const without = 'Without the second'
export const set = (n: 1 | 2): string => (n === 1 ? 'A' : 'B')
export const optional = 'may stay empty'
export const severalReadings = 'several, with spaces'
export const ways = 'Ways, the fewest pieces first'
export const putInJob = 'Put it in the job'
export const was = (title: string): string => `At: ${title}`
export const drawnAs = (title: string): string => `${title}, drawn to scale`
export const atTrueSize = (title: string): string => `${title}, at true size`
export const layItOnTheGlass = 'At true size: lay it on the glass.'
export const atThisStep = 'At this step'
export const allOthers = 'All others'
export const measuredWith = 'Measured with'
export const lengths = 'Lengths'
const some = (n: number, label: string, place: string): string => (n === 1 ? `${label}, ${place}` : `${n} × ${label}`)
/** Why a length is asked: of how many, of what, where, and what lies behind. */
export const lengthAsk = {
  new: (n: number, label: string, place: string, behind: string) =>
    `A new one: ${some(n, label, place)}. Behind it lies ${behind}: how long is it?`,
  'other size': (n: number, label: string, place: string, behind: string) =>
    `Another size than the file’s ${some(n, label, place)}. Behind it lies ${behind}: how long is it?`,
  foreign: (n: number, label: string, place: string, behind: string) =>
    `${some(n, label, place)}: into a motor of another make. Nobody knows how deep ${behind} lies there: measure the hole.`,
  'two lengths': (n: number, label: string, _: string, behind: string) =>
    `${n} × ${label} of a set with two lengths; behind these holes lies ${behind}.`,
  stop: (n: number, label: string, place: string, behind: string) => `Too long here: ${some(n, label, place)}. It would reach ${behind}.`,
} as const
export const otherReaches = (length: number, clearance: number): string =>
  clearance < 0
    ? `The ${length} mm ones would go ${Number((-clearance).toFixed(1))} mm into it.`
    : `The ${length} mm ones come within ${Number(clearance.toFixed(1))} mm of it.`
export const sideBySide = (n: number): string => `Laid side by side: ${n} alike`
export const measureLength = 'Measure'
export const goOnWithout = 'Go on without, why'
/** What would do in its place: lengths in mm. */
export const instead = (longest: number | undefined, washer: number | undefined): string =>
  [longest === undefined ? '' : `At most ${longest} mm here.`, washer === undefined ? '' : `Or ${washer} mm of washers under its head.`]
    .filter((x) => x !== '')
    .join(' ')
export const arm = 'Torque arm'
export const armWanted = 'Its axle wants a torque arm. Fit one, then work it out once more: its arm holds it, or its figures are others.'
export const foreignAsked = 'The new motor is of another make: does its axle hold it? Measure slot and flats, then work it out.'
export const workItOut = 'Work it out'
export const doubt = 'Doubt'
export const ofTwenty = '± is twice the standard uncertainty: 19 of 20 lie within it.'
/** A figure that is the file’s in another unit. */
export const unitSlip = (slip: 'inches' | 'thousandths of an inch' | 'half a turn of the drum', near: number): string =>
  slip === 'half a turn of the drum' ? `Half a turn of the drum? The file says ${near} mm.` : `Read in ${slip}? The file says ${near} mm.`

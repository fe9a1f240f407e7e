export const title = 'Workings'
export const note = 'The sums of the bench, with their doubt. Nothing is logged here: in a job they stand at the step that they decide.'
export const toGuided = 'Guided measurements'
export const toWorkings = 'Workings'
export const comesTo = 'What it comes to'
export const keyIn = 'Key in what is missing.'
export const plusMinus = (u: string): string => `± ${u}`
/** Two standard uncertainties. */
export const ofTwenty = '19 of 20 lie within ±'
export const formula = 'Formula'
export const source = 'From'
export const basis = { standard: 'by a standard', geometry: 'geometry only', estimated: 'limits estimated' } as const
export const marks = { ok: '●', look: '◆', stop: '▲' } as const
export const another = 'Another set beside it'
export const without = 'Without the second'
export const set = (n: 1 | 2): string => (n === 1 ? 'A' : 'B')
export const optional = 'may stay empty'
export const readings = (n: number): string => `${n} readings`
export const severalReadings = 'several, with spaces'
export const yes = 'yes'
export const no = 'no'
export const why = 'Why'
export const ways = 'Ways, the fewest pieces first'
export const by = 'From'
export const putInJob = 'Put it in the job'
export const putAnyway = 'Put it in the job all the same'
export const was = (title: string): string => `At: ${title}`
export const drawnAs = (title: string): string => `${title}, drawn to scale`

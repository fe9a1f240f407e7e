import { count } from '../count'

export const grewFrom = (name: string, number: string): string => `A file of ${name}, grown from job ${number}`
export const addsTo = (name: string, revision: string, number: string): string =>
  `What job ${number} adds to the file of ${name}, ${revision}`
export const lookItOver = 'A lead looks it over and takes it. The next machine of this name is then planned by it.'
export const differences = 'What this one had otherwise'
export const nothingNew = 'Nothing that the file has not.'
export const askEach = 'Not every one may have it: ask at each'
export const doubts = (n: number): string => `Not sure yet (${n})`
export const noDoubts = 'Nothing is left open.'
export const wayDown = (n: number, minutes: number): string =>
  `The way down as it will be planned: ${count(n, 'step')}, about ${Math.round(minutes)} min`
export const cannotBePlanned =
  '▲ It cannot be planned as it stands: two things wait for each other. Put the order right in the job, then look again.'
export const contents = (parts: number, fixings: number, plugs: number, photos: number): string =>
  [count(parts, 'part'), `${fixings} sets of fixings`, count(plugs, 'plug'), count(photos, 'photo')].join(', ')
export const accept = 'Take it as the shop’s file'
export const forALead = 'A lead takes it.'
export const taken = 'It is in the shop’s files already.'
export const toTheJob = 'To the job'
export const toLookOver = 'Grown from jobs, to be looked over'
export const draftOf = (name: string, number: string): string => `${name}, job ${number}`
export const onceSent = 'The machine file that grew from it can be looked over once the last line is sent.'
export const aFileGrew = 'Look over the machine file that grew from it'
export const whatItAdds = 'Look over what it adds to the machine’s file'
export const NOT_ACCEPTED = {
  gone: 'There is nothing to take: the job is gone, not home yet, or nothing came off in it.',
  'not planned': 'It cannot be planned as it stands. Put the order right in the job, then take it.',
  taken: 'It was taken already.',
  'not read': 'The file that it makes cannot be read. Look at the lines of the job: one of them holds what no file can keep.',
} as const

import { count } from '../count'

export const foundOnIt = 'What was found on it'
export const foundNote = (jobs: number): string =>
  `${count(jobs, 'job')} in which a fault was called for sure. The suspects of the next one lean on them.`
export const nothingFound = 'No fault was called for sure on this model yet.'
export const seen = (times: number): string => `${times} ×`
export const nothingToldOrRead = 'Nothing was told of it, and no test was taken.'
export const told = (what: string): string => `Told: ${what}.`
export const showed = (lines: readonly string[]): string => `Showed: ${lines.join('; ')}.`
export const called = (what: string): string => `Called: ${what}.`

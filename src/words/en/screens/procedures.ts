export const guided = 'Guided measurements'
export const guidedNote =
  'Several readings in the right order, and what is worked out from them. Nothing is logged: what comes out is keyed in where it is asked.'
export const isTakenDead = '● Taken dead: isolate it and prove it first.'
export const isTakenLive = '▲ Taken live: keep clear of what turns.'
export const whatComesOut = 'What comes out'
export const nothingYet = 'Key in what you read.'
export const codes = 'Codes as they come'
export const codesHint = 'One after the other: 5 4 6 2 3 1'
export const isNoCode = (text: string): string => `“${text}” is no code: they go from 0 to 7.`
export const from = (source: string): string => `From: ${source}`
export const halves = 'A bad joint, by halves'
export const halvesTells = 'Which of many plugs, lugs and fuses in a row takes the volts, in a few readings.'
export const halvesSteps = [
  'Draw the way from the pack to the motor and number its joints: plugs, fuse, contactor, lugs.',
  'Under its rated load, meter on mV: over the whole way. Up to 20 mV a joint is good, over 50 is bad.',
  'Then over the first half of what is left, as asked. Leads clipped on with the power off.',
] as const
export const joints = 'Joints in the row'
export const over = (from: number, to: number): string => (from === to ? `Over joint ${from}, mV` : `Over joints ${from} to ${to}, mV`)
export const foundAt = (joint: number, drop: number | null): string =>
  drop === null ? `It is joint ${joint}.` : `It is joint ${joint}: about ${drop} mV of it.`
export const leftAre = (from: number, to: number): string => `It is among joints ${from} to ${to}.`
export const nextHalf = 'On with this reading'
export const again = 'From the beginning'
export const noDrop = 'All of it drops no more than good joints do: look elsewhere.'
export const isNoFigure = (text: string): string => `“${text}” is not a figure that can stand here.`
export const marks = { ok: '● ', look: '◆ ', stop: '▲ ' } as const

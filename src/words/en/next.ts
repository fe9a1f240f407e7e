import type { Next, Stage } from '../../core/job'

const BY_STAGE: Readonly<Record<Stage, string>> = {
  'take in': 'Look it over, choose the job',
  'find the fault': 'Note what it does, take a reading',
  'make safe': 'Make it safe',
  'take down': 'Take it down',
  swap: 'Swap the part',
  'build up': 'Build it up',
  prove: 'Prove it, then ride',
  'hand back': 'Hand it back',
}
const AT = {
  'at the bottom': 'At the bottom: swap',
  'log what comes off': 'Log what comes off',
  'all back': 'All back: prove it',
  'start up': 'Start the way up',
} as const

/** What is to be done now, in words. */
export function nextWords(next: Next): string {
  if (next.is === 'stage') return BY_STAGE[next.stage]
  return next.is === 'step' ? next.title : AT[next.is]
}

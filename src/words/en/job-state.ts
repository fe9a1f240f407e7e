import { type JobSummary, type Power, type Stage, STAGES } from '../../core/job'
import { count } from './count'

/** Stage names as the screen writes them. */
export const STAGE_LABEL: Readonly<Record<Stage, string>> = {
  'take in': 'Take in',
  'find the fault': 'Find the fault',
  'make safe': 'Make safe',
  'take down': 'Take down',
  swap: 'Swap',
  'build up': 'Build up',
  prove: 'Prove',
  'hand back': 'Hand back',
}
export const STAGE_LIST = STAGES

/** `19 screws + 5 parts loose`; `nothing loose`. Fixings are called screws, as people do. */
export function looseText(loose: { readonly fixings: number; readonly parts: number }): string {
  if (loose.fixings + loose.parts === 0) return 'nothing loose'
  const both = [loose.fixings > 0 ? count(loose.fixings, 'screw') : '', loose.parts > 0 ? count(loose.parts, 'part') : ''].filter(Boolean)
  return `${both.join(' + ')} loose`
}

const NUMBER = ['None', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten', 'Eleven', 'Twelve']
export const numberWord = (n: number): string => NUMBER[n] ?? String(n)

/**
 * How the electrical state is written: a shape, a word, and the colour's name. Live is an alarm where something is open, loose or being
 * worked on; a machine that is closed is live as its owner uses it, and says so quietly.
 */
export function powerWord(
  power: Power,
  proved: boolean,
  opened: boolean,
): { readonly sign: string; readonly word: string; readonly tone: 'stop' | 'closed' | 'look' | 'ok' } {
  if (power === 'live') return { sign: '▲', word: opened ? 'LIVE' : 'LIVE, CLOSED', tone: opened ? 'stop' : 'closed' }
  if (power === 'isolated') return { sign: '◆', word: proved ? 'ISOLATED, PACK ABOARD' : 'ISOLATED, NOT PROVED', tone: 'look' }
  return proved ? { sign: '●', word: 'PACK OUT', tone: 'ok' } : { sign: '◆', word: 'PACK OUT, NOT PROVED', tone: 'look' }
}

/** Where along its stage a job is, 0 … 1. */
export function stageProgress(s: JobSummary): number {
  // With no file nobody knows how deep it goes: it is drawn half way.
  if (s.stage === 'take down') return s.depth === 0 || s.fileless ? 0.5 : s.done.down / s.depth
  if (s.stage === 'build up') return s.done.upOf === 0 ? 0.5 : s.done.up / s.done.upOf
  return 0
}

/** `step 9 of 14`, `step 5 of 16, up`. */
export function stepText(s: JobSummary): string {
  if (s.stage === 'take down' || s.stage === 'make safe') {
    if (s.depth === 0) return ''
    if (s.fileless) return `${count(s.done.down, 'step')} down`
    return `step ${Math.min(s.done.down + 1, s.depth)} of ${s.depth}`
  }
  if (s.stage === 'build up') return s.done.upOf === 0 ? '' : `step ${Math.min(s.done.up + 1, s.done.upOf)} of ${s.done.upOf}, up`
  return ''
}

const PASS_WORD = { started: 'start by hand', seated: 'seat', final: 'tighten fully', marked: 'mark' } as const
export const passWord = (pass: keyof typeof PASS_WORD): string => PASS_WORD[pass]

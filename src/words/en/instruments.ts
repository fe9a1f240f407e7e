import { daysLeft } from '../../core/instruments'
import { count } from './count'

const dayWords = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/**
 * How a calibration stands, with its sign and colour.
 * @param now epoch ms; 0 where the clock is not known yet
 * @param soon days before its end from which it is told
 */
export function calibrationWords(
  to: string | undefined,
  now: number,
  soon: number,
): { readonly state: 'none' | 'good' | 'soon' | 'ended'; readonly text: string; readonly look: string } {
  if (to === undefined) return { state: 'none', text: '○ no calibration', look: 'text-steel' }
  const day = dayWords.format(new Date(to))
  const left = now > 0 ? daysLeft(to, now) : Infinity
  if (left < 0) return { state: 'ended', text: `◆ calibration ended ${count(-left, 'day')} ago`, look: 'text-look' }
  if (left <= soon) return { state: 'soon', text: `◆ calibrated to ${day}, ${count(left, 'day')} left`, look: 'text-look' }
  return { state: 'good', text: `● calibrated to ${day}`, look: 'text-ok' }
}

'use client'
import * as say from '../words/en/screens/ui'
import { useEffect, useState } from 'react'

/** The present time in epoch ms by `read`, renewed every `everyMs`; 0 before the first paint. */
export function useNow(everyMs = 15_000, read: () => number = Date.now): number {
  const [now, setNow] = useState(0)
  useEffect(() => {
    const tick = (): void => setNow(read())
    tick()
    const timer = setInterval(tick, everyMs)
    return () => clearInterval(timer)
  }, [everyMs, read])
  return now
}

const DAY = 86_400_000
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' })
const date = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

const dated = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })

/** `13:41` today, `Thu 11:25` within a week, `3 Mar, 11:25` beyond, `3 Mar 2024` in another year. */
export function clockText(at: number, now: number): string {
  if (new Date(at).toDateString() === new Date(now).toDateString()) return clock.format(at)
  if (Math.abs(at - now) < 6 * DAY) return day.format(at)
  return (new Date(at).getFullYear() === new Date(now).getFullYear() ? date : dated).format(at)
}

/** `21 h`, `40 min`, `under a minute`. */
export function spanText(ms: number): string {
  const minutes = Math.round(ms / 60_000)
  if (minutes < 1) return say.underAMinute
  if (minutes < 90) return `${minutes} min`
  return `${Math.round(minutes / 60)} h`
}

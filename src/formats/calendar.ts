import { createEvents, type EventAttributes } from 'ics'
import { fail, ok, type Result } from '../core/result'

export interface CalendarItem {
  readonly what: string
  /** The day, `2026-12-24`. */
  readonly on: string
  readonly about: string
}

/** Check-again dates as an iCalendar file (RFC 5545), one all-day event each, with a reminder in the morning of the day. */
export function calendarFile(
  items: readonly CalendarItem[],
  job: string,
): Result<string, { readonly kind: 'calendar'; readonly reason: string }> {
  const events = items.map((item, i): EventAttributes => {
    const [year, month, day] = item.on.split('-').map(Number) as [number, number, number]
    return {
      uid: `${job}-${i}-${item.on}@nailsmith`,
      title: item.what,
      description: item.about,
      start: [year, month, day],
      duration: { days: 1 },
      productId: 'nailsmith',
      alarms: [{ action: 'display', description: item.what, trigger: { hours: 8, before: false } }],
    }
  })
  const { error, value } = createEvents(events)
  return error || !value ? fail({ kind: 'calendar', reason: error?.message ?? 'no event could be made' }) : ok(value)
}

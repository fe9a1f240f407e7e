import { wellFormed } from '../core/text'
import type { PageMark } from '../db/jobs'

/** Reads `?after=` of the list of stands; anything else is the first page. */
export function pageMark(text: string | undefined): PageMark | undefined {
  const found = /^([01])\.(\d{1,15})\.([0-9a-f-]{36})$/.exec(text ?? '')
  return found ? { open: found[1] === '1', sortAt: Number(found[2]), jobId: found[3]! } : undefined
}

export function pageLink(mark: PageMark): string {
  return `/?after=${mark.open ? 1 : 0}.${mark.sortAt}.${mark.jobId}`
}

/** A part of an address as it was meant; null where it cannot be decoded. */
export function decoded(part: string): string | null {
  try {
    return wellFormed(decodeURIComponent(part))
  } catch {
    return null
  }
}

import { searchWords, STAGES } from '../core/job'
import { cut, wellFormed } from '../core/text'
import { ONLY, type PageMark, type StandsFilter } from '../db/jobs'

/** Reads `?after=` of the list of stands; anything else is the first page. */
export function pageMark(text: string | undefined): PageMark | undefined {
  const found = /^([01])\.(\d{1,15})\.([0-9a-f-]{36})$/.exec(text ?? '')
  return found ? { open: found[1] === '1', sortAt: Number(found[2]), jobId: found[3]! } : undefined
}

/** What is asked of the list of stands, as its address says it; what is not known there asks for nothing. */
export interface StandsAsked {
  readonly find: string
  readonly stage: NonNullable<StandsFilter['stage']> | ''
  readonly only: NonNullable<StandsFilter['only']> | ''
}

type Params = Readonly<Record<string, string | readonly string[] | undefined>>

export function standsAsked(params: Params): StandsAsked {
  const one = (name: string): string => (typeof params[name] === 'string' ? params[name] : '')
  return {
    find: cut(wellFormed(one('find')).trim(), 80),
    stage: STAGES.find((s) => s === one('stage').replaceAll('-', ' ')) ?? '',
    only: ONLY.find((o) => o === one('only')) ?? '',
  }
}

/** The filter of an address. Words that hold no letter or digit find nothing. */
export function standsFilter({ find, stage, only }: StandsAsked): StandsFilter {
  return { ...(find ? { words: searchWords(find).slice(0, 12) } : {}), ...(stage ? { stage } : {}), ...(only ? { only } : {}) }
}

export function standsLink(asked: StandsAsked, mark?: PageMark): string {
  const query = new URLSearchParams()
  if (asked.find) query.set('find', asked.find)
  if (asked.stage) query.set('stage', asked.stage.replaceAll(' ', '-'))
  if (asked.only) query.set('only', asked.only)
  if (mark) query.set('after', `${mark.open ? 1 : 0}.${mark.sortAt}.${mark.jobId}`)
  const text = query.toString()
  return text ? `/?${text}` : '/'
}

/** A part of an address as it was meant; null where it cannot be decoded. */
export function decoded(part: string): string | null {
  try {
    return wellFormed(decodeURIComponent(part))
  } catch {
    return null
  }
}

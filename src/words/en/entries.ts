import type { JobState, LeftWhy, PhotoShows, RecheckOf, SkippedWhy } from '../../core/job'
import type { Attempt, AttemptWay } from '../../core/fasteners'
import { count } from './count'
import { titleOf } from './titles'

type One<K extends 'rechecks' | 'skipped' | 'notes'> = JobState[K][number]

export const LEFT_WORDS: Readonly<Record<LeftWhy, string>> = {
  'not in the way': 'Not in the way',
  'going another way': 'Stuck: going another way',
  'somebody else’s job': 'Belongs to somebody else’s job',
  'would break': 'Would break coming off',
}

export const SKIPPED_WORDS: Readonly<Record<SkippedWhy, string>> = {
  'no instrument': 'No instrument for it here',
  'out of reach': 'Cannot be reached',
  'not safe': 'Not safe as it stands',
  'nothing to compare with': 'No good end to compare with',
}

export const RECHECK_WORDS: Readonly<Record<RecheckOf, string>> = {
  'tightened by feel': 'tightened by feel, not measured',
  'axle nut marks': 'Axle nut marks, both ends',
  'brake screws': 'Disc screws and caliper bolts',
  'tyres, brake, play, plugs': 'Tyres, brake, play, plugs',
}

const TRIED_WORDS: Readonly<Record<AttemptWay, string>> = {
  clean: 'cleaned',
  soak: 'oiled',
  tap: 'tapped',
  lever: 'levered',
  warm: 'warmed',
  'give over': 'given over',
  'find the catch': 'looked for a catch',
  'push in': 'pushed home first',
  rock: 'rocked',
  'contact spray': 'contact spray',
  'two picks': 'lifted by two picks',
  'turn it': 'turned by its edge',
  'weight off': 'its weight taken',
  'look for what holds': 'looked for what holds it',
  spread: 'arms spread by hand',
  'count again': 'screws counted again',
  'cut the bead': 'bead cut',
  'pry at a corner': 'pried at a corner',
  'pull straight': 'puller, straight',
  'grip what stands out': 'gripped by what stands out',
  'drill left-hand': 'drilled left-hand',
  'chase it': 'thread chased',
  insert: 'thread insert put in',
}

/** A usual reason, and what was added to it. */
const because = (usual: string | undefined, said: string | undefined): string => [usual, said].filter(Boolean).join(': ')

const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/** What is looked at again. */
export function recheckWhat(r: Pick<One<'rechecks'>, 'of' | 'what' | 'step'>, state: JobState): string {
  const of = r.of && RECHECK_WORDS[r.of]
  return r.what ?? (r.step === undefined ? (of ?? '') : `${titleOf(state, r.step)}: ${of ?? ''}`)
}

/** When it is looked at again. */
export function recheckDue(r: Pick<One<'rechecks'>, 'due' | 'on' | 'kilometres' | 'rides'>): string {
  if (r.due !== undefined) return r.due
  if (r.on !== undefined) return days.format(new Date(r.on))
  if (r.rides !== undefined) return r.rides === 1 ? 'after the first ride' : `after ${count(r.rides, 'ride')}`
  return r.kilometres === undefined ? '' : `after ${r.kilometres} km`
}

export function leftWords(step: { readonly why?: LeftWhy; readonly reason?: string }): string {
  return because(step.why && LEFT_WORDS[step.why], step.reason)
}

export function skippedWords(s: Pick<One<'skipped'>, 'why' | 'reason'>): string {
  return because(s.why && SKIPPED_WORDS[s.why], s.reason)
}

/** What was tried on what does not let go; how warm it was where somebody read it. */
export function triedWords(t: Attempt): string {
  if (t.way !== 'warm' || t.minutes === undefined) return `Stuck: ${TRIED_WORDS[t.way]}`
  const read = [
    ...(t.celsius !== undefined ? [`${t.celsius} °C there`] : []),
    ...(t.nearCelsius !== undefined ? [`${t.nearCelsius} °C near it`] : []),
  ]
  const how = read.length > 0 ? `, ${read.join(', ')}` : ', no temperature read'
  return `Stuck: warmed ${t.minutes} min from ${t.distance ?? '?'} mm${how}; near it: ${t.near ?? 'nothing noted'}`
}

/** A note, whether somebody wrote it or it is a fact. */
export function noteWords(n: Pick<One<'notes'>, 'text' | 'tried' | 'moved' | 'weighed'>, state: Pick<JobState, 'parts'>): string {
  if (n.text !== undefined) return n.text
  if (n.tried) return triedWords(n.tried)
  if (n.moved) return `Over to the new one: ${n.moved.map((p) => state.parts[p]?.name ?? p).join(', ')}`
  if (n.weighed) {
    const { kilometres, partPrice, hourPrice, way } = n.weighed
    return `Weighed at ${kilometres} km, part ${partPrice.toFixed(2)}, hour ${hourPrice.toFixed(2)}: ${way}`
  }
  return ''
}

const PHOTO_WORDS: Readonly<Record<PhotoShows, string>> = {
  delivery: 'What came for the job, laid out',
  label: 'Its label',
  tray: 'The tray',
}

/** What stands below a photo: what somebody said of it, else what it shows. */
export const captionOf = (photo: { readonly caption?: string; readonly shows?: PhotoShows }): string | undefined =>
  photo.caption ?? (photo.shows && PHOTO_WORDS[photo.shows])

import type { Bodies } from '../../core/job'

/** What a piece is that turned up. */
export const STRAY_WORDS: Readonly<Record<Bodies['stray-settled']['is'], string>> = {
  'one of these': 'One of these',
  'of another machine': 'Of another machine',
  'thrown away': 'Thrown away',
}

import { CAUTION_IDS } from '../cautions'
import type { KnownIds } from '../machine'
import { CHECK_IDS } from './checks'

/** What a machine file may name of checks and cautions. */
export const KNOWN_IDS: KnownIds = { checks: CHECK_IDS, cautions: CAUTION_IDS }

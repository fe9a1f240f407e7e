import type { LookOf } from '../../core/job'

/** What somebody looks over and puts their name to. */
export const LOOK_NAMES: Readonly<Record<LookOf, string>> = {
  steering: 'Steering looked over',
  'last look': 'Last look before it moves',
}

import { closed, oneOf, photoId, stepId, text, type Stored } from './fields.schema'
import { PHOTO_SHOWS } from '../vocabulary'

const photo = { photo: photoId().required(), step: stepId(), side: text(40), pose: text(80), caption: text(300) }

export const versions = { 1: closed(photo), 2: closed({ ...photo, shows: oneOf(PHOTO_SHOWS) }) }

const PHOTO = { photo: 'ab'.repeat(32), step: 'down:off:deck-lid', side: 'right', pose: 'upright', caption: 'open deck' } as const

export const samples: Stored<typeof versions> = { 1: PHOTO, 2: { ...PHOTO, shows: 'delivery' } }

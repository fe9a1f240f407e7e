import type { PhotoPoint } from '../off/off'
import type { Pin } from '../state'
import type { PinOf } from '../vocabulary'
import { noted } from './kind'
import type { versions } from './photo-pinned.schema'

type Pinned = PhotoPoint & Pick<Pin, 'mark' | 'from' | 'text'> & { readonly of?: PinOf }

/** A point of a photo, tied to a thing or drawn on. */
export const photoPinned = noted<typeof versions, Pinned>('door', (draft, pin) => draft.pins.push(pin as Pin))

import { closed, photoId, stepId, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ photo: photoId().required(), step: stepId(), side: text(40), pose: text(80), caption: text(300) }) }

export const samples: Stored<typeof versions> = {
  1: { photo: 'ab'.repeat(32), step: 'down:off:deck-lid', side: 'right', pose: 'upright', caption: 'open deck' },
}

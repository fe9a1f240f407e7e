import { point } from './came-off.schema'
import { closed, need, photoId, some, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({ text: need(), side: text(40), photo: photoId() }),
  2: closed({ text: need(), side: text(40), photo: photoId(), pin: some(point) }),
}

export const samples: Stored<typeof versions> = {
  1: { text: 'scraped', side: 'left', photo: 'ab'.repeat(32) },
  2: {
    text: 'scraped',
    side: 'left',
    photo: 'ab'.repeat(32),
    pin: { photo: 'ab'.repeat(32), x: 0.5, y: 0.25 },
  },
}

import { closed, need, photoId, text, type Stored } from './fields.schema'

export const versions = { 1: closed({ text: need(), side: text(40), photo: photoId() }) }

export const samples: Stored<typeof versions> = {
  1: { text: 'scraped', side: 'left', photo: 'ab'.repeat(32) },
}

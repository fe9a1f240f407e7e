import { noted } from './kind'
import type { versions } from './owner-asked.schema'

/** The owner was asked because it costs more than was agreed: who, and what they said. */
export const ownerAsked = noted<typeof versions>('door', (draft, asked) => draft.asked.push(asked))

import { noted } from './kind'
import type { versions } from './plug-looked.schema'

/** A plug that was looked at and pulled, and what it was like; or one that could not be reached. */
export const plugLooked = noted<typeof versions>('work', (draft, plug) => draft.plugs.push(plug))

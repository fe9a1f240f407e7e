import { noted } from './kind'
import type { versions } from './look-made.schema'

/** Something was looked over, each item by itself, by whoever puts their name to it; what was found wrong is a fixing from then on. */
export const lookMade = noted<typeof versions>('work', (draft, look) => draft.looks.push(look))

import { noted } from './kind'
import type { versions } from './salt-water.schema'

/** It was in salt water, it was rinsed, it was dried: what has to come before power, one after the other. */
export const saltWater = noted<typeof versions>('door', (draft, salt) => draft.salt.push(salt))

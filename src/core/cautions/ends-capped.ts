import { rolesOf } from '../machine'
import { type CautionRule, isHigh } from './caution'

/** Roles whose ends carry the pack's voltage, or the motor's. */
const CARRIES = ['feed', 'phases'] as const

export const endsCapped: CautionRule = {
  when: ({ file, connection, limb }) =>
    limb === 'down' &&
    connection !== undefined &&
    isHigh(file) &&
    connection.id !== file.pack?.plug &&
    CARRIES.some((r) => rolesOf(connection).includes(r)),
}

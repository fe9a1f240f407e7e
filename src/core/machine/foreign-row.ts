import type { ForeignRow } from './foreign'

/** The row of a comparison that only a motor of another make is asked. */
const OF_A_MOTOR: ForeignRow = 'pole-pairs'
export const isForeignRow = (id: string): boolean => id === OF_A_MOTOR

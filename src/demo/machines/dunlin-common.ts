/** What the pieces of a Dunlin share. */
export type End = 'front' | 'rear'

/** Puts the end before a name: `front-motor`. */
export type Id = (name: string) => string

export const SIDE = ['on-right']
export const UP = ['upright']

/** The part that carries the motor at that end. */
export const armId = (end: End): string => (end === 'front' ? 'fork' : 'swing-arm')

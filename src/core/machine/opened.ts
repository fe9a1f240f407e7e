/** What a part is to the machine, where what was opened decides how the work is proved. */
export const PART_ROLES = [
  'tyre',
  'wheel',
  'brake',
  'steering',
  'motor',
  'gearbox',
  'controller',
  'display',
  'loom',
  'cooling',
  'pack',
  'supply',
] as const
export type PartRole = (typeof PART_ROLES)[number]

/** What a job opened: parts by their role, a plug that was apart, or only what covers them. */
export const OPENED = [...PART_ROLES, 'plug', 'cover'] as const
export type Opened = (typeof OPENED)[number]

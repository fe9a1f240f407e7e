import type { Bodies } from '../../core/job'

const SALT = { 'was in': 'It was in salt water', rinsed: 'Rinsed with clean water', dried: 'Dried' } as const
export const saltWords = (s: Bodies['salt-water']): string => `${SALT[s.is]}${s.hours === undefined ? '' : `, ${s.hours} h`}`

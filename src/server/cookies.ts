/** Names and lives of the cookies; no code, so that the proxy may read them too. */
export const SESSION_COOKIE = 'nailsmith-session'
export const SESSION_DAYS = 14
/** A browser's own number, from its first visit on. */
export const DEVICE_COOKIE = 'nailsmith-device'
export const DEVICE_SECONDS = 60 * 60 * 24 * 3650

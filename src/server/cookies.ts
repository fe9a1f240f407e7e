/** Names and lives of the cookies; no code, so that the proxy may read them too. */
export const SESSION_COOKIE = 'nailsmith-session'
export const SESSION_DAYS = 14
/** A browser's own number, from its first visit on. It stands in every entry, so it proves nothing. */
export const DEVICE_COOKIE = 'nailsmith-device'
/** What proves that a browser is the device it says: given at sign-in, shown nowhere. */
export const KEY_COOKIE = 'nailsmith-key'
export const DEVICE_SECONDS = 60 * 60 * 24 * 3650

/**
 * The number of this build: one higher with every build that a shop may be renewed to. A client says it with what it sends, so that
 * the server can tell what is from a newer build and has to wait from what is wrong.
 */
export const BUILD = 12

/** The build that freezes the pages which had gone home before it. A shop older than that has to be started with it once. */
export const FREEZING_BUILD = 10
/** The reducer of that build: what the pages were printed by until then. */
export const FREEZING_REDUCER = 6

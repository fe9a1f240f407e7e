/**
 * The number of this build: one higher with every build that a shop may be renewed to. A client says it with what it sends, so that
 * the server can tell what is from a newer build and has to wait from what is wrong.
 */
export const BUILD = 21

/** The build that last gave a kind of entry a new form. A shop writes the forms of builds up to the one it has gone over to. */
export const NEWEST_FORM = 21

/**
 * The number of the closed lists of ids that stand in entries (checks, stages, rungs, places, units and so on): one higher with every
 * id that is added to one. Client and server say theirs; the older side waits, and guesses nothing.
 */
export const VOCABULARY = 9

/** What a client says of itself with every question about a journal. */
export const SAID = { 'x-nailsmith-build': String(BUILD), 'x-nailsmith-vocabulary': String(VOCABULARY) } as const

/** The build that freezes the pages which had gone home before it. A shop older than that has to be started with it once. */
export const FREEZING_BUILD = 10
/** The reducer of that build: what the pages were printed by until then. */
export const FREEZING_REDUCER = 6

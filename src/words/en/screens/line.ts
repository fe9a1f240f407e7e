export const notReadYet = '▲ What reads lines is still on its way. The line stays here: log it again in a moment.'
/** What a typed line is taken for: the words of the journal. */
export const takenAs = (title: string): string => `Logged as: ${title}.`
export const notUnderstood = (pieces: readonly string[]): string =>
  `${pieces.map((p) => `“${p}”`).join(' and ')}: no size or count that is certain, or a second kind. Say it again, or log the line as it stands; nothing is counted then.`

export const notReadYet = '▲ What reads lines is still on its way. The line stays here: log it again in a moment.'
/** What a typed line is taken for: fixings into a cell, or a part. */
export const takenAs = (title: string, count: number, cell: string): string =>
  count > 0 ? `Logged as: ${title}, into ${cell}.` : `Logged as a part: ${title}.`
export const notUnderstood = (pieces: readonly string[]): string =>
  `${pieces.map((p) => `“${p}”`).join(' and ')}: no size or count that is certain, or a second kind. Say it again, or log the line as it stands; nothing is counted then.`

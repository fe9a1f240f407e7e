export const whenToDoIt = 'At another place'
export const now = (after: string | undefined): string => (after === undefined ? 'It is next now.' : `It comes after “${after}” now.`)
export const rightNow = (next: string): string => `Now, before “${next}”`
export const before = (title: string): string => `Before “${title}”`
export const afterAll = 'After all the others'
const minutes = (n: number): string => `${Number(n.toFixed(2))} min`
export const costs = (more: number, turns: readonly string[]): string =>
  [
    more > 0 ? `Costs ${minutes(more)}.` : more < 0 ? `Saves ${minutes(-more)}.` : 'Costs nothing.',
    ...(turns.length > 0 ? [`Turned for it: ${turns.join('; ')}.`] : []),
  ].join(' ')
export const hindered = (first: string, then: string, consequence: string | undefined): string =>
  `“${first}” has to be done before “${then}”.${consequence === undefined ? '' : ` ${consequence}`}`
export const notThere = (place: string, more: number): string => (more === 0 ? place : `${place}, and the ${more} after that`)

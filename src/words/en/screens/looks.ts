/** The sheet of what is looked over and answered for. */
export const notAnswered = (item: string): string => `“${item}”: right, or not?`
export const whatAndWhere = 'What is it, and where? It becomes a step of its own.'
export const whoLooks = 'Who looks? Choose a name.'
export const noServer = 'The shop’s server is not reached, and it has to know who looks. Try again when it is.'
export const byYou = (name: string): string => `Under your name, ${name}.`
export const lookedFirst = (name: string): string => `${name} looked first. Somebody else looks now, and under their own name.`
export const outOf = (out: number, of: number): string => `${out} of ${of} fixings of it are out.`
export const stillIn = (label: string, place: string): string => `${label}, ${place}: still in`
export const eachByItself = 'Each by itself, with eyes and hands'
export const right = 'right'
export const wrong = 'Wrong'
export const found = 'Found one'
export const whatIsIt = 'What is it, and where?'
export const whatIsWrong = 'What is wrong, and where?'
export const secondPerson = 'The second person'
export const handItOver = 'Hand the tablet over. They look, and sign in for this one entry.'
export const name = 'Name'
export const choose = 'choose'
export const passphrase = 'Passphrase'
export const logTheFind = 'Log what was found'
export const putMyName = 'All right: put the name to it'

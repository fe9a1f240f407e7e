export const whatItCosts = 'What it will cost'
export const noCostYet = 'Not estimated yet.'
export const estimateLine = (parts: number, minutes: number, total: number): string =>
  `About ${total}: parts ${parts}, ${Math.round(minutes)} min of work by the plan.`
export const estimateIt = 'Estimate it'
export const anHourCosts = 'An hour costs'
export const partAndPrice = 'Part'
export const itsPrice = 'Its price'
export const oneMorePart = 'One more part'
export const keepTheEstimate = 'Keep the estimate'
export const isNoPrice = (text: string): string => `“${text}” is no price from 0 to ten million.`
export const whatDoesAnHourCost = 'What does an hour cost? 0 where it costs nothing.'
export const whatDoesItCost = (name: string): string => `What does the ${name} cost? 0 where it costs nothing.`
export const priceOfWhat = (price: string): string => `${price} is the price of what?`
export const aboveTheCeiling = (total: number, agreed: number): string =>
  `It will cost about ${total}; ${agreed} were agreed. Ask before anything more is opened. Making it safe and putting it back may go on.`
export const whoWasAsked = 'Who, and how'
export const byTelephone = 'the owner, by telephone'
export const theySaid = 'They said'
export const upToWhat = 'Up to'
export const logTheAnswer = 'Log the answer'
export const whoAndWhat = 'Who was asked, and what they said.'
export const agreed = (sum: number): string => `Agreed up to ${sum}.`

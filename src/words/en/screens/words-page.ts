export const fromAbove = (shape: string): string => `${shape}, from above`
export const whatThingsAreCalled = 'What things are called'
export const whatFitsTheHead = 'What fits the head'
export const cleanItPush = 'Clean it, push the tool home, and look that it sits to its full depth before any force goes on.'
export const whatHoldsParts = 'What holds parts'
export const whatIsDoneWith = 'What is done with it'
export const onTheWayDown = 'On the way down and up'

export const takeTheLastFigure = 'Take the last figure away'
export const close = 'Close'
export const cannotBeDrawnSomething = (what: string): string =>
  `${what} cannot be drawn: something that is stored is of an odd shape. Nothing is lost, and the rest of the page works.`
export const tryItAgain = 'Try it again'
export const underAMinute = 'under a minute'
export const onToTheNext = 'On to the next figure'
export const overItsRange = 'Over its range (OL)'
export const ol = 'OL'

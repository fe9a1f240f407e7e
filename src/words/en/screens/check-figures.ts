import type { CheckFigure, Measured } from '../../../core/ride'

export const howMuchIsLeft = 'By figure, mm; what cannot be reached stays empty'
export const FIGURE_NAMES: Readonly<Record<CheckFigure, string>> = {
  lining: 'lining',
  disc: 'disc',
  runout: 'disc runs out',
  lever: 'lever travel',
  play: 'play',
}
export const theWheel = 'What turns'
export const figureOf = (place: string, of: CheckFigure): string => `${place}: ${FIGURE_NAMES[of]}`
export const leastOf = (place: string): string => `${place}: least that stands on the disc`
export const leastStamped = 'least on it'
export const isNoFigure = (text: string): string => `“${text}” is no length in mm, 0 to 500.`
export const limitWords = ({ name, mm, least, most, stamped, verdict }: Measured & { readonly name: string }): string =>
  `${name} ${mm} mm, ${least === undefined ? `at most ${most}` : `at least ${least}`}${stamped ? '' : ' (usual, estimated)'}${verdict === 'bad' ? ': not right' : ': nearly not'}`

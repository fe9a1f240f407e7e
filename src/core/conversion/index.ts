export { convertWidth, strangers } from './conversion'
export type { Conversion, WidthPiece, WidthSet } from './conversion'

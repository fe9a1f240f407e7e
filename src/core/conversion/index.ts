export { convertWidth, strangers } from './conversion'
export type { WidthPiece, WidthSet } from './conversion'

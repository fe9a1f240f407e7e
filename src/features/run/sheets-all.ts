// The sheets of the run come as one: they share their fields, which are packed once so.
export { ConvertSheet } from './convert-sheet'
export { LookedSheet } from './looked-sheet'
export { MeasureSheet } from './measure-sheet'
export { OffSheet } from './off-sheet'
export { PlaceSheet } from './place-sheet'
export { DiffersSheet, LeftSheet, MoveBackSheet, OverrideSheet } from './sheets-step'
export { TightenSheet } from './tighten-sheet'
export { TraySheet } from './tray-sheet'

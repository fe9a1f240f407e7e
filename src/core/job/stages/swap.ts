import type { StageRule } from './stage'

export const swap: StageRule = { run: 'bottom' }
